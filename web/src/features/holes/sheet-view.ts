import { type FaceShape, type Penetration, type Tank, type TankLevels, type WallPlace } from '@herrero/core';

/** Width of the story pole [px]. */
export const POLE = 46;

/** An opening while it is dragged: where it would be. */
export interface Live {
  readonly id: string;
  readonly place: WallPlace;
}

/** What every view of the sheet shares: one tank, its holes and levels, one scale and one base line. */
export interface ViewProps {
  readonly tank: Tank;
  readonly holes: readonly Penetration[];
  readonly levels: TankLevels;
  readonly pxPerM: number;
  readonly baseY: number;
  readonly heightPx: number;
  readonly onLive: (live: Live | undefined) => void;
}

/** A view of one face. */
export interface FaceViewProps extends ViewProps {
  readonly shape: FaceShape;
}
