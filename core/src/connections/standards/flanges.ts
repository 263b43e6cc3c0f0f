import type { Source } from '../../provenance';
import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import type { Region } from '../../region';
import type { FlangeEnd } from '../end';

/** A flange of one size, in mm: over all, through the centres of its bolts, their number, hole and bolt, thickness in plastic. */
export interface FlangeSize {
  readonly size: NominalSize;
  readonly outsideMm: number;
  readonly circleMm: number;
  readonly bolts: number;
  readonly holeMm: number;
  readonly boltMm: number;
  /** The bolt as it is asked for. */
  readonly bolt: string;
  readonly thickMm: number;
}

/** A pattern in which flanges are drilled. Adding one is one such table and one registry line. */
export interface FlangeDrilling {
  readonly id: string;
  readonly token: string;
  readonly name: string;
  readonly regions: readonly Region[];
  readonly sources: readonly Source[];
  readonly sizes: readonly FlangeSize[];
}

type Row = readonly [
  NominalSize,
  outside: number,
  circle: number,
  bolts: number,
  hole: number,
  bolt: number,
  thick: number,
];

const inches = ([size, outside, circle, bolts, hole, bolt, thick]: Row, word: string): FlangeSize => ({
  size,
  outsideMm: outside * MM_PER_INCH,
  circleMm: circle * MM_PER_INCH,
  bolts,
  holeMm: hole * MM_PER_INCH,
  boltMm: bolt * MM_PER_INCH,
  bolt: word,
  thickMm: thick * MM_PER_INCH,
});
const millimetres = ([size, outsideMm, circleMm, bolts, holeMm, boltMm, thickMm]: Row): FlangeSize => ({
  size,
  outsideMm,
  circleMm,
  bolts,
  holeMm,
  boltMm,
  bolt: `M${boltMm}`,
  thickMm,
});

/** Thickness of moulded flanges: from memory. */
const CLASS_150: readonly (readonly [Row, bolt: string])[] = [
  [['1/2', 3.5, 2.38, 4, 0.62, 0.5, 0.53], '1/2 in'],
  [['3/4', 3.88, 2.75, 4, 0.62, 0.5, 0.56], '1/2 in'],
  [['1', 4.25, 3.12, 4, 0.62, 0.5, 0.62], '1/2 in'],
  [['1-1/4', 4.62, 3.5, 4, 0.62, 0.5, 0.66], '1/2 in'],
  [['1-1/2', 5, 3.88, 4, 0.62, 0.5, 0.72], '1/2 in'],
  [['2', 6, 4.75, 4, 0.75, 0.625, 0.78], '5/8 in'],
  [['2-1/2', 7, 5.5, 4, 0.75, 0.625, 0.9], '5/8 in'],
  [['3', 7.5, 6, 4, 0.75, 0.625, 1], '5/8 in'],
  [['4', 9, 7.5, 8, 0.75, 0.625, 1.06], '5/8 in'],
];

/** American flanges of class 150, as moulded and cast for pipe of that size. */
export const class150: FlangeDrilling = {
  id: 'class-150',
  token: 'CL150',
  name: 'class 150 flange',
  regions: ['US'],
  sources: [{ document: 'ASME B16.5', provenance: 'from-memory' }],
  sizes: CLASS_150.map(([row, bolt]) => inches(row, bolt)),
};

/** European flanges; sizes are DN, which is not the outside of plastic pipe. */
export const pn16: FlangeDrilling = {
  id: 'pn-16',
  token: 'PN16',
  name: 'PN 16 flange',
  regions: ['UK', 'EU'],
  sources: [{ document: 'EN 1092-1', provenance: 'from-memory' }],
  sizes: (
    [
      ['15', 95, 65, 4, 14, 12, 11],
      ['20', 105, 75, 4, 14, 12, 12],
      ['25', 115, 85, 4, 14, 12, 14],
      ['32', 140, 100, 4, 18, 16, 15],
      ['40', 150, 110, 4, 18, 16, 16],
      ['50', 165, 125, 4, 18, 16, 18],
      ['65', 185, 145, 4, 18, 16, 19],
      ['80', 200, 160, 8, 18, 16, 20],
      ['100', 220, 180, 8, 18, 16, 22],
    ] satisfies readonly Row[]
  ).map(millimetres),
};

/** Flanges of Australia and New Zealand. */
export const tableE: FlangeDrilling = {
  id: 'table-e',
  token: 'TABLE-E',
  name: 'Table E flange',
  regions: ['ANZ'],
  sources: [{ document: 'AS 2129', provenance: 'from-memory' }],
  sizes: (
    [
      ['15', 95, 67, 4, 14, 12, 11],
      ['20', 100, 73, 4, 14, 12, 12],
      ['25', 115, 83, 4, 14, 12, 14],
      ['32', 120, 87, 4, 14, 12, 15],
      ['40', 135, 98, 4, 14, 12, 16],
      ['50', 150, 114, 4, 18, 16, 18],
      ['65', 165, 127, 4, 18, 16, 19],
      ['80', 185, 146, 4, 18, 16, 20],
      ['100', 215, 178, 8, 18, 16, 22],
    ] satisfies readonly Row[]
  ).map(millimetres),
};

/** Every drilling. A new one: its table, and a place here. */
export const FLANGE_DRILLINGS: readonly FlangeDrilling[] = [class150, pn16, tableE];

const BY_ID = new Map(FLANGE_DRILLINGS.map((drilling) => [drilling.id, drilling]));

/** @throws RangeError no drilling is registered under this id */
export function flangeDrilling(id: string): FlangeDrilling {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`flangeDrilling: none called ${id}`);
  return found;
}

const ROWS = new Map(
  FLANGE_DRILLINGS.flatMap(({ id, sizes }) => sizes.map((row) => [`${id} ${row.size}`, row] as const)),
);

/** The dimensions of a flange. @throws RangeError the drilling has no such size */
export function flangeOf({ drilling, size }: Pick<FlangeEnd, 'drilling' | 'size'>): FlangeSize {
  const found = ROWS.get(`${drilling} ${size}`);
  if (!found) throw new RangeError(`flangeOf: ${drilling} has no ${size}`);
  return found;
}
