import { err, ok } from '../../result';
import type { Penetration } from '../job';
import { put } from './change';
import { defineEdit } from './edit-kind';
import { nextLabel } from './labels';

/** Sets out an opening. Without `label` it gets the next free one; the second opening of a link or sight tube gives the first one's. */
export interface AddPenetration {
  readonly type: 'add-penetration';
  readonly penetration: Omit<Penetration, 'label'>;
  readonly label?: string | undefined;
}

export const addPenetration = defineEdit<AddPenetration>({
  type: 'add-penetration',
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
