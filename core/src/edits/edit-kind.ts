import type { Catalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import type { Fault } from '../record/faults';
import type { Fields, RecordOf } from '../record/field';
import type { Result } from '../result';
import type { Change } from './change';

/** Why an edit cannot be made on this job, in words for the person who made it. */
export interface EditRefusal {
  readonly code: 'gone' | 'taken' | 'changed-since' | 'not-open' | 'not-possible' | 'invalid';
  readonly message: string;
  /** Where in the edit, or in the job that it would make. */
  readonly path?: string;
  /** For a field changed by somebody else: what it is now. */
  readonly now?: unknown;
}

/** The data of an edit as it is described. */
export type EditOf<Type extends string, Data> = { readonly type: Type } & RecordOf<Data>;

/**
 * A kind of edit: what its data are, and a pure function from them and the job to the changes it makes. Adding a kind is
 * one such file and one line in `edits.ts`; validation, API, undo, autosave, history and conflicts follow from it.
 */
export interface EditKind<Type extends string = string, Data extends Fields = Fields> {
  readonly type: Type;
  /** What it does, for whoever reads the API. */
  readonly says: string;
  readonly data: Data;
  /** What it is done to, for a refusal: 'P4'. */
  readonly of?: (edit: EditOf<Type, Data>, job: Job) => string;
  /** What its fields cannot say of themselves. */
  readonly faults?: (edit: EditOf<Type, Data>) => readonly Fault[];
  readonly changes: (
    job: Job,
    edit: EditOf<Type, Data>,
    catalogue: Catalogue,
  ) => Result<readonly Change[], EditRefusal>;
  /** What was done, for undo and history: 'Move P4'. */
  readonly label: (edit: EditOf<Type, Data>, job: Job) => string;
}

export const defineEdit = <const Type extends string, const Data extends Fields>(
  kind: EditKind<Type, Data>,
): EditKind<Type, Data> => kind;

/** The edits of a kind. */
export type EditBy<Kind> = Kind extends EditKind<infer Type, infer Data> ? EditOf<Type, Data> : never;
