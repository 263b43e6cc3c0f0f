import { isByLength } from '../../fittings/part';
import { err, ok } from '../../result';
import { replace } from './change';
import { defineEdit } from './edit-kind';

/** Takes another catalogue part in the same place, its ends in the same order. */
export interface ReplacePart {
  readonly type: 'replace-part';
  readonly partId: string;
  readonly from: string;
  readonly to: string;
}

export const replacePart = defineEdit<ReplacePart>({
  type: 'replace-part',
  changes: (job, { partId, from, to }, catalogue) => {
    const part = job.parts.find(({ id }) => id === partId);
    if (!part) return err({ code: 'gone', message: 'This part has been taken out since.' });
    if (part.code !== from)
      return err({ code: 'changed-since', message: `${from} was changed to ${part.code} since.`, now: part.code });
    const other = catalogue.byCode.get(to);
    if (!other) return err({ code: 'not-possible', message: `${to} is not in the catalogue.` });
    const lengthM = isByLength(other) ? part.lengthM : null;
    return ok([
      replace(job, 'parts', part, { ...part, code: to, lengthM, riseM: lengthM === null ? null : part.riseM }),
    ]);
  },
  label: ({ from, to }) => `Change ${from} to ${to}`,
});
