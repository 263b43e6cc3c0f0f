import { err, ok } from '../result';
import type { Change } from './change';
import { applyChanges, replace, take } from './change';
import { type EditBy, defineEdit } from './edit-kind';
import { changesToRemove } from './remove-penetration';
import { freedFromTank } from './unplace';

export const removeTank = defineEdit({
  type: 'remove-tank',
  says: 'Takes a tank away with all its holes and their runs',
  data: { tankId: { kind: 'id' } },
  changes: (job, { tankId }, catalogue) => {
    const tank = job.tanks.find(({ id }) => id === tankId);
    if (!tank) return err({ code: 'gone', message: 'This tank has been taken away already.' });
    const changes: Change[] = [];
    let left = job;
    for (const penetration of job.penetrations.filter((hole) => hole.tankId === tankId)) {
      const more = changesToRemove(left, penetration, catalogue);
      changes.push(...more);
      left = applyChanges(left, more);
    }
    // What went with it goes with nothing.
    const freed = left.extras
      .filter((extra) => extra.tankId === tankId)
      .map((extra) => replace(left, 'extras', extra, { ...extra, tankId: null }));
    return ok([...changes, ...freed, ...freedFromTank(left, tankId), take(left, 'tanks', tank)]);
  },
  label: ({ tankId }, job) => `Take away ${job.tanks.find(({ id }) => id === tankId)?.label ?? 'a tank'}`,
});
export type RemoveTank = EditBy<typeof removeTank>;
