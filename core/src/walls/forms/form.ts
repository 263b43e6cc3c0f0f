import type { Face, TankDimensions, WallPlace } from '../tank';
import type { FormId } from '../tank-type';

export type DimensionField = 'diameterM' | 'baseDiameterM' | 'lengthM' | 'widthM';

/** A face laid flat, as it is drawn and measured. */
export interface FaceShape {
  readonly face: Face;
  readonly name: string;
  /** `wall`: unrolled from the mark; `side`: seen from outside; `plan`: seen from above. */
  readonly seen: 'wall' | 'side' | 'plan';
  /** A round face has a rim to measure from. */
  readonly round: boolean;
  /** From left to right [m]; round the wall for a wall. */
  readonly acrossM: number;
  /** From bottom to top, or from front to back on a plan [m]. */
  readonly alongM: number;
}

/** A point inside or on a tank: from its left, from its front and up from the base [m]. */
export interface Spot {
  readonly leftM: number;
  readonly frontM: number;
  readonly upM: number;
}

/** A direction seen by who stands before the front of a tank, of length one. */
export interface Look {
  readonly right: number;
  readonly behind: number;
  readonly up: number;
}

/** The solid a tank is. Adding a form is one such file and one line in `forms.ts`. */
export interface TankForm {
  readonly id: FormId;
  /** The dimensions it has beside its heights and its wall. */
  readonly dimensions: readonly { readonly field: DimensionField; readonly name: string }[];
  /** Inside volume below `insideM` above the floor [m3], from the inside sizes alone. Closed formula. */
  readonly insideM3: (tank: TankDimensions, insideM: number) => number;
  /** From left to right as seen from the front, at its widest [m]. */
  readonly acrossM: (tank: TankDimensions) => number;
  /** From front to back at its widest [m]. */
  readonly throughM: (tank: TankDimensions) => number;
  /** What it presses on when it stands by itself [m2]. */
  readonly footM2: (tank: TankDimensions) => number;
  /** Outside surface, for its empty weight [m2]. */
  readonly surfaceM2: (tank: TankDimensions) => number;
  readonly faces: (tank: TankDimensions) => readonly FaceShape[];
  /** Radius of the wall there [m]; undefined where the face is flat. */
  readonly radiusM: (tank: TankDimensions, face: Face, heightM: number) => number | undefined;
  /** Where a place on a face is in the tank. */
  readonly spotOf: (tank: TankDimensions, place: WallPlace) => Spot;
  /** The way the wall looks there, square to itself and outward. */
  readonly lookOf: (tank: TankDimensions, place: WallPlace) => Look;
  /** Does it fill this point, wall and all? By its outside dimensions. */
  readonly fills: (tank: TankDimensions, spot: Spot) => boolean;
}
