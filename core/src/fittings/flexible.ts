import type { Material } from '../connections/material';
import { type Part, isByLength } from './part';

const BENDS: readonly Material[] = ['vinyl-hose', 'rubber', 'polyethylene', 'pex'];

/** Gives way by hand: hose, coiled pipe, a rubber sleeve (common practice). */
export const isFlexible = (part: Part): boolean =>
  part.readyM !== undefined ||
  (isByLength(part) && BENDS.includes(part.material)) ||
  (part.material === 'rubber' && part.features.includes('slip'));

/** Sold off a coil or a reel: a counter may cut it to any length. */
export const isCoiled = (part: Part): boolean => isByLength(part) && isFlexible(part);
