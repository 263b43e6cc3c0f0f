import { err, ok } from '../result';
import { AS_ASKED, END_REF, refKey } from '../job/job';
import { put } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const joinEnds = defineEdit({
  type: 'join-ends',
  says: 'Joins two open ends: closes a link into the opening of the next tank, or ends a run at a place',
  data: { jointId: { kind: 'id' }, a: END_REF, b: END_REF },
  changes: (job, { jointId, a, b }) => {
    if (job.joints.some(({ id }) => id === jointId))
      return err({ code: 'taken', message: 'This joint is there already.' });
    if (refKey(a) === refKey(b)) return err({ code: 'not-possible', message: 'An end cannot be joined to itself.' });
    const taken = [a, b].filter((ref) => ref.of !== 'terminal').map(refKey);
    if (job.joints.some((joint) => [joint.a, joint.b].some((ref) => taken.includes(refKey(ref)))))
      return err({ code: 'not-open', message: 'Something has been put on this end since.' });
    return ok([put(job, 'joints', { id: jointId, a, b, ...AS_ASKED })]);
  },
  label: () => 'Join two ends',
});
export type JoinEnds = EditBy<typeof joinEnds>;
