import type { Face } from '../tank';
import type { Look } from './form';

const LOOKS: Readonly<Record<Exclude<Face, 'wall'>, Look>> = {
  front: { right: 0, behind: -1, up: 0 },
  right: { right: 1, behind: 0, up: 0 },
  back: { right: 0, behind: 1, up: 0 },
  left: { right: -1, behind: 0, up: 0 },
  top: { right: 0, behind: 0, up: 1 },
  bottom: { right: 0, behind: 0, up: -1 },
};

/** The way a flat face looks; a wall where nothing else is known looks to the front. */
export const flatLook = (face: Face): Look => LOOKS[face === 'wall' ? 'front' : face];
