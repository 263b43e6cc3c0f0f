import type { LevelContext } from '../derived/levels';
import { isGrated } from '../derived/shut';
import type { OwnSeal, Penetration } from '../job/job';
import { isUpright } from '../walls/forms';
import { orificeM3s, sharpEdgeM3s, sideOverflowM3s, standpipeM3s } from './free-flow';

/** How surplus leaves by an opening. */
export interface OverflowLaw {
  /** 'as by a short pipe' */
  readonly words: string;
  /** By its bore, and the water over its lowest point or rim [m]. */
  readonly flowM3s: (boreM: number, headM: number) => number;
}

/** Nothing stands in the hole: water leaves over the edge of the wall. */
const BARE: readonly OwnSeal[] = ['clear', 'notch'];
/** A lid bears so much water over it before it lifts (our judgement) [m]. */
const OVER_A_LID_M = 0.05;
/** What a mesh leaves open of what it covers (common practice). */
const MESH_OPEN = 0.4;

const GRATE: OverflowLaw = {
  words: 'as by a grate in the lid',
  flowM3s: (boreM, headM) => (headM < 0 ? 0 : MESH_OPEN * orificeM3s(boreM, OVER_A_LID_M)),
};
const SHARP_EDGE: OverflowLaw = { words: 'as by a hole with a sharp edge', flowM3s: sharpEdgeM3s };
const SHORT_PIPE: OverflowLaw = { words: 'as by a short pipe', flowM3s: sideOverflowM3s };
const RIM: OverflowLaw = { words: 'as over the rim of an upright pipe', flowM3s: standpipeM3s };

/** By which law an overflow is worked out; one in a side of which nobody has said what stands in it as a short pipe, which carries less. */
export function overflowLawOf(hole: Penetration, context: LevelContext): OverflowLaw {
  if (isGrated(hole, context)) return GRATE;
  if (!isUpright(hole.face)) return RIM;
  return hole.ownSeal !== null && BARE.includes(hole.ownSeal) ? SHARP_EDGE : SHORT_PIPE;
}
