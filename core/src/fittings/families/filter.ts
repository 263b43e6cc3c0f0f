import { sizeCode } from '../../quantity/size';
import { endsWords, endWords } from '../end-words';
import { fitting } from '../fitting';
import { type Line, type Made, overMade } from '../line';
import * as socketed from '../lines/socketed';
import * as threaded from '../lines/threaded';
import { TYPICAL_BODIES, defineFamily } from '../part-family';
import type { Feature } from '../part';

interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly betweenMm: number;
  readonly girth: number;
  readonly features: readonly Feature[];
  readonly priceUsd: number;
  readonly made: readonly Made[];
  /** At the end of a suction line, in the water. */
  readonly atTheEnd?: true;
}

/** Strainers and filters in a line (ranges of the trade, from memory). */
const KINDS: readonly Kind[] = [
  {
    mark: 'YT',
    name: 'Y-strainer',
    betweenMm: 40,
    girth: 1.1,
    features: ['strainer'],
    priceUsd: 5,
    made: [
      { line: threaded.NPT_BRASS, from: '1/4', to: '2' },
      { line: threaded.NPT_STAINLESS, from: '1/4', to: '2' },
      { line: threaded.ISO_BRASS, from: '1/4', to: '2' },
      { line: threaded.ISO_STAINLESS, from: '1/4', to: '2' },
      { line: threaded.NPT_PVC, from: '1/2', to: '2' },
      { line: socketed.SCHEDULE_80, from: '1/2', to: '2' },
      { line: socketed.METRIC_PRESSURE, from: '20', to: '63' },
    ],
  },
  {
    mark: 'FI',
    name: 'Screen filter',
    betweenMm: 110,
    girth: 1.7,
    features: ['filter'],
    priceUsd: 14,
    made: [
      { line: threaded.NPT_POLYPROPYLENE, from: '1/2', to: '2' },
      { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '3' },
    ],
  },
  {
    mark: 'FD',
    name: 'Disc filter',
    betweenMm: 130,
    girth: 1.8,
    features: ['filter'],
    priceUsd: 20,
    made: [
      { line: threaded.NPT_POLYPROPYLENE, from: '3/4', to: '2' },
      { line: threaded.ISO_POLYPROPYLENE, from: '3/4', to: '3' },
    ],
  },
  {
    mark: 'FC',
    name: 'Cartridge filter housing',
    betweenMm: 120,
    girth: 2.4,
    features: ['filter'],
    priceUsd: 26,
    made: [
      { line: threaded.NPT_POLYPROPYLENE, from: '1/2', to: '1-1/2' },
      { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '1-1/2' },
    ],
  },
  {
    mark: 'SS',
    name: 'Suction strainer',
    betweenMm: 70,
    girth: 1.4,
    features: ['strainer'],
    priceUsd: 6,
    atTheEnd: true,
    made: [
      { line: threaded.NPT_POLYPROPYLENE, from: '3/4', to: '2' },
      { line: threaded.NPT_STAINLESS, from: '3/4', to: '2' },
      { line: threaded.ISO_POLYPROPYLENE, from: '3/4', to: '3' },
      { line: threaded.ISO_STAINLESS, from: '3/4', to: '2' },
    ],
  },
];

const filter = (kind: Kind) => (line: Line, size: Line['sizes'][number]) =>
  fitting({
    code: `${kind.mark}${line.mark}-${sizeCode(size)}`,
    name: kind.name,
    detail: kind.atTheEnd ? endWords(line.takes(size)) : endsWords([line.takes(size)]),
    size,
    material: line.material,
    ends: kind.atTheEnd ? [{ end: line.takes(size), position: 'outlet' }] : [line.takes(size), line.takes(size)],
    betweenMm: kind.betweenMm,
    girth: kind.girth,
    features: kind.features,
    oneWay: true,
    loss: 'mesh',
    ratedKpa: line.ratedKpa(size),
    priceUsdAtOneInch: kind.priceUsd * Math.sqrt(line.priceFactor),
  });

/** Strainers, filters and their housings; water passes them one way. */
export const filters = defineFamily({
  id: 'filter',
  name: 'Filter and strainer',
  source: TYPICAL_BODIES,
  parts: () => KINDS.flatMap((kind) => overMade(kind.made, filter(kind))),
});
