import { NEW_PENETRATION } from '../job/new-tank';
import { err, ok } from '../result';
import { put } from './change';
import { type EditBy, defineEdit } from './edit-kind';
import { nextLabel } from './labels';

export const addPenetration = defineEdit({
  type: 'add-penetration',
  says: 'Sets out an opening. Without a label it gets the next free one; the second opening of a link or sight tube gives that of the first',
  data: {
    penetration: { kind: 'group', of: NEW_PENETRATION, words: 'opening' },
    label: { kind: 'text', most: 12, optional: true },
  },
  changes: (job, { penetration, label }) => {
    if (job.penetrations.some(({ id }) => id === penetration.id))
      return err({ code: 'taken', message: 'This hole is there already.' });
    if (!job.tanks.some(({ id }) => id === penetration.tankId))
      return err({ code: 'gone', message: 'The tank of this hole has been taken away since.' });
    const free =
      label ??
      nextLabel(
        'P',
        job.penetrations.map((other) => other.label),
      );
    return ok([put(job, 'penetrations', { ...penetration, label: free })]);
  },
  label: ({ penetration }) => `Add ${penetration.name.toLowerCase()}`,
});
export type AddPenetration = EditBy<typeof addPenetration>;
