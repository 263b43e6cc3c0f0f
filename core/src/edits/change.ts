import { COLLECTIONS, type Collection, type Job, type JobRecord, LISTED, type RecordIn, SETTINGS } from '../job/job';
import type { Fields, RecordOf } from '../record/field';

const PLACE = { kind: 'count', least: 0, most: 5000, says: 'Its place in the list' } as const;
type RecordChange<Described> = {
  readonly id: { readonly kind: 'id' };
  readonly index: typeof PLACE;
  readonly from: { readonly kind: 'group'; readonly of: Described; readonly orUnknown: true };
  readonly to: { readonly kind: 'group'; readonly of: Described; readonly orUnknown: true };
};
const changeOf = (of: Fields): Fields => ({
  id: { kind: 'id' },
  index: PLACE,
  from: { kind: 'group', of, orUnknown: true },
  to: { kind: 'group', of, orUnknown: true },
});
const SETTINGS_CHANGE = { from: { kind: 'some', of: SETTINGS }, to: { kind: 'some', of: SETTINGS } } as const;

/** One change to a job, as it goes over a wire: by the list it is in. */
export const CHANGE = {
  kind: 'variant',
  on: 'in',
  of: {
    ...Object.fromEntries(COLLECTIONS.map((name) => [name, changeOf(LISTED[name])])),
    settings: SETTINGS_CHANGE,
  } as { readonly [In in Collection]: RecordChange<(typeof LISTED)[In]> } & {
    readonly settings: typeof SETTINGS_CHANGE;
  },
} as const;

/** A record put, replaced or taken away; `from` is what must be there before, `index` its place in the list. */
type ListChange = {
  [In in Collection]: { readonly in: In } & RecordOf<RecordChange<(typeof LISTED)[In]>>;
}[Collection];
/** Only the settings that change. */
type SettingsChange = { readonly in: 'settings' } & RecordOf<typeof SETTINGS_CHANGE>;
export type Change = ListChange | SettingsChange;

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

function changedList(list: readonly JobRecord[], { id, index, from, to }: ListChange): readonly JobRecord[] {
  if (from === null && to !== null) return list.toSpliced(Math.min(index, list.length), 0, to);
  if (to === null) return list.filter((record) => record.id !== id);
  return list.map((record) => (record.id === id ? to : record));
}

/** The compiler does not follow that list, before and after are of one kind; the callers' types hold it. */
const changeIn = <In extends Collection>(
  collection: In,
  change: {
    readonly id: string;
    readonly index: number;
    readonly from: RecordIn<In> | null;
    readonly to: RecordIn<In> | null;
  },
): Change => ({ in: collection, ...change }) as unknown as Change;

/** A change that puts a new record at the end of its list. */
export const put = <In extends Collection>(job: Job, collection: In, record: RecordIn<In>): Change =>
  changeIn(collection, { id: record.id, index: job[collection].length, from: null, to: record });

/** A change that replaces a record by another of the same id. */
export const replace = <In extends Collection>(
  job: Job,
  collection: In,
  from: RecordIn<In>,
  to: RecordIn<In>,
): Change => changeIn(collection, { id: from.id, index: indexOf(job, collection, from.id), from, to });

/** A change that takes a record away. */
export const take = <In extends Collection>(job: Job, collection: In, record: RecordIn<In>): Change =>
  changeIn(collection, { id: record.id, index: indexOf(job, collection, record.id), from: record, to: null });

const indexOf = (job: Job, collection: Collection, id: string): number =>
  job[collection].findIndex((record) => record.id === id);
