import { EXTRA } from '../job/job';
import { err, ok } from '../result';
import { put, replace, take } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const addExtra = defineEdit({
  type: 'add-extra',
  says: 'Writes a line of one’s own on the list',
  data: { extra: { kind: 'group', of: EXTRA, words: 'line' } },
  changes: (job, { extra }) =>
    job.extras.some(({ id }) => id === extra.id)
      ? err({ code: 'taken', message: `${extra.name} is there already.` })
      : ok([put(job, 'extras', extra)]),
  label: ({ extra }) => `Add ${extra.name}`,
});
export type AddExtra = EditBy<typeof addExtra>;

export const removeExtra = defineEdit({
  type: 'remove-extra',
  says: 'Strikes a line of one’s own out again',
  data: { id: { kind: 'id' } },
  changes: (job, { id }) => {
    const extra = job.extras.find((one) => one.id === id);
    // What came in its box is bought as it is reckoned again, unless more of it was changed.
    const freed = job.changedLines
      .filter(({ kitId }) => kitId === id)
      .map((line) =>
        line.buy === null && line.instead === null
          ? take(job, 'changedLines', line)
          : replace(job, 'changedLines', line, { ...line, kitId: null }),
      );
    return extra
      ? ok([...freed, take(job, 'extras', extra)])
      : err({ code: 'gone', message: 'This line has been struck out already.' });
  },
  label: ({ id }, job) => `Strike out ${job.extras.find((one) => one.id === id)?.name ?? 'a line'}`,
});
export type RemoveExtra = EditBy<typeof removeExtra>;
