import { makeUp } from '../connections/make-up/make-up';
import type { Range } from '../connections/standards/thread-standard';
import type { Part } from '../fittings/part';
import type { JudgedJoint } from '../derived/context';
import { natureOf } from './joint-nature';

/** Does it matter which way this part looks? */
export const looksSomewhere = (part: Part): boolean =>
  (part.bendDegrees ?? 0) > 0 || part.features.includes('branch') || part.features.includes('spout');

/** In which directions a part can be left when its joint is made. */
export type Pointing =
  /** Any: it is turned, then closed. `marked`: with cement, before it sets. */
  | { readonly ways: 'any'; readonly how: 'turned' | 'marked' }
  /** Any within the turns in which the taper comes tight. */
  | { readonly ways: 'window'; readonly turns: Range }
  /** Only those that come within less than a turn. */
  | { readonly ways: 'some'; readonly turns: Range; readonly shareOfTurn: number }
  /** Where the face comes to bear, wherever that is. */
  | { readonly ways: 'where-it-stops' };

/** Which way a part can point on this joint. */
export function pointingOf(judged: JudgedJoint): Pointing {
  const nature = natureOf(judged);
  if (nature === 'glued') return { ways: 'any', how: 'marked' };
  if (nature !== 'turns') return { ways: 'any', how: 'turned' };
  const { a, b, service } = judged;
  if (!a.end || !b.end) return { ways: 'where-it-stops' };
  const { window } = makeUp(a.end, b.end, { a: a.material, b: b.material, service });
  if (!window) return { ways: 'where-it-stops' };
  if (window.anyDirection) return { ways: 'window', turns: window.turns };
  return { ways: 'some', turns: window.turns, shareOfTurn: window.choiceTurns };
}
