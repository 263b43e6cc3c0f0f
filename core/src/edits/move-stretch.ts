import { err, ok } from '../result';
import { AS_ASKED, END_REF, type EndRef, type Job, type Joint, PART_SIDE, refKey } from '../job/job';
import { indexJob, otherSide } from '../derived/run';
import { type Change, put, replace, take } from './change';
import { type EditBy, defineEdit } from './edit-kind';

/** An end of a placed part. */
type PartEndRef = Extract<EndRef, { of: 'part' }>;

/** Parts that hang together from here, not crossing the two outer ends of the stretch. */
function partsOf(job: Job, first: PartEndRef, last: PartEndRef): ReadonlySet<string> {
  const seen = new Set([first.id]);
  const stops = new Set([refKey(first), refKey(last)]);
  for (let grew = true; grew;) {
    grew = false;
    for (const { a, b } of job.joints) {
      if (a.of !== 'part' || b.of !== 'part' || stops.has(refKey(a)) || stops.has(refKey(b))) continue;
      if (seen.has(a.id) === seen.has(b.id)) continue;
      seen.add(a.id).add(b.id);
      grew = true;
    }
  }
  return seen;
}

export const moveStretch = defineEdit({
  type: 'move-stretch',
  says: 'Takes a stretch of parts out of its place and puts it between the two sides of a joint, or on an open end',
  data: {
    first: PART_SIDE,
    last: PART_SIDE,
    to: {
      kind: 'variant',
      on: 'at',
      of: {
        joint: {
          jointId: { kind: 'id' },
          firstToA: { kind: 'yes-no', says: 'Does the first end come to side a of the joint?' },
          newJointId: { kind: 'id' },
        },
        end: { ref: END_REF, jointId: { kind: 'id' } },
      },
    },
  },
  changes: (job, { first, last, to }, catalogue) => {
    const index = indexJob(job, catalogue);
    if (!index.placed(first.id) || !index.placed(last.id))
      return err({ code: 'gone', message: 'A part of this stretch has been taken out since.' });
    const made = to.at === 'end' ? to.jointId : to.newJointId;
    if (job.joints.some(({ id }) => id === made))
      return err({ code: 'taken', message: 'This joint is there already.' });
    const own = partsOf(job, first, last);
    if (!own.has(last.id)) return err({ code: 'not-possible', message: 'These parts do not hang together any more.' });
    const [near, far] = [index.jointAt(first), index.jointAt(last)];
    const inside = (ref: EndRef): boolean => ref.of === 'part' && own.has(ref.id);
    const closed = closeGap(job, first, last, near, far);
    if (to.at === 'end') {
      if (inside(to.ref) || index.jointAt(to.ref))
        return err({ code: 'not-open', message: 'This end is not open for the stretch.' });
      return ok([...closed, put(job, 'joints', { id: to.jointId, a: to.ref, b: first, ...AS_ASKED })]);
    }
    const joint = job.joints.find(({ id }) => id === to.jointId);
    if (!joint) return err({ code: 'gone', message: 'This joint has been taken apart since.' });
    if (joint === near || joint === far) return err({ code: 'not-possible', message: 'It is there already.' });
    if (inside(joint.a) && inside(joint.b))
      return err({ code: 'not-possible', message: 'A stretch cannot go between its own parts.' });
    const [towardsA, towardsB] = to.firstToA ? [first, last] : [last, first];
    return ok([
      ...closed,
      replace(job, 'joints', joint, { ...joint, b: towardsA, ...AS_ASKED }),
      put(job, 'joints', { id: to.newJointId, a: towardsB, b: joint.b, ...AS_ASKED }),
    ]);
  },
  label: ({ first, last }, job) =>
    first.id === last.id
      ? `Move ${job.parts.find(({ id }) => id === first.id)?.code ?? 'a part'}`
      : 'Move a stretch of parts',
});

/** What was on either side of the stretch meets; with nothing on one side the other is open. */
function closeGap(
  job: Job,
  first: PartEndRef,
  last: PartEndRef,
  near: Joint | undefined,
  far: Joint | undefined,
): readonly Change[] {
  if (!near || !far) return [near, far].flatMap((joint) => (joint ? [take(job, 'joints', joint)] : []));
  const met = { ...near, a: otherSide(near, first), b: otherSide(far, last), ...AS_ASKED };
  return [replace(job, 'joints', near, met), take(job, 'joints', far)];
}
export type MoveStretch = EditBy<typeof moveStretch>;
