import type { Catalogue } from '../../fittings/catalogue';
import type { Result } from '../../result';
import type { Job } from '../job';
import type { Change } from './change';

/** Why an edit cannot be made on this job, in words for the person who made it. */
export interface EditRefusal {
  readonly code: 'gone' | 'taken' | 'changed-since' | 'not-open' | 'not-possible' | 'invalid';
  readonly message: string;
  /** For a field changed by somebody else: what it is now. */
  readonly now?: unknown;
}

/**
 * A kind of edit: a pure function from the edit's data and the job to the changes it makes. Adding a kind is one such
 * file and one line in `edits.ts`; undo, autosave, history and conflicts follow from the changes.
 */
export interface EditKind<Data extends { readonly type: string }> {
  readonly type: Data['type'];
  readonly changes: (job: Job, edit: Data, catalogue: Catalogue) => Result<readonly Change[], EditRefusal>;
  /** What was done, for undo and history: 'Move P4'. */
  readonly label: (edit: Data, job: Job) => string;
}

export const defineEdit = <Data extends { readonly type: string }>(kind: EditKind<Data>): EditKind<Data> => kind;
