import { NEW_TANK } from '../job/new-tank';
import { err, ok } from '../result';
import { put } from './change';
import { type EditBy, defineEdit } from './edit-kind';
import { nextLabel } from './labels';

export const addTank = defineEdit({
  type: 'add-tank',
  says: 'Sets out a tank; its label is the next free one',
  data: { tank: { kind: 'group', of: NEW_TANK, words: 'tank' } },
  changes: (job, { tank }) => {
    if (job.tanks.some(({ id }) => id === tank.id))
      return err({ code: 'taken', message: 'This tank is there already.' });
    const label = nextLabel(
      'T',
      job.tanks.map((other) => other.label),
    );
    return ok([put(job, 'tanks', { ...tank, label })]);
  },
  label: () => 'Add a tank',
});
export type AddTank = EditBy<typeof addTank>;
