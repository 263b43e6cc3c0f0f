import { err, ok } from '../result';
import { AS_ASKED, type EndRef, type Job, type Joint } from '../job/job';
import { type Change, replace, take } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const removePart = defineEdit({
  type: 'remove-part',
  says: 'Takes a part out. With something on exactly two of its ends the two neighbours meet; otherwise what hung on it is left unjoined',
  data: { partId: { kind: 'id' } },
  changes: (job, { partId }) => {
    const part = job.parts.find(({ id }) => id === partId);
    if (!part) return err({ code: 'gone', message: 'This part has been taken out already.' });
    const joints = job.joints.filter(({ a, b }) => isOn(a, partId) || isOn(b, partId));
    return ok([...jointChanges(job, joints, partId), take(job, 'parts', part)]);
  },
  label: ({ partId }, job) => `Take out ${job.parts.find(({ id }) => id === partId)?.code ?? 'a part'}`,
});

const isOn = (ref: EndRef, partId: string): boolean => ref.of === 'part' && ref.id === partId;

function jointChanges(job: Job, joints: readonly Joint[], partId: string): Change[] {
  // A part is met from its tank by side b of a joint.
  const [near, far] = joints.toSorted((x, y) => Number(isOn(y.b, partId)) - Number(isOn(x.b, partId)));
  if (!near || !far || joints.length !== 2) return joints.map((joint) => take(job, 'joints', joint));
  const outer = (joint: Joint): EndRef => (isOn(joint.a, partId) ? joint.b : joint.a);
  return [
    replace(job, 'joints', near, { ...near, a: outer(near), b: outer(far), ...AS_ASKED }),
    take(job, 'joints', far),
  ];
}
export type RemovePart = EditBy<typeof removePart>;
