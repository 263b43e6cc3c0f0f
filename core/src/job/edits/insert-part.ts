import { err, ok } from '../../result';
import { AS_ASKED, type PlacedPart } from '../job';
import { put, replace } from './change';
import { defineEdit } from './edit-kind';
import { nextJointNumber } from './joint-numbers';

/** Puts a part between the two sides of a joint: the joint keeps its number on the tank's side, the new one gets the next. */
export interface InsertPart {
  readonly type: 'insert-part';
  readonly part: PlacedPart;
  readonly jointId: string;
  /** The part's end towards side `a` of the joint. */
  readonly endTowardsA: number;
  readonly endTowardsB: number;
  readonly newJointId: string;
}

export const insertPart = defineEdit<InsertPart>({
  type: 'insert-part',
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
