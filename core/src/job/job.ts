import type { Measures } from '../quantity/length';
import type { Fields, RecordOf } from '../record/field';
import { makeRecord } from '../record/make-record';
import type { Region } from '../region';
import { TANK, type Tank } from '../walls/tank';
import { CHANGED_LINE, type ChangedLine } from './changed-line';
import { EXTRA, type Extra } from './extra';
import { JOINT, type Joint } from './joint';
import { PENETRATION, type Penetration } from './penetration';
import { PLACED_PART, type PlacedPart } from './placed-part';
import { SETTINGS } from './settings';
import { SETTLEMENT, type Settlement } from './settlement';
import { INFLOW, type Inflow, MARK, type Mark, ROOF, type Roof, TERMINAL, type Terminal } from './site-records';

export * from './changed-line';
export * from './extra';
export * from './joint';
export * from './penetration';
export * from './placed-part';
export * from './settings';
export * from './settlement';
export * from './site-records';

export const SCHEMA_VERSION = 10;

/** What lies in each list of the document. */
export const LISTED = {
  roofs: ROOF,
  inflows: INFLOW,
  marks: MARK,
  tanks: TANK,
  penetrations: PENETRATION,
  parts: PLACED_PART,
  joints: JOINT,
  terminals: TERMINAL,
  settlements: SETTLEMENT,
  extras: EXTRA,
  changedLines: CHANGED_LINE,
} as const satisfies Readonly<Record<string, Fields>>;

/** What a record of each list is called. */
export const RECORD_NAMES: Readonly<Record<Collection, string>> = {
  roofs: 'Roof',
  inflows: 'Inflow',
  marks: 'Mark',
  tanks: 'Tank',
  penetrations: 'Penetration',
  parts: 'PlacedPart',
  joints: 'Joint',
  terminals: 'Terminal',
  settlements: 'Settlement',
  extras: 'Extra',
  changedLines: 'ChangedLine',
};

/** The lists of the job document. */
export const COLLECTIONS = Object.keys(LISTED) as readonly Collection[];
export type Collection = keyof typeof LISTED;

/** Every record of a job, by where it stands. The settings are one record, the job itself. */
export const RECORDS = { settings: SETTINGS, ...LISTED } as const;

/** No job has more of anything. */
const MOST_RECORDS = 5000;
type ListOf<Described> = {
  readonly kind: 'list';
  readonly of: { readonly kind: 'group'; readonly of: Described };
  readonly most: number;
  readonly default: readonly [];
};
const listOf = <const Described extends Fields>(of: Described): ListOf<Described> => ({
  kind: 'list',
  of: { kind: 'group', of },
  most: MOST_RECORDS,
  default: [],
});

/** The job document: one aggregate, stored whole, changed only by edits. */
export const JOB = {
  schemaVersion: { kind: 'choice', of: [SCHEMA_VERSION] },
  ...SETTINGS,
  roofs: listOf(ROOF),
  inflows: listOf(INFLOW),
  marks: listOf(MARK),
  tanks: listOf(TANK),
  penetrations: listOf(PENETRATION),
  parts: listOf(PLACED_PART),
  joints: listOf(JOINT),
  terminals: listOf(TERMINAL),
  settlements: listOf(SETTLEMENT),
  extras: listOf(EXTRA),
  changedLines: listOf(CHANGED_LINE),
} as const satisfies Fields;
export interface Job extends RecordOf<typeof JOB> {}

/** The types of the records of each list; a name of its own for each, so that the compiler says them short. */
interface Listed {
  readonly roofs: Roof;
  readonly inflows: Inflow;
  readonly marks: Mark;
  readonly tanks: Tank;
  readonly penetrations: Penetration;
  readonly parts: PlacedPart;
  readonly joints: Joint;
  readonly terminals: Terminal;
  readonly settlements: Settlement;
  readonly extras: Extra;
  readonly changedLines: ChangedLine;
}
export type RecordIn<In extends Collection> = Listed[In];
/** Any record of any list. */
export type JobRecord = Listed[Collection];

/** A job with nothing in it yet. */
export const emptyJob = (name: string, measures: Measures, region: Region | null = null): Job =>
  makeRecord(JOB, { schemaVersion: SCHEMA_VERSION, name, measures, region });

/** What a record is called where people read it: 'T1', 'P4', 'J5', 'Boat house'. */
export const titleOf = (record: JobRecord): string =>
  'label' in record
    ? record.label
    : 'cutToM' in record
      ? 'a joint'
      : 'name' in record
        ? record.name
        : 'code' in record
          ? record.code
          : `the note settled by ${record.by}`;
