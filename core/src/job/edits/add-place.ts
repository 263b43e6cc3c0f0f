import { err, ok } from '../../result';
import type { Inflow, Mark, Roof, Terminal } from '../job';
import { put } from './change';
import { type EditKind, defineEdit } from './edit-kind';

/** Names a roof that feeds the tanks. */
export interface AddRoof {
  readonly type: 'add-roof';
  readonly roof: Roof;
}

/** Names another inflow. */
export interface AddInflow {
  readonly type: 'add-inflow';
  readonly inflow: Inflow;
}

/** Names a place where a run may end. */
export interface AddTerminal {
  readonly type: 'add-terminal';
  readonly terminal: Terminal;
}

/** Names a reference for heights, or a piece of ground. */
export interface AddMark {
  readonly type: 'add-mark';
  readonly mark: Mark;
}

/** A kind of edit that puts a new record of the site into its list. */
const adds = <Data extends { readonly type: string }>(
  type: Data['type'],
  collection: 'roofs' | 'inflows' | 'terminals' | 'marks',
  recordOf: (edit: Data) => Roof | Inflow | Terminal | Mark,
): EditKind<Data> =>
  defineEdit<Data>({
    type,
    changes: (job, edit) => {
      const record = recordOf(edit);
      return job[collection].some(({ id }) => id === record.id)
        ? err({ code: 'taken', message: `${record.name} is there already.` })
        : ok([put(job, collection, record)]);
    },
    label: (edit) => `Add ${recordOf(edit).name}`,
  });

export const addRoof = adds<AddRoof>('add-roof', 'roofs', ({ roof }) => roof);
export const addInflow = adds<AddInflow>('add-inflow', 'inflows', ({ inflow }) => inflow);
export const addTerminal = adds<AddTerminal>('add-terminal', 'terminals', ({ terminal }) => terminal);
export const addMark = adds<AddMark>('add-mark', 'marks', ({ mark }) => mark);
