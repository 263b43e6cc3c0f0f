import { err, ok } from '../../result';
import type { Tank } from '../../walls/tank';
import { put } from './change';
import { defineEdit } from './edit-kind';
import { nextLabel } from './labels';

/** Sets out a tank; its label is the next free one. */
export interface AddTank {
  readonly type: 'add-tank';
  readonly tank: Omit<Tank, 'label'>;
}

export const addTank = defineEdit<AddTank>({
  type: 'add-tank',
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
