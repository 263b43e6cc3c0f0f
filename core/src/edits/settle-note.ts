import { SETTLEMENT } from '../job/job';
import { err, ok } from '../result';
import { put, take } from './change';
import { type EditBy, defineEdit } from './edit-kind';

/** Settles a note by name. */
export const settleNote = defineEdit({
  type: 'settle-note',
  says: 'Settles a note of a check by name, for as long as its figures stay',
  data: {
    settlement: { kind: 'group', of: SETTLEMENT, words: 'settlement' },
    title: { kind: 'text', most: 200, words: 'title' },
  },
  changes: (job, { settlement }) =>
    job.settlements.some(({ id }) => id === settlement.id)
      ? err({ code: 'taken', message: 'This note has been settled already.' })
      : ok([put(job, 'settlements', settlement)]),
  label: ({ title }) => `Settle: ${title}`,
});
export type SettleNote = EditBy<typeof settleNote>;

/** Opens it again. */
export const reopenNote = defineEdit({
  type: 'reopen-note',
  says: 'Opens a note again that somebody had settled',
  data: { id: { kind: 'id' }, title: { kind: 'text', most: 200, words: 'title' } },
  changes: (job, { id }) => {
    const found = job.settlements.find((one) => one.id === id);
    return found
      ? ok([take(job, 'settlements', found)])
      : err({ code: 'gone', message: 'This note is open again already.' });
  },
  label: ({ title }) => `Open again: ${title}`,
});
export type ReopenNote = EditBy<typeof reopenNote>;
