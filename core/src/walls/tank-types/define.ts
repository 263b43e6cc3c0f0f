import type { Face, Rib, RibRun, TankDimensions } from '../tank';
import type { NoDrillZone, OutlinePoint, TankMark, TankType } from '../tank-type';

type Given = Pick<TankType, 'id' | 'name' | 'shortName' | 'form' | 'material' | 'defaults'> & Partial<TankType>;

const PLAIN: Omit<TankType, keyof Pick<TankType, 'id' | 'name' | 'shortName' | 'form' | 'material' | 'defaults'>> = {
  openTop: false,
  breathes: false,
  lined: false,
  assembled: false,
  secondHand: false,
  dark: true,
  madeForGround: false,
  ownSize: false,
  base: 'ground',
  wallKgPerM2: 6,
  noDrill: () => [],
  ports: () => [],
  outline: ({ lengthM, diameterM, heightM }) => block(Math.max(lengthM, diameterM) / 2, heightM),
  ribs: () => [],
  ribName: 'rib',
  marks: () => [],
};

/** Declares a type; what is not said is plain. */
export const defineTankType = (type: Given): TankType => ({ ...PLAIN, ...type });

/** Dimensions with nothing said but what is given. */
export const dimensions = (given: Partial<TankDimensions>): TankDimensions => ({
  capacityM3: 0,
  diameterM: 0,
  baseDiameterM: given.diameterM ?? 0,
  lengthM: 0,
  widthM: 0,
  brimM: 0,
  heightM: 0,
  wallM: 0,
  plinthM: 0,
  buriedM: 0,
  accessM: 0,
  heads: null,
  ...given,
});

/** Half of a block with its corners cut by `cornerM`. */
export const block = (halfM: number, heightM: number, cornerM = 0): readonly OutlinePoint[] => [
  { radiusM: halfM - cornerM, heightM: 0 },
  { radiusM: halfM, heightM: cornerM },
  { radiusM: halfM, heightM: heightM - cornerM },
  { radiusM: halfM - cornerM, heightM },
  { radiusM: 0, heightM },
];

/** A band by height across one or more faces. */
export const upBand = (faces: readonly Face[], fromM: number, toM: number, reason: string): NoDrillZone[] =>
  faces.map((face) => ({ shape: 'band', face, along: 'up', fromM, toM, reason }));

/** A band upright across a face, by its distance round or across. */
export const roundBand = (faces: readonly Face[], fromM: number, toM: number, reason: string): NoDrillZone[] =>
  faces.map((face) => ({ shape: 'band', face, along: 'round', fromM, toM, reason }));

/** Ribs of one width, by where their middles are. */
export const ribsAt = (runs: RibRun, middlesM: readonly number[], widthM: number): readonly Rib[] =>
  middlesM.map((atM) => ({ runs, atM, widthM }));

/** A ring on a top round a centre, from one radius to another. */
export const topRing = (
  [fromLeftM, fromFrontM]: readonly [number, number],
  fromM: number,
  toM: number,
  reason: string,
): NoDrillZone => ({ shape: 'ring', face: 'top', fromLeftM, fromFrontM, fromM, toM, reason });

/** Half of the width that a seam of a moulded wall takes (common practice). */
const SEAM_HALF_M = 0.015;

/** The moulded seam of a round wall: at the mark, where the wall is measured from, on both of its sides. */
export const wallSeam = (aroundM: number): NoDrillZone[] => [
  ...roundBand(['wall'], 0, SEAM_HALF_M, 'seam'),
  ...roundBand(['wall'], aroundM - SEAM_HALF_M, aroundM, 'seam'),
];

export const mark = (weight: TankMark['weight'], points: TankMark['points'], fill?: TankMark['fill']): TankMark => ({
  weight,
  points,
  ...(fill === undefined ? {} : { fill }),
});

/** A rectangle of the drawing from its left, bottom, right and top. */
export const markBox = (
  weight: TankMark['weight'],
  [left, bottom, right, top]: readonly [number, number, number, number],
  fill?: TankMark['fill'],
): TankMark =>
  mark(
    weight,
    [
      [left, bottom],
      [right, bottom],
      [right, top],
      [left, top],
      [left, bottom],
    ],
    fill,
  );
