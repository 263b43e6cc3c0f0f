import { type Material, isMetal } from '../material';
import type { Range } from '../standards/thread-standard';

/** Turns past hand tight that a joint wants and bears, and how to say it. */
export interface Tightening {
  readonly pastHandTurns: Range;
  readonly words: string;
}

// By what meets what (common practice, no source).
const METAL: Tightening = { pastHandTurns: [2, 3], words: 'Hand tight, then two to three turns by wrench.' };
const PLASTIC: Tightening = {
  pastHandTurns: [1, 2],
  words: 'Hand tight, then one to two turns with a strap wrench, never more.',
};
const WEDGE: Tightening = {
  pastHandTurns: [0.5, 1],
  words: 'Hand tight, then half a turn to one turn: the metal male is a wedge.',
};
const FACE_METAL: Tightening = { pastHandTurns: [0, 0.25], words: 'Hand tight, then a quarter turn at most.' };
const FACE_PLASTIC: Tightening = { pastHandTurns: [0, 0], words: 'Hand tight only.' };

const isPlastic = (material: Material | undefined): boolean => material !== undefined && !isMetal(material);

/** A taper joint, by the materials of its male and female; unknown ones are taken for metal. */
export function tightenTaper(male: Material | undefined, female: Material | undefined): Tightening {
  if (isPlastic(female) && male !== undefined && isMetal(male)) return WEDGE;
  return isPlastic(female) || isPlastic(male) ? PLASTIC : METAL;
}

/** A joint that presses a washer. */
export const tightenFace = (male: Material | undefined, female: Material | undefined): Tightening =>
  isPlastic(male) || isPlastic(female) ? FACE_PLASTIC : FACE_METAL;
