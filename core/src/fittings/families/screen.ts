import type { End } from '../../connections/end';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endWords } from '../end-words';
import { fitting } from '../fitting';
import { type Line, type Made, overMade } from '../line';
import * as socketed from '../lines/socketed';
import * as tailed from '../lines/tailed';
import * as threaded from '../lines/threaded';
import { type FamilyPart, defineFamily } from '../part-family';
import type { Part, PartEnd } from '../part';

/** Vents and overflows are screened in the drain sizes of every line (ranges of the trade, from memory). */
const VENTS: readonly Made[] = [
  { line: socketed.SCHEDULE_40, from: '1-1/2', to: '4' },
  { line: socketed.DRAIN_US, from: '1-1/2', to: '4' },
  { line: socketed.SEWER_US },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.METRIC_PRESSURE, from: '40', to: '110' },
  { line: socketed.ANZ_PRESSURE, from: '40', to: '100' },
  { line: socketed.ANZ_DRAIN, from: '40', to: '100' },
  { line: socketed.ANZ_STORM },
  { line: socketed.WASTE_SOLVENT },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.EU_DRAIN },
];
/** Over a sight tube: a hole with mesh keeps insects out and lets its air go. */
const SIGHT_TUBES: readonly Made[] = [
  { line: socketed.SCHEDULE_40, from: '1/2', to: '1' },
  { line: socketed.METRIC_PRESSURE, from: '20', to: '32' },
  { line: socketed.ANZ_PRESSURE, from: '15', to: '25' },
  { line: tailed.HOSE_NYLON, from: '1/2', to: '1' },
  { line: tailed.METRIC_HOSE_NYLON, from: '13', to: '25' },
];
/** Small breathers on a thread. */
const BREATHERS: readonly Made[] = [
  { line: threaded.NPT_POLYPROPYLENE, from: '1/2', to: '2' },
  { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
];
/** Automatic air release where a line has a hump. */
const AIR_RELEASE: readonly Made[] = [
  { line: threaded.NPT_POLYPROPYLENE, from: '1/2', to: '2' },
  { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
];

const MESH_MM = 34;
/** An air release of plastic bears this [kPa] (common practice: PN 10). */
const AIR_RELEASE_KPA = 1000;

/** The same part with its far end of stainless mesh. */
const meshed = (part: FamilyPart, lengthMm: number, girth: number): FamilyPart => {
  const [socket] = part.body;
  return socket
    ? {
        ...part,
        body: [
          socket,
          {
            lengthMm,
            outsideMm: socket.outsideMm * girth,
            boreMm: part.boreMm,
            surface: 'mesh',
            material: 'stainless',
          },
        ],
      }
    : part;
};

/** Water leaves by the mesh: a line may end there at a place, or in the open. */
const MESH: PartEnd = { end: { kind: 'own', what: 'open-mesh' }, position: 'outlet', mayStayOpen: 'discharge' };

/** A cap over plain pipe is only set on: it lifts off to clean what it covers. */
const setOver = (end: End): End => (end.kind === 'pipe' && end.part === 'socket' ? { ...end, part: 'loose-cap' } : end);

interface Ending {
  readonly mark: string;
  readonly name: string;
  readonly made: readonly Made[];
  readonly lengthMm: number;
  readonly girth: number;
  readonly usd: number;
  readonly end?: (line: Line, size: NominalSize) => End;
  readonly ratedKpa?: number;
  /** Of which kind of line it is the end: water leaves by that of an overflow. */
  readonly finishes?: Part['finishes'];
}

const ending = ({ mark, name, made, lengthMm, girth, usd, end: endOf, ratedKpa, finishes }: Ending) =>
  overMade(made, (line, size): FamilyPart => {
    const end = endOf?.(line, size) ?? line.takes(size);
    const part = meshed(
      fitting({
        code: `${mark}${line === socketed.SCHEDULE_40 ? '' : line.mark}-${sizeCode(size)}`,
        name,
        detail: `${endWords(end)}, screened`,
        size,
        material: line.material,
        ends: [end],
        betweenMm: lengthMm,
        features: ['screen'],
        loss: 'mesh',
        ratedKpa: ratedKpa ?? null,
        priceUsdAtOneInch: usd,
      }),
      lengthMm,
      girth,
    );
    return {
      ...part,
      ...(finishes && { finishes }),
      ...(finishes === 'overflow' && { ends: [...part.ends, MESH], oneWay: true as const }),
    };
  });

const male = (line: Line, size: NominalSize): End => line.enters(size);

/** Insect-tight ends for vents and overflows, with a stainless mesh of about 1 mm; breathers and air releases on a thread; caps over sight tubes. */
export const screens = defineFamily({
  id: 'screen',
  name: 'Vent and screen',
  source: { document: 'mesh about 1 mm against insects', provenance: 'common-practice' },
  parts: () => [
    ...ending({
      mark: 'SV',
      name: 'Vent cowl',
      made: VENTS,
      lengthMm: MESH_MM,
      girth: 1.25,
      usd: 5.2,
      finishes: 'vent',
    }),
    ...ending({
      mark: 'SO',
      name: 'Overflow screen',
      made: VENTS,
      lengthMm: MESH_MM / 2,
      girth: 1,
      usd: 4.6,
      finishes: 'overflow',
    }),
    ...ending({
      mark: 'SB',
      name: 'Breather',
      made: BREATHERS,
      lengthMm: MESH_MM / 2,
      girth: 1.3,
      usd: 4,
      end: male,
      finishes: 'vent',
    }),
    ...ending({
      mark: 'SL',
      name: 'Vented cap',
      made: SIGHT_TUBES,
      lengthMm: 10,
      girth: 1,
      usd: 2.4,
      end: (line, size) => setOver(line.takes(size)),
      finishes: 'sight-tube',
    }),
    ...ending({
      mark: 'SA',
      name: 'Air release valve',
      made: AIR_RELEASE,
      lengthMm: MESH_MM * 2,
      girth: 1.6,
      usd: 16,
      end: male,
      ratedKpa: AIR_RELEASE_KPA,
    }),
    ...ending({
      mark: 'SR',
      name: 'Rodent screen',
      made: VENTS,
      lengthMm: MESH_MM / 3,
      girth: 1,
      usd: 5,
      finishes: 'overflow',
    }),
  ],
});
