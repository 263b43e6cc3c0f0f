import { isByLength } from '../fittings/part';
import { err, ok } from '../result';
import { replace } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const replacePart = defineEdit({
  type: 'replace-part',
  says: 'Takes another part of the catalogue in the same place, its ends in the same order',
  data: {
    partId: { kind: 'id' },
    from: { kind: 'text', most: 60, words: 'code of the part' },
    to: { kind: 'text', most: 60, words: 'code of the part' },
  },
  changes: (job, { partId, from, to }, catalogue) => {
    const part = job.parts.find(({ id }) => id === partId);
    if (!part) return err({ code: 'gone', message: 'This part has been taken out since.' });
    if (part.code !== from)
      return err({ code: 'changed-since', message: `${from} was changed to ${part.code} since.`, now: part.code });
    const other = catalogue.byCode.get(to);
    if (!other) return err({ code: 'not-possible', message: `${to} is not in the catalogue.` });
    // A length and a fall are said of what is cut.
    const cut = isByLength(other);
    const said = {
      lengthM: cut ? part.lengthM : null,
      slope: cut ? part.slope : null,
    };
    return ok([replace(job, 'parts', part, { ...part, code: to, ...said })]);
  },
  label: ({ from, to }) => `Change ${from} to ${to}`,
});
export type ReplacePart = EditBy<typeof replacePart>;
