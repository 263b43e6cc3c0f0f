import { err, ok } from '../../result';
import { AS_ASKED, type EndRef, type PlacedPart, refKey } from '../job';
import { put } from './change';
import { defineEdit } from './edit-kind';
import { nextJointNumber } from './joint-numbers';

/** Puts a part on an open end. */
export interface AddPart {
  readonly type: 'add-part';
  readonly part: PlacedPart;
  /** The open end it goes on to. */
  readonly at: EndRef;
  /** Which of the part's own ends goes there. */
  readonly partEnd: number;
  readonly jointId: string;
}

export const addPart = defineEdit<AddPart>({
  type: 'add-part',
  changes: (job, { part, at, partEnd, jointId }, catalogue) => {
    if (job.parts.some(({ id }) => id === part.id))
      return err({ code: 'taken', message: 'This part is there already.' });
    if (job.joints.some(({ a, b }) => [a, b].some((ref) => refKey(ref) === refKey(at))))
      return err({ code: 'not-open', message: 'Something has been put on this end since.' });
    const number = nextJointNumber(job, catalogue, at);
    const joint = { id: jointId, number, a: at, b: { of: 'part', id: part.id, end: partEnd }, ...AS_ASKED } as const;
    return ok([put(job, 'parts', part), put(job, 'joints', joint)]);
  },
  label: ({ part }) => `Add ${part.code}`,
});
