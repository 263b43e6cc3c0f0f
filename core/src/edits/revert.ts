import { dequal } from 'dequal';
import type { Job, JobRecord, Settings } from '../job/job';
import { err, ok } from '../result';
import { CHANGE, type Change, applyChanges } from './change';
import { type EditBy, type EditRefusal, defineEdit } from './edit-kind';

/** No batch touches more records. */
const MOST_CHANGES = 20_000;

export const revert = defineEdit({
  type: 'revert',
  says: 'Puts records back as they were: undo and redo. Refused where somebody else has changed one of them since',
  data: {
    label: { kind: 'text', most: 200 },
    changes: { kind: 'list', of: CHANGE, most: MOST_CHANGES },
  },
  changes: (job, { changes }) => {
    let now = job;
    for (const change of changes) {
      const refusal = cannotMake(now, change);
      if (refusal) return err(refusal);
      now = applyChanges(now, [change]);
    }
    return ok(changes);
  },
  label: ({ label }) => label,
});
export type Revert = EditBy<typeof revert>;

function cannotMake(job: Job, change: Change): EditRefusal | undefined {
  if (change.in === 'settings')
    return Object.entries(change.from).every(([name, value]) => dequal(job[name as keyof Settings], value))
      ? undefined
      : { code: 'changed-since', message: 'This setting of the job was changed since.' };
  const list: readonly JobRecord[] = job[change.in];
  const now = list.find(({ id }) => id === change.id) ?? null;
  if (dequal(now, change.from)) return undefined;
  return now === null
    ? { code: 'gone', message: 'What this would put back has been taken away since.' }
    : { code: 'changed-since', message: 'What this would put back has been changed since.', now };
}
