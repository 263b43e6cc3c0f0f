import { flangeDrilling } from '../../connections/standards/flanges';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { flangeEnd } from '../ends';
import { endsWords } from '../end-words';
import { fitting } from '../fitting';
import { type Made, overMade } from '../line';
import * as socketed from '../lines/socketed';
import { metricThread, nominalOfThread } from '../lines/threads-for-pipe';
import * as threaded from '../lines/threaded';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** A line of pipe or threads, how its flanges are drilled and which flange goes with which of its sizes. */
interface Range extends Made {
  readonly drilling: string;
  readonly flangeOf: (size: NominalSize) => NominalSize;
  /** Ends the code of flanges of one line that are drilled in two ways. */
  readonly mark?: string;
}

const same = (size: NominalSize): NominalSize => size;

/** Flanges as trade counters carry them (ranges from memory). */
const RANGES: readonly Range[] = [
  { line: socketed.SCHEDULE_40, drilling: 'class-150', flangeOf: same },
  { line: socketed.SCHEDULE_80, drilling: 'class-150', flangeOf: same },
  { line: threaded.NPT_PVC_80, drilling: 'class-150', flangeOf: same, from: '1/2', to: '4' },
  { line: threaded.NPT_GALVANISED, drilling: 'class-150', flangeOf: same, from: '1/2', to: '4' },
  {
    line: socketed.METRIC_PRESSURE,
    drilling: 'pn-16',
    flangeOf: (size) => nominalOfThread(metricThread(size)),
    from: '20',
    to: '110',
  },
  { line: threaded.ISO_GALVANISED, drilling: 'pn-16', flangeOf: nominalOfThread, from: '1/2', to: '4' },
  { line: socketed.ANZ_PRESSURE, drilling: 'table-e', flangeOf: same, from: '15', to: '100' },
  { line: threaded.ISO_GALVANISED, drilling: 'table-e', flangeOf: nominalOfThread, from: '1/2', to: '4', mark: 'E' },
];

/** Blind flanges: the letter of their code, drilling. */
const BLIND: readonly (readonly [mark: string, drilling: string])[] = [
  ['C', 'class-150'],
  ['P', 'pn-16'],
  ['E', 'table-e'],
];

/** Beyond the face of the flange before the pipe begins [mm] (typical, value from memory). */
const NECK_MM = 6;
/** 150 psi and 10 bar: what a moulded flange bears at room temperature (value from memory) [kPa]. */
const RATED_KPA = 1000;

/** Flanges for pipe and threads, and blind ones: a joint that is unbolted where it stands. */
export const flanges = defineFamily({
  id: 'flange',
  name: 'Flange',
  source: TYPICAL_BODIES,
  parts: () => [
    ...RANGES.flatMap(({ drilling, flangeOf, mark = '', ...made }) =>
      overMade([made], (line, size) => {
        const ends = [flangeEnd(drilling, flangeOf(size)), line.takes(size)] as const;
        return fitting({
          code: `FN${line.mark}${mark}-${sizeCode(size)}`,
          name: 'Flange',
          detail: endsWords(ends),
          size,
          material: line.material,
          ends,
          betweenMm: NECK_MM,
          girth: 0.6,
          ratedKpa: Math.min(RATED_KPA, line.ratedKpa(size) ?? RATED_KPA),
          source: line.source,
          priceUsdAtOneInch: 9 * line.priceFactor,
        });
      }),
    ),
    ...BLIND.flatMap(([mark, drilling]) =>
      flangeDrilling(drilling).sizes.map(({ size }) =>
        fitting({
          code: `FX${mark}-${sizeCode(size)}`,
          name: 'Blind flange',
          size,
          material: 'pvc',
          ends: [flangeEnd(drilling, size)],
          betweenMm: 1,
          ratedKpa: RATED_KPA,
          priceUsdAtOneInch: 7,
        }),
      ),
    ),
  ],
});
