import { CHANGED_LINE, isOfSameLine } from '../job/job';
import { err, ok } from '../result';
import { put, take } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const changeLine = defineEdit({
  type: 'change-line',
  says: 'Changes a line of the list by hand: how many, which article, in which box; it stays so. What is changed of it then is set field by field',
  data: { line: { kind: 'group', of: CHANGED_LINE, words: 'line' } },
  changes: (job, { line }) =>
    line.buy === null && line.instead === null && line.kitId === null
      ? err({ code: 'not-possible', message: 'Nothing of this line is changed.' })
      : job.changedLines.some((one) => one.id === line.id || isOfSameLine(one, line))
        ? err({ code: 'taken', message: 'This line has been changed by hand already.' })
        : ok([put(job, 'changedLines', line)]),
  label: ({ line }) => (line.buy === 0 ? `Leave out ${line.code}` : `Change ${line.code} by hand`),
});
export type ChangeLine = EditBy<typeof changeLine>;

export const restoreLine = defineEdit({
  type: 'restore-line',
  says: 'Has a line of the list as it is reckoned again',
  data: { id: { kind: 'id' } },
  changes: (job, { id }) => {
    const line = job.changedLines.find((one) => one.id === id);
    return line
      ? ok([take(job, 'changedLines', line)])
      : err({ code: 'gone', message: 'This line is as it is reckoned already.' });
  },
  label: ({ id }, job) => `${job.changedLines.find((one) => one.id === id)?.code ?? 'A line'} as reckoned`,
});
export type RestoreLine = EditBy<typeof restoreLine>;
