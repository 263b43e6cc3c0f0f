import { err, ok } from '../../result';
import { AS_ASKED, type EndRef, refKey } from '../job';
import { put } from './change';
import { defineEdit } from './edit-kind';
import { nextJointNumber } from './joint-numbers';

/** Joins two open ends: closes a link into the next tank's opening, or ends a run at a terminal. */
export interface JoinEnds {
  readonly type: 'join-ends';
  readonly jointId: string;
  readonly a: EndRef;
  readonly b: EndRef;
}

export const joinEnds = defineEdit<JoinEnds>({
  type: 'join-ends',
  changes: (job, { jointId, a, b }, catalogue) => {
    if (job.joints.some(({ id }) => id === jointId))
      return err({ code: 'taken', message: 'This joint is there already.' });
    if (refKey(a) === refKey(b)) return err({ code: 'not-possible', message: 'An end cannot be joined to itself.' });
    const taken = [a, b].filter((ref) => ref.of !== 'terminal').map(refKey);
    if (job.joints.some((joint) => [joint.a, joint.b].some((ref) => taken.includes(refKey(ref)))))
      return err({ code: 'not-open', message: 'Something has been put on this end since.' });
    return ok([put(job, 'joints', { id: jointId, number: nextJointNumber(job, catalogue, a), a, b, ...AS_ASKED })]);
  },
  label: () => 'Join two ends',
});
