import { COLLECTIONS, type Collection, type Job, titleOf } from '../../../job/job';
import { validateJob } from '../../../job/validate';
import { defineCheck } from '../../define-check';
import type { Place, StationId } from '../../finding';

const STATIONS: Readonly<Record<Collection, StationId>> = {
  roofs: 'site',
  inflows: 'site',
  marks: 'site',
  terminals: 'site',
  tanks: 'tanks',
  penetrations: 'holes',
  parts: 'runs',
  joints: 'runs',
  settlements: 'site',
  extras: 'parts',
  changedLines: 'parts',
};
const KINDS: Readonly<Record<Collection, Place['kind']>> = {
  roofs: 'roof',
  inflows: 'inflow',
  marks: 'mark',
  terminals: 'terminal',
  tanks: 'tank',
  penetrations: 'penetration',
  parts: 'part',
  joints: 'joint',
  settlements: 'job',
  extras: 'job',
  changedLines: 'job',
};
const MOST_CHARS = 60;

/** What stands in a document at a path, short. */
function standing(job: Job, path: string): string {
  let value: unknown = job;
  for (const step of path.match(/[^.[\]]+/g) ?? [])
    value = typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[step] : undefined;
  const text = value === undefined ? 'nothing' : JSON.stringify(value);
  return text.length > MOST_CHARS ? `${text.slice(0, MOST_CHARS)}…` : text;
}

/** The record that a path leads into, and its station; a setting of the job is the job's own. */
function placeOf(job: Job, path: string): { readonly at: Place; readonly station: StationId } {
  const [, list = '', index = ''] = /^(\w+)\[(\d+)\]/.exec(path) ?? [];
  const name = COLLECTIONS.find((one) => one === list);
  const record = name === undefined ? undefined : job[name][Number(index)];
  if (name === undefined || record === undefined)
    return { at: { kind: 'job', id: '', label: 'the job' }, station: 'site' };
  return {
    at: {
      kind: KINDS[name],
      id: record.id,
      ...(name === 'penetrations' ? { penetrationId: record.id } : {}),
      label: titleOf(record),
    },
    station: STATIONS[name],
  };
}

export default defineCheck({
  meta: {
    id: 'site/refused-today',
    severity: 'fails',
    toDo: 'Give the field anew. Until then it stands as it was, and other changes are taken as ever.',
    sources: [{ document: 'our own rules for a job document', provenance: 'common-practice' }],
    messages: {
      refused: {
        title: 'Would not be taken today',
        text: '{why} It stands as it was stored ({value}); nothing was changed. Give it anew.',
      },
    },
  },
  // As it was said: what follows from it is ours, and an edit has looked at that document already.
  check: ({ said, catalogue }) =>
    validateJob(said, catalogue).map(({ path, message }) => ({
      messageId: 'refused',
      ...placeOf(said, path),
      data: { why: message, value: standing(said, path) },
    })),
});
