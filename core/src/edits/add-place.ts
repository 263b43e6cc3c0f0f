import { type Collection, INFLOW, type Job, MARK, ROOF, type RecordIn, TERMINAL } from '../job/job';
import { type Result, err, ok } from '../result';
import { type Change, put } from './change';
import { type EditBy, type EditRefusal, defineEdit } from './edit-kind';

/** Puts a new record of the site into its list. */
const added = <In extends Extract<Collection, 'roofs' | 'inflows' | 'terminals' | 'marks'>>(
  job: Job,
  collection: In,
  record: RecordIn<In>,
): Result<readonly Change[], EditRefusal> =>
  job[collection].some(({ id }) => id === record.id)
    ? err({ code: 'taken', message: `${record.name} is there already.` })
    : ok([put(job, collection, record)]);

export const addRoof = defineEdit({
  type: 'add-roof',
  says: 'Names a roof that feeds the tanks',
  data: { roof: { kind: 'group', of: ROOF, words: 'roof' } },
  changes: (job, { roof }) => added(job, 'roofs', roof),
  label: ({ roof }) => `Add ${roof.name}`,
});
export type AddRoof = EditBy<typeof addRoof>;

export const addInflow = defineEdit({
  type: 'add-inflow',
  says: 'Names another inflow',
  data: { inflow: { kind: 'group', of: INFLOW, words: 'inflow' } },
  changes: (job, { inflow }) => added(job, 'inflows', inflow),
  label: ({ inflow }) => `Add ${inflow.name}`,
});
export type AddInflow = EditBy<typeof addInflow>;

export const addTerminal = defineEdit({
  type: 'add-terminal',
  says: 'Names a place where a run may end',
  data: { terminal: { kind: 'group', of: TERMINAL, words: 'place' } },
  changes: (job, { terminal }) => added(job, 'terminals', terminal),
  label: ({ terminal }) => `Add ${terminal.name}`,
});
export type AddTerminal = EditBy<typeof addTerminal>;

export const addMark = defineEdit({
  type: 'add-mark',
  says: 'Names a reference for heights, or a piece of ground',
  data: { mark: { kind: 'group', of: MARK, words: 'mark' } },
  changes: (job, { mark }) => added(job, 'marks', mark),
  label: ({ mark }) => `Add ${mark.name}`,
});
export type AddMark = EditBy<typeof addMark>;
