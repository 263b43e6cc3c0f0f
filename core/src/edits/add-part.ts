import { err, ok } from '../result';
import { AS_ASKED, END_REF, PART_END, PLACED_PART, refKey } from '../job/job';
import { put } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const addPart = defineEdit({
  type: 'add-part',
  says: 'Puts a part on an open end',
  data: {
    part: { kind: 'group', of: PLACED_PART, words: 'part' },
    at: { ...END_REF, says: 'The open end it goes on to' },
    partEnd: { ...PART_END, says: 'Which of the ends of the part itself goes there' },
    jointId: { kind: 'id' },
  },
  changes: (job, { part, at, partEnd, jointId }) => {
    if (job.parts.some(({ id }) => id === part.id))
      return err({ code: 'taken', message: 'This part is there already.' });
    if (job.joints.some(({ a, b }) => [a, b].some((ref) => refKey(ref) === refKey(at))))
      return err({ code: 'not-open', message: 'Something has been put on this end since.' });
    const joint = { id: jointId, a: at, b: { of: 'part', id: part.id, end: partEnd }, ...AS_ASKED } as const;
    return ok([put(job, 'parts', part), put(job, 'joints', joint)]);
  },
  label: ({ part }) => `Add ${part.code}`,
});
export type AddPart = EditBy<typeof addPart>;
