import type { Material } from '../../connections/material';
import { METRES_PER_FOOT, METRES_PER_INCH, type Measures } from '../../quantity/length';
import { type NominalSize, sizeCode, sizeInInches, sizeWords } from '../../quantity/size';
import type { Region } from '../../region';
import type { GutterKind } from '../../connections/gutters';
import { middle } from '../body';
import { type FamilyPart, defineFamily, inventedPriceUsd } from '../part-family';

/** A gutter as a region hangs it (ranges and spacings of the trade, from memory). */
export interface GutterRange {
  readonly mark: string;
  readonly kind: GutterKind;
  readonly region: Region;
  readonly size: NominalSize;
  readonly shape: string;
  readonly material: Material;
  /** Of one length, and of one length of its guard [m]. */
  readonly longM: number;
  readonly guardM: number;
  /** From bracket to bracket at most [m]. */
  readonly bracketEveryM: number;
}

export const GUTTERS: readonly GutterRange[] = [
  {
    mark: 'U',
    kind: 'k-style-5',
    region: 'US',
    size: '5',
    shape: 'K-style',
    material: 'aluminium',
    longM: 10 * METRES_PER_FOOT,
    guardM: 3 * METRES_PER_FOOT,
    bracketEveryM: 2 * METRES_PER_FOOT,
  },
  {
    mark: 'K',
    kind: 'half-round-112',
    region: 'UK',
    size: '112',
    shape: 'half round',
    material: 'pvc',
    longM: 4,
    guardM: 1,
    bracketEveryM: 0.8,
  },
  {
    mark: 'E',
    kind: 'half-round-125',
    region: 'EU',
    size: '125',
    shape: 'half round',
    material: 'galvanised',
    longM: 3,
    guardM: 1,
    bracketEveryM: 0.7,
  },
  {
    mark: 'A',
    kind: 'quad-125',
    region: 'ANZ',
    size: '125',
    shape: 'quad',
    material: 'galvanised',
    longM: 6,
    guardM: 1,
    bracketEveryM: 1,
  },
];

/** The gutter of a roof: as it is said, else as usual in the region; where none is said that of the measures. */
export const gutterOf = (
  { region, measures }: { readonly region: Region | null; readonly measures: Measures },
  { gutter }: { readonly gutter: GutterKind | null },
): GutterRange | undefined => {
  const own = region ?? (measures === 'in-gal' ? 'US' : 'EU');
  return GUTTERS.find((one) => (gutter === null ? one.region === own : one.kind === gutter));
};

/** What belongs to a gutter: the letter of its code, its name, price at one inch, and whether it is a length of something. */
const PIECES = {
  length: { letter: 'L', name: 'Gutter', usd: 3.4 },
  union: { letter: 'J', name: 'Gutter union', usd: 0.9 },
  end: { letter: 'E', name: 'Gutter stop end', usd: 0.7 },
  bracket: { letter: 'B', name: 'Gutter bracket', usd: 0.5 },
  corner: { letter: 'C', name: 'Gutter corner', usd: 1.6 },
  guard: { letter: 'G', name: 'Gutter guard', usd: 0.9 },
} as const;
export type GutterPiece = keyof typeof PIECES;

export const gutterCode = ({ mark, size }: GutterRange, piece: GutterPiece): string =>
  `GU${PIECES[piece].letter}${mark}-${sizeCode(size)}`;

const WALL_MM = 1;
const DRAWN_MM = 60;

/** As it is sold: a gutter of inches by the foot. */
const lengthWords = (longM: number, region: Region): string =>
  region === 'US' ? `${Math.round(longM / METRES_PER_FOOT)} ft` : `${longM} m`;

function pieceOf(range: GutterRange, piece: GutterPiece): FamilyPart {
  const { size, shape, material, region, longM, guardM } = range;
  const insideMm = sizeInInches(size) * 25.4;
  const long = piece === 'length' ? longM : piece === 'guard' ? guardM : undefined;
  return {
    code: gutterCode(range, piece),
    name: PIECES[piece].name,
    detail: `${sizeWords(size)} ${shape}${long === undefined ? '' : `, ${lengthWords(long, region)} long`}`,
    size,
    material: piece === 'guard' ? 'aluminium' : material,
    ends: [],
    body: [middle(DRAWN_MM, insideMm + 2 * WALL_MM, insideMm)],
    features: [],
    boreMm: insideMm,
    lossK: 0,
    ratedKpa: null,
    sale: { by: 'piece' },
    regions: [region],
    priceUsd: inventedPriceUsd(PIECES[piece].usd, size),
  };
}

/** Gutter and what it hangs in, is joined by and kept clean with; its outlet stands with the downpipe. */
export const gutters = defineFamily({
  id: 'gutter',
  name: 'Gutter',
  source: { document: 'ranges of the roofing trade', provenance: 'from-memory' },
  parts: () => GUTTERS.flatMap((range) => (Object.keys(PIECES) as GutterPiece[]).map((piece) => pieceOf(range, piece))),
});

/** An outlet takes at most so much of the width of its gutter: the sole between the sides (common practice). */
const OUTLET_SHARE = 0.8;

/** The widest outlet that the sole of a gutter takes [m]. */
export const widestOutletM = ({ size }: GutterRange): number => sizeInInches(size) * METRES_PER_INCH * OUTLET_SHARE;

const NEAR_M = 0.001;
const times = (longM: number, eachM: number): number => Math.max(1, Math.ceil((longM - NEAR_M) / eachM));

/**
 * What a straight gutter of this length takes: lengths, unions between them, a stop end at each end, brackets from end to end,
 * guards over all of it.
 *
 * @param longM above 0
 */
export function gutterPieces(longM: number, { longM: eachM, guardM, bracketEveryM }: GutterRange) {
  const lengths = times(longM, eachM);
  return {
    length: lengths,
    union: lengths - 1,
    end: 2,
    bracket: times(longM, bracketEveryM) + 1,
    guard: times(longM, guardM),
  } satisfies Partial<Record<GutterPiece, number>>;
}
