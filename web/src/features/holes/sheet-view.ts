import { type Penetration, type Tank } from '@herrero/core';
import { type TankLevels } from './hole-levels';
import { type HolePlace } from './use-hole-drag';

/** Width of the story pole [px]. */
export const POLE = 46;

/** What every view of the sheet shares: one tank, its holes and levels, one scale and one base line. */
export interface ViewProps {
  readonly tank: Tank;
  readonly holes: readonly Penetration[];
  readonly levels: TankLevels;
  readonly pxPerM: number;
  readonly baseY: number;
  readonly heightPx: number;
  readonly onLive: (live: { id: string; place: HolePlace } | undefined) => void;
}

/** One hole in a view. */
export interface HoleProps {
  readonly hole: Penetration;
  readonly tank: Tank;
  readonly pxPerM: number;
  readonly baseY: number;
  readonly onLive: ViewProps['onLive'];
}
