import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { barb, gMale, gSwivel, nptFemale, nptMale, rMale, rpFemale } from '../ends';
import { fitting } from '../fitting';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

type Pairs = readonly (readonly [thread: NominalSize, tail: NominalSize])[];

/** Thread and tail as they are paired on the shelf (ranges of the trade, from memory). */
const SAME_INCH: Pairs = [
  ['1/4', '3/8'],
  ['3/8', '3/8'],
  ['3/8', '1/2'],
  ['1/2', '3/8'],
  ['1/2', '1/2'],
  ['1/2', '5/8'],
  ['1/2', '3/4'],
  ['3/4', '1/2'],
  ['3/4', '5/8'],
  ['3/4', '3/4'],
  ['3/4', '1'],
  ['1', '3/4'],
  ['1', '1'],
  ['1', '1-1/4'],
  ['1-1/4', '1'],
  ['1-1/4', '1-1/4'],
  ['1-1/2', '1-1/4'],
  ['1-1/2', '1-1/2'],
  ['2', '1-1/2'],
  ['2', '2'],
];
const METRIC: Pairs = [
  ['3/8', '13'],
  ['1/2', '13'],
  ['1/2', '15'],
  ['1/2', '16'],
  ['1/2', '19'],
  ['3/4', '13'],
  ['3/4', '16'],
  ['3/4', '19'],
  ['3/4', '25'],
  ['1', '19'],
  ['1', '25'],
  ['1', '32'],
  ['1-1/4', '25'],
  ['1-1/4', '32'],
  ['1-1/2', '32'],
  ['1-1/2', '38'],
  ['2', '38'],
  ['2', '50'],
];

interface Range {
  readonly mark: string;
  readonly name: string;
  readonly thread: (size: NominalSize) => End;
  readonly pairs: Pairs;
  readonly materials: readonly Material[];
  readonly bend?: true;
}

const RANGES: readonly Range[] = [
  { mark: 'HB', name: 'Hose tail', thread: nptMale, pairs: SAME_INCH, materials: ['brass', 'nylon', 'stainless'] },
  { mark: 'HF', name: 'Hose tail', thread: nptFemale, pairs: SAME_INCH.slice(3), materials: ['brass', 'nylon'] },
  { mark: 'HE', name: 'Elbow hose tail', thread: nptMale, pairs: SAME_INCH, materials: ['nylon'], bend: true },
  { mark: 'HR', name: 'Hose tail', thread: rMale, pairs: METRIC, materials: ['brass', 'polypropylene'] },
  { mark: 'HP', name: 'Hose tail', thread: rpFemale, pairs: METRIC.slice(1), materials: ['brass', 'polypropylene'] },
  { mark: 'HG', name: 'Hose tail with nut', thread: gSwivel, pairs: METRIC.slice(1), materials: ['brass'] },
  {
    mark: 'HD',
    name: 'Hose tail with flat face',
    thread: gMale,
    pairs: METRIC.slice(1, 13),
    materials: ['polypropylene'],
  },
  { mark: 'HQ', name: 'Elbow hose tail', thread: rMale, pairs: METRIC, materials: ['polypropylene'], bend: true },
];

const LETTER: Readonly<Partial<Record<Material, string>>> = {
  brass: '',
  nylon: 'Y',
  stainless: 'N',
  polypropylene: 'P',
};
const PRICE: Readonly<Partial<Record<Material, number>>> = { brass: 6, nylon: 1.8, stainless: 9, polypropylene: 1.6 };

/** Tails for hose behind a pipe thread, straight and bent. */
export const hoseTails = defineFamily({
  id: 'hose-tail',
  name: 'Hose tail',
  source: TYPICAL_BODIES,
  parts: () =>
    RANGES.flatMap(({ mark, name, thread, pairs, materials, bend }) =>
      materials.flatMap((material) =>
        pairs.map(([size, tail]) =>
          fitting({
            code: `${mark}${LETTER[material] ?? ''}-${sizeCode(size)}${size === tail ? '' : sizeCode(tail)}`,
            name,
            size,
            material,
            ends: [thread(size), barb(tail)],
            betweenMm: bend ? 24 : 10,
            girth: 1.12,
            surface: 'hex',
            ...(bend ? { features: ['bend'] as const, bendDegrees: 90 } : {}),
            loss: 'barb',
            ratedKpa: material === 'brass' || material === 'stainless' ? 1000 : 600,
            priceUsdAtOneInch: PRICE[material] ?? 3,
          }),
        ),
      ),
    ),
});
