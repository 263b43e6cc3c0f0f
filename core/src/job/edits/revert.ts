import { err, ok } from '../../result';
import type { Job, Settings } from '../job';
import { type Change, type JobRecord, applyChanges, sameData } from './change';
import { type EditRefusal, defineEdit } from './edit-kind';

/** Puts records back as they were: undo and redo. Refused where somebody else has changed one of them since. */
export interface Revert {
  readonly type: 'revert';
  readonly label: string;
  readonly changes: readonly Change[];
}

export const revert = defineEdit<Revert>({
  type: 'revert',
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

function cannotMake(job: Job, change: Change): EditRefusal | undefined {
  if (change.in === 'settings')
    return Object.entries(change.from).every(([name, value]) => sameData(job[name as keyof Settings], value))
      ? undefined
      : { code: 'changed-since', message: 'This setting of the job was changed since.' };
  const list: readonly JobRecord[] = job[change.in];
  const now = list.find(({ id }) => id === change.id) ?? null;
  if (sameData(now, change.from)) return undefined;
  return now === null
    ? { code: 'gone', message: 'What this would put back has been taken away since.' }
    : { code: 'changed-since', message: 'What this would put back has been changed since.', now };
}
