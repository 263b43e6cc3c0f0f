import { err, ok } from '../result';
import { AS_ASKED, PART_END, PLACED_PART } from '../job/job';
import { put, replace } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const insertPart = defineEdit({
  type: 'insert-part',
  says: 'Puts a part between the two sides of a joint: the joint stays on its side a, the new one comes to be on the other',
  data: {
    part: { kind: 'group', of: PLACED_PART, words: 'part' },
    jointId: { kind: 'id' },
    endTowardsA: { ...PART_END, says: 'The end of the part towards side a of the joint' },
    endTowardsB: PART_END,
    newJointId: { kind: 'id' },
  },
  changes: (job, { part, jointId, endTowardsA, endTowardsB, newJointId }) => {
    const joint = job.joints.find(({ id }) => id === jointId);
    if (!joint) return err({ code: 'gone', message: 'This joint has been taken apart since.' });
    if (job.parts.some(({ id }) => id === part.id) || job.joints.some(({ id }) => id === newJointId))
      return err({ code: 'taken', message: 'This part is there already.' });
    const near = { ...joint, b: { of: 'part', id: part.id, end: endTowardsA }, ...AS_ASKED } as const;
    const far = {
      id: newJointId,
      a: { of: 'part', id: part.id, end: endTowardsB },
      b: joint.b,
      ...AS_ASKED,
    } as const;
    return ok([put(job, 'parts', part), replace(job, 'joints', joint, near), put(job, 'joints', far)]);
  },
  label: ({ part }) => `Put ${part.code} between`,
});
export type InsertPart = EditBy<typeof insertPart>;
