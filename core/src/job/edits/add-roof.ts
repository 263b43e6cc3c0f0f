import { err, ok } from '../../result';
import type { Roof } from '../job';
import { put } from './change';
import { defineEdit } from './edit-kind';

/** Names a roof that feeds the tanks. */
export interface AddRoof {
  readonly type: 'add-roof';
  readonly roof: Roof;
}

export const addRoof = defineEdit<AddRoof>({
  type: 'add-roof',
  changes: (job, { roof }) =>
    job.roofs.some(({ id }) => id === roof.id)
      ? err({ code: 'taken', message: `${roof.name} is there already.` })
      : ok([put(job, 'roofs', roof)]),
  label: ({ roof }) => `Add ${roof.name}`,
});
