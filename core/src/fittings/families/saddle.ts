import type { Material } from '../../connections/material';
import { pipeOf } from '../../connections/standards/pipes';
import { type NominalSize, sizeCode, sizeInInches } from '../../quantity/size';
import { nptFemale, pipeEnd, rpFemale } from '../ends';
import { endWords } from '../end-words';
import { fitting } from '../fitting';
import { defineFamily } from '../part-family';

/** Saddles by what they are bolted round, their threads and sizes (ranges of the trade, from memory). */
interface Range {
  readonly mark: string;
  readonly series: string;
  readonly material: Material;
  readonly branch: typeof nptFemale;
  readonly rows: readonly (readonly [main: NominalSize, branches: readonly NominalSize[]])[];
}

const RANGES: readonly Range[] = [
  {
    mark: 'SA',
    series: 'ips-40',
    material: 'pvc',
    branch: nptFemale,
    rows: [
      ['1', ['1/2', '3/4']],
      ['1-1/4', ['1/2', '3/4']],
      ['1-1/2', ['1/2', '3/4', '1']],
      ['2', ['1/2', '3/4', '1']],
      ['3', ['3/4', '1', '1-1/2']],
      ['4', ['3/4', '1', '1-1/2', '2']],
    ],
  },
  {
    mark: 'SAP',
    series: 'pe',
    material: 'polypropylene',
    branch: rpFemale,
    rows: [
      ['25', ['1/2', '3/4']],
      ['32', ['1/2', '3/4', '1']],
      ['40', ['1/2', '3/4', '1']],
      ['50', ['1/2', '3/4', '1']],
      ['63', ['1/2', '3/4', '1', '1-1/4']],
    ],
  },
  {
    mark: 'SAI',
    series: 'pe-ips',
    material: 'polypropylene',
    branch: nptFemale,
    rows: [
      ['1', ['1/2', '3/4']],
      ['1-1/4', ['1/2', '3/4', '1']],
      ['1-1/2', ['1/2', '3/4', '1']],
      ['2', ['1/2', '3/4', '1']],
    ],
  },
  {
    mark: 'SAR',
    series: 'rural-outside',
    material: 'polypropylene',
    branch: rpFemale,
    rows: [
      ['1', ['1/2', '3/4']],
      ['1-1/4', ['1/2', '3/4', '1']],
      ['1-1/2', ['1/2', '3/4', '1']],
      ['2', ['1/2', '3/4', '1']],
    ],
  },
  {
    mark: 'SAJ',
    series: 'en',
    material: 'pvc',
    branch: rpFemale,
    rows: [
      ['50', ['1/2', '3/4', '1']],
      ['63', ['1/2', '3/4', '1']],
      ['90', ['3/4', '1', '1-1/2']],
      ['110', ['3/4', '1', '1-1/2', '2']],
    ],
  },
  {
    mark: 'SAZ',
    series: 'anz',
    material: 'polypropylene',
    branch: rpFemale,
    rows: [
      ['25', ['1/2', '3/4']],
      ['40', ['1/2', '3/4', '1']],
      ['50', ['1/2', '3/4', '1']],
      ['80', ['3/4', '1', '1-1/2']],
      ['100', ['3/4', '1', '1-1/2', '2']],
    ],
  },
];

/** A saddle of the trade bears this [kPa] (value from memory). */
const RATED_KPA = 1000;

/** Bolted round a pipe that goes on through it; the branch is drilled inside its ring. */
export const saddles = defineFamily({
  id: 'saddle',
  name: 'Tapping saddle',
  source: { document: 'ranges of tapping saddles', provenance: 'from-memory' },
  parts: () =>
    RANGES.flatMap(({ mark, series, material, branch, rows }) => {
      const round = pipeEnd(series, 'saddle');
      return rows.flatMap(([main, branches]) =>
        branches.map((size) =>
          fitting({
            code: `${mark}-${sizeCode(main)}-${sizeCode(size)}`,
            name: 'Tapping saddle',
            detail: `${endWords(round(main))} x ${endWords(branch(size))}`,
            size: main,
            material,
            ends: [round(main), round(main), branch(size)],
            betweenMm: sizeInInches(size) * BODY_OVER_BRANCH_MM,
            features: ['saddle', 'branch'],
            boreMm: pipeOf({ series, size: main }).boreMm,
            ratedKpa: RATED_KPA,
            priceUsdAtOneInch: 3.2,
          }),
        ),
      );
    }),
});

/** How long the body of a saddle is for each inch of its branch [mm] (typical, value from memory). */
const BODY_OVER_BRANCH_MM = 34;
