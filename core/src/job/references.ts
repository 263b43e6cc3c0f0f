import { listsAlike, memoize, memoizeBoth, reuseEqual } from '../quantity/memoize';
import type { Field, Fields } from '../record/field';
import type { FieldProblem } from '../result';
import { COLLECTIONS, type Collection, type Job, type JobRecord, LISTED, titleOf } from './job';

/** One record that names another. */
interface Named {
  /** From the naming record on: `readings[0].from`. */
  readonly path: string;
  readonly to: Collection;
  readonly id: string;
  readonly words: string;
}

/** Everything that a value names, as its field describes it. */
function namedIn(field: Field, value: unknown, path: string, words: string): readonly Named[] {
  if (value === null || value === undefined) return [];
  switch (field.kind) {
    case 'reference':
      return [{ path, to: field.to as Collection, id: value as string, words: field.words ?? words }];
    case 'list':
      return (value as readonly unknown[]).flatMap((item, place) =>
        namedIn(field.of, item, `${path}[${place}]`, field.words ?? words),
      );
    case 'group':
      return namedInFields(field.of, value as Readonly<Record<string, unknown>>, path);
    case 'variant': {
      const record = value as Readonly<Record<string, unknown>>;
      // It is one thing to who reads it: a side of a joint, what a height was taken from.
      return namedInFields(field.of[record[field.on] as string] ?? {}, record, '').map((named) => ({
        ...named,
        path,
        words: field.words ?? words,
      }));
    }
    default:
      return [];
  }
}

const namedInFields = (fields: Fields, record: Readonly<Record<string, unknown>>, above: string): readonly Named[] =>
  Object.entries(fields).flatMap(([name, field]) =>
    namedIn(field, record[name], above === '' ? name : `${above}.${name}`, name),
  );

const namedBy = memoizeBoth((fields: Fields, record: JobRecord) =>
  namedInFields(fields, record as unknown as Readonly<Record<string, unknown>>, ''),
);

/** All that the records of a list name: one list for as long as nothing in it changes. */
const namedInList = memoizeBoth((fields: Fields, records: readonly JobRecord[]) =>
  [...records.entries()].flatMap(([index, record]) =>
    namedBy(fields, record).map((named) => ({ ...named, record, index })),
  ),
);

const idsOf = memoize((records: readonly JobRecord[]): ReadonlySet<string> => new Set(records.map(({ id }) => id)));

/** The lists of a job by their collections, as long as the same records stand in them: only what names others is looked at anew. */
type Lists = ReadonlyMap<Collection, readonly JobRecord[]>;
const sameRecords = reuseEqual<Fields, readonly JobRecord[]>(listsAlike((a, b) => a.id === b.id));
const sameLists = reuseEqual<typeof LISTED, Lists>((a, b) => COLLECTIONS.every((name) => a.get(name) === b.get(name)));
const listsOf = (job: Job): Lists =>
  sameLists(LISTED, new Map(COLLECTIONS.map((name) => [name, sameRecords(LISTED[name], job[name])])));

/** What the records of a list name that is not there. */
const missingFrom = new Map(
  COLLECTIONS.map((name) => [
    name,
    memoizeBoth((records: readonly JobRecord[], lists: Lists): readonly FieldProblem[] =>
      namedInList(LISTED[name], records)
        .filter(({ to, id }) => !idsOf(lists.get(to) ?? []).has(id))
        .map(({ record, index, path, words }) => ({
          path: `${name}[${index}].${path}`,
          message: `The ${words} of ${titleOf(record)} is something that is not there.`,
        })),
    ),
  ]),
);

/** Every record that names one that is not there, and every id that is there twice. */
export function referenceProblems(job: Job): readonly FieldProblem[] {
  const lists = listsOf(job);
  return [
    ...COLLECTIONS.flatMap((name) => thereTwice(name, job[name])),
    ...COLLECTIONS.flatMap((name) => missingFrom.get(name)?.(job[name], lists) ?? []),
  ];
}

function thereTwice(name: Collection, records: readonly JobRecord[]): readonly FieldProblem[] {
  if (idsOf(records).size === records.length) return [];
  const own = new Set<string>();
  return records.flatMap(({ id }, index) => {
    const isSecond = own.has(id);
    own.add(id);
    return isSecond ? [{ path: `${name}[${index}].id`, message: `${id} is there twice.` }] : [];
  });
}
