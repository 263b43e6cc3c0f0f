import type { CheckContext, JudgedJoint } from '../derived/context';
import { holdsAtAll } from '../connections/mating';
import { putIn } from '../parts/take-off/put-in';
import { memoize } from '../quantity/memoize';
import { CAUTIONS, type CautionId } from './cautions';
import { atHoles, ofLengths } from './found/cuts';
import { wayOfJoint, workOfJoint } from './found/joints';
import { alongLines } from './found/lines';
import { atTanks } from './found/tanks';
import type { Method, Work } from './method';
import { type Found, WAYS, type WayId } from './ways';

/** A way of making, and every place where this job uses it. */
export interface Applied {
  readonly id: WayId;
  readonly method: Method;
  readonly works: readonly Work[];
}

/** What is made in a job: every way with its places, in the order of the work, and the joints that nobody has described one for. */
export interface Making {
  readonly applied: readonly Applied[];
  readonly undescribed: readonly JudgedJoint[];
}

/** Does a joint go together, so that somebody makes it now? */
const isMade = ({ a, b, mating }: JudgedJoint): boolean =>
  !(a.stands && b.stands) &&
  a.end !== undefined &&
  b.end !== undefined &&
  (holdsAtAll(mating.verdict) || mating.verdict === 'fits-unrated');

/** Every way of making that a job uses. Pure; worked out once for each plan. */
export const makingOf = memoize((context: CheckContext): Making => {
  const joints = context.joints.filter(isMade).map((judged) => ({ judged, way: wayOfJoint(judged) }));
  const found: readonly Found[] = [
    ...atHoles(context),
    ...joints.flatMap(({ judged, way }): readonly Found[] => (way ? [[way, workOfJoint(judged)]] : [])),
    // Nothing is carried, opened or tested before there is anything to put in.
    ...(putIn(context).length === 0 ? [] : [...ofLengths(context), ...alongLines(context), ...atTanks(context)]),
  ];
  const byWay = new Map<WayId, Work[]>();
  for (const [way, work] of found) byWay.set(way, [...(byWay.get(way) ?? []), work]);
  const ids = (Object.keys(WAYS) as readonly WayId[]).filter((id) => byWay.has(id));
  return {
    applied: ids.map((id) => ({ id, method: WAYS[id], works: byWay.get(id) ?? [] })),
    undescribed: joints.flatMap(({ judged, way }) => (way ? [] : [judged])),
  };
});

/** The cautions of what is made, each once, in the order of the work. */
export const cautionsIn = ({ applied }: Making): readonly string[] => {
  const ids = new Set<CautionId>(applied.flatMap(({ method }) => method.caution ?? []));
  return [...ids].map((id) => CAUTIONS[id]);
};
