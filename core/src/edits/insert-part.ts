import { err, ok } from '../result';
import { AS_ASKED, PART_END, PLACED_PART } from '../job/job';
import { put, replace } from './change';
import { type EditBy, defineEdit } from './edit-kind';
import { nextJointNumber } from './joint-numbers';

export const insertPart = defineEdit({
  type: 'insert-part',
  says: 'Puts a part between the two sides of a joint: the joint keeps its number on the side of the tank, the new one gets the next',
  data: {
    part: { kind: 'group', of: PLACED_PART, words: 'part' },
    jointId: { kind: 'id' },
    endTowardsA: { ...PART_END, says: 'The end of the part towards side a of the joint' },
    endTowardsB: PART_END,
    newJointId: { kind: 'id' },
  },
  changes: (job, { part, jointId, endTowardsA, endTowardsB, newJointId }, catalogue) => {
    const joint = job.joints.find(({ id }) => id === jointId);
    if (!joint) return err({ code: 'gone', message: 'This joint has been taken apart since.' });
    if (job.parts.some(({ id }) => id === part.id) || job.joints.some(({ id }) => id === newJointId))
      return err({ code: 'taken', message: 'This part is there already.' });
    const number = nextJointNumber(job, catalogue, joint.a);
    const near = { ...joint, b: { of: 'part', id: part.id, end: endTowardsA }, ...AS_ASKED } as const;
    const far = {
      id: newJointId,
      number,
      a: { of: 'part', id: part.id, end: endTowardsB },
      b: joint.b,
      ...AS_ASKED,
    } as const;
    return ok([put(job, 'parts', part), replace(job, 'joints', joint, near), put(job, 'joints', far)]);
  },
  label: ({ part }) => `Put ${part.code} between`,
});
export type InsertPart = EditBy<typeof insertPart>;
