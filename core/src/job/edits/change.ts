import { type Job, NO_SETTINGS, type Settings } from '../job';

/** The collections of the job document; the settings of the job itself are the record `job` in `settings`. */
export const COLLECTIONS = [
  'roofs',
  'inflows',
  'marks',
  'tanks',
  'penetrations',
  'parts',
  'joints',
  'terminals',
] as const;
export type Collection = (typeof COLLECTIONS)[number];
export type JobRecord = Job[Collection][number];

/** The names of all settings. */
export const SETTINGS = ['name', 'measures', ...(Object.keys(NO_SETTINGS) as (keyof typeof NO_SETTINGS)[])] as const;

/** One record put, replaced or taken away; `from` is what must be there before, `index` its place in the list. */
export type Change =
  | {
      readonly in: Collection;
      readonly id: string;
      readonly index: number;
      readonly from: JobRecord | null;
      readonly to: JobRecord | null;
    }
  /** Only the settings that change. */
  | { readonly in: 'settings'; readonly from: Partial<Settings>; readonly to: Partial<Settings> };

/** The changes that undo these, in the order in which they must be made. */
export const invertChanges = (changes: readonly Change[]): Change[] =>
  changes.toReversed().map((change) => ({ ...change, from: change.to, to: change.from }) as Change);

/** Makes the changes, trusting that each `from` is there. */
export const applyChanges = (job: Job, changes: readonly Change[]): Job => changes.reduce(applyChange, job);

/**
 * Makes the changes and writes into each the place its record really had at that moment, so that the inverse puts
 * everything back in its order, whatever else the batch took away before it.
 */
export function makeChanges(
  job: Job,
  changes: readonly Change[],
): { readonly job: Job; readonly made: readonly Change[] } {
  let now = job;
  const made = changes.map((change) => {
    const placed =
      change.in === 'settings' || change.from === null
        ? change
        : { ...change, index: indexOf(now, change.in, change.id) };
    now = applyChange(now, placed);
    return placed;
  });
  return { job: now, made };
}

function applyChange(job: Job, change: Change): Job {
  if (change.in === 'settings') return { ...job, ...change.to };
  const list: readonly JobRecord[] = job[change.in];
  return { ...job, [change.in]: changedList(list, change) };
}

function changedList(
  list: readonly JobRecord[],
  { id, index, from, to }: Extract<Change, { id: string }>,
): readonly JobRecord[] {
  if (from === null && to !== null) return list.toSpliced(Math.min(index, list.length), 0, to);
  if (to === null) return list.filter((record) => record.id !== id);
  return list.map((record) => (record.id === id ? to : record));
}

/** A change that puts a new record at the end of its list. */
export const put = (job: Job, collection: Collection, record: JobRecord): Change => ({
  in: collection,
  id: record.id,
  index: job[collection].length,
  from: null,
  to: record,
});

/** A change that replaces a record by another of the same id. */
export const replace = (job: Job, collection: Collection, from: JobRecord, to: JobRecord): Change => ({
  in: collection,
  id: from.id,
  index: indexOf(job, collection, from.id),
  from,
  to,
});

/** A change that takes a record away. */
export const take = (job: Job, collection: Collection, record: JobRecord): Change => ({
  in: collection,
  id: record.id,
  index: indexOf(job, collection, record.id),
  from: record,
  to: null,
});

const indexOf = (job: Job, collection: Collection, id: string): number =>
  job[collection].findIndex((record) => record.id === id);

/** Deep equality of plain JSON data; the order of keys does not matter. */
export function sameData(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const keys = Object.keys(a);
  return (
    keys.length === Object.keys(b).length &&
    keys.every((key) => Object.hasOwn(b, key) && sameData(a[key as keyof typeof a], b[key as keyof typeof b]))
  );
}
