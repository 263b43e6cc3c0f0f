import { dequal } from 'dequal';
import {
  COLLECTIONS,
  type Collection,
  type Job,
  type JobRecord,
  RECORDS,
  type RecordIn,
  type Settings,
  titleOf,
} from '../job/job';
import { type Fault, faultsOf } from '../record/faults';
import { type Field, type Fields, type SettableIn, type ValueOf, isFigure } from '../record/field';
import { err, ok } from '../result';
import { type Change, replace } from './change';
import { type EditKind, defineEdit } from './edit-kind';

type Where = keyof typeof RECORDS;
/** The fields of a record that are set one by one. */
export type Settable<In extends Where> = Extract<SettableIn<(typeof RECORDS)[In]>, string>;
/** What such a field holds. */
export type Held<In extends Where, Name extends Settable<In>> = ValueOf<(typeof RECORDS)[In][Name]>;

interface Setting<In extends Where, Name extends Settable<In>> {
  readonly type: 'change-field';
  readonly in: In;
  /** Absent for the settings of the job. */
  readonly id?: In extends 'settings' ? undefined : string | undefined;
  readonly field: Name;
  readonly from: Held<In, Name>;
  readonly to: Held<In, Name>;
}

/**
 * Sets one field from what the person saw to what they want; refused when somebody else has changed it since. It knows
 * its record, its field and the type of its value.
 */
export type ChangeField = { [In in Where]: { [Name in Settable<In>]: Setting<In, Name> }[Settable<In>] }[Where];

/** The edit that sets a field of a record. */
export const setField = <In extends Collection, Name extends Settable<In>>(
  collection: In,
  record: RecordIn<In>,
  field: Name,
  to: Held<In, Name>,
): ChangeField =>
  ({
    type: 'change-field',
    in: collection,
    id: record.id,
    field,
    from: record[field as unknown as keyof RecordIn<In>],
    to,
  }) as unknown as ChangeField;

/** The edit that sets something of the whole job. */
export const setSetting = <Name extends Settable<'settings'>>(
  job: Settings,
  field: Name,
  to: Settings[Name],
): ChangeField => ({ type: 'change-field', in: 'settings', field, from: job[field], to }) as ChangeField;

/** An edit that gives a figure. */
export type FigureChange = Extract<ChangeField, { readonly to: number | null }>;

/** The edit that will give a figure, once somebody knows it. */
export const askField = <In extends Collection, Name extends Settable<In>>(
  collection: In,
  record: RecordIn<In>,
  field: Name & (number extends Held<In, Name> ? Name : never),
): FigureChange => ({ ...setField(collection, record, field, null as Held<In, Name>) }) as FigureChange;

/** What was asked for with its answer. */
export const answered = (edit: FigureChange, to: number): FigureChange => ({ ...edit, to });

/** The description of a field that is set by itself; undefined where there is none of this name. */
export function settableField(where: Where, name: string): Field | undefined {
  const fields: Fields = RECORDS[where];
  const field = Object.hasOwn(fields, name) ? fields[name] : undefined;
  return field?.fixed ? undefined : field;
}

/** Between which a figure usually lies: of two ways to read what was typed the one inside is the likelier. */
export function usualOf<In extends Where>(where: In, name: Settable<In>): readonly [number, number] | undefined {
  const field = settableField(where, name);
  return field && isFigure(field) ? field.usual : undefined;
}

/** What a field is called in a sentence. */
export const wordsOf = (where: Where, name: string): string => settableField(where, name)?.words ?? name;

const valueFaults = ({
  in: where,
  field,
  to,
}: {
  readonly in: Where;
  readonly field: string;
  readonly to: unknown;
}): readonly Fault[] => {
  const described = settableField(where, field);
  if (!described) return [{ path: 'field', code: 'not-described', field: undefined }];
  return faultsOf(described, to).map((fault) => ({
    ...fault,
    path: `to${fault.path === '' || fault.path.startsWith('[') ? '' : '.'}${fault.path}`,
  }));
};

function recordOf(job: Job, where: Where, id: string | undefined): JobRecord | undefined {
  const list: readonly JobRecord[] = where === 'settings' ? [] : job[where];
  return list.find((one) => one.id === id);
}

const described = defineEdit({
  type: 'change-field',
  says: 'Sets one field from what was seen to what is wanted; refused when somebody else has changed it since',
  data: {
    in: { kind: 'choice', of: [...COLLECTIONS, 'settings'] as readonly Where[] },
    id: { kind: 'id', optional: true, says: 'Absent for the settings of the job' },
    field: { kind: 'text', most: 40 },
    from: { kind: 'any', orUnknown: true, says: 'What was seen' },
    to: { kind: 'any', orUnknown: true, says: 'What is wanted, as the field is described' },
  },
  of: ({ in: where, id }, job) => {
    const record = recordOf(job, where, id);
    return record ? titleOf(record) : '';
  },
  faults: valueFaults,
  changes: (job, edit) => {
    const { in: where, field, from, to, id } = edit;
    if (where === 'settings') return settingChange(job, field as Settable<'settings'>, from, to);
    const record = recordOf(job, where, id);
    if (!record) return err({ code: 'gone', message: 'What you changed has been taken away since.' });
    const now = record[field as keyof JobRecord] as unknown;
    if (!dequal(now, from))
      return err({
        code: 'changed-since',
        message: `The ${wordsOf(where, field)} of ${titleOf(record)} was changed since.`,
        now,
      });
    return ok([replace(job, where, record as never, { ...record, [field]: to })]);
  },
  label: ({ in: where, field, id }, job) => {
    const record = recordOf(job, where, id);
    const asked = settableField(where, field)?.asked;
    const what = asked === undefined ? `Set the ${wordsOf(where, field)}` : `Change “${asked}”`;
    return `${what}${record ? ` of ${titleOf(record)}` : ''}`;
  },
});

function settingChange(job: Job, field: Settable<'settings'>, from: unknown, to: unknown) {
  const now = job[field];
  if (!dequal(now, from))
    return err({
      code: 'changed-since' as const,
      message: `The ${wordsOf('settings', field)} of the job was changed since.`,
      now,
    });
  const change: Change = { in: 'settings', from: { [field]: from }, to: { [field]: to } };
  return ok([change]);
}

/** Its value is checked against the field that it names; the type says so too. */
export const changeField = described as unknown as Omit<typeof described, 'changes' | 'label'> &
  Pick<EditKind, 'changes' | 'label'>;
