import type { Feature } from '../fittings/part';
import type { RunSight, JudgedJoint } from '../derived/context';
import { type EndRef, refKey } from '../job/job';
import { otherSide } from '../derived/run';
import { isFlexible } from '../fittings/flexible';
import { natureOf, opensInPlace } from './joint-nature';

/** What is taken out to be cleaned, set or changed: it must come out again (common practice). */
export const SERVICED: readonly Feature[] = ['pump', 'vessel', 'filter', 'strainer', 'timer', 'float-arm'];

/** How a part is held: every side opens, or which joints keep it. */
export interface HeldPart {
  readonly comesOut: boolean;
  /** The joints that would have to be broken or turned and cannot. */
  readonly heldBy: readonly JudgedJoint[];
}

type Side =
  | { readonly is: 'opens' }
  /** Only by turning what is taken out against what stays. */
  | { readonly is: 'turns'; readonly at: JudgedJoint }
  | { readonly is: 'stuck'; readonly at: JudgedJoint };

/**
 * Can this part come out again? From each of its ends the line is followed to the first place that opens while both
 * sides stay; one thread may be turned off, two cannot turn at once, cement never lets go.
 */
export function holdingOf(partId: string, context: RunSight): HeldPart {
  const { index } = context;
  const seen = new Set([partId]);
  const sidesFrom = (ref: EndRef, turning: JudgedJoint | undefined): readonly Side[] => {
    const joint = index.jointAt(ref);
    const at = context.judgedOf(joint?.id);
    if (!joint || !at) return [];
    const nature = natureOf(at);
    if (opensInPlace(nature)) return [{ is: 'opens' }];
    const far = otherSide(joint, ref);
    const turns = turning ?? (nature === 'turns' ? at : undefined);
    const held = (): Side => (turns ? { is: 'turns', at: turns } : { is: 'stuck', at });
    if (nature === 'in-wall' || far.of !== 'part') return [held()];
    const next = index.placed(far.id);
    if (!next || seen.has(far.id)) return [held()];
    seen.add(far.id);
    if (next.part.features.includes('union-nut') || isFlexible(next.part)) return [{ is: 'opens' }];
    const beyond = next.part.ends.flatMap((_, end) => {
      const own: EndRef = { of: 'part', id: far.id, end };
      return refKey(own) === refKey(far) ? [] : sidesFrom(own, turns);
    });
    return beyond.filter(({ is }) => is !== 'opens').length > 0 ? beyond : [{ is: 'opens' }];
  };
  const own = index.placed(partId)?.part;
  if (own?.features.includes('union-nut')) return { comesOut: true, heldBy: [] };
  const sides = (own?.ends ?? []).flatMap((_, end) => sidesFrom({ of: 'part', id: partId, end }, undefined));
  const stuck = sides.flatMap((side) => (side.is === 'stuck' ? [side.at] : []));
  const turning = [...new Set(sides.flatMap((side) => (side.is === 'turns' ? [side.at] : [])))];
  const heldBy = [...stuck, ...(turning.length > 1 || (stuck.length > 0 && turning.length > 0) ? turning : [])];
  return { comesOut: heldBy.length === 0, heldBy: [...new Set(heldBy)] };
}
