import type { Catalogue } from '../../fittings/catalogue';
import { type Result, err, ok } from '../../result';
import type { Job } from '../job';
import { validateJob } from '../validate';
import { addPart } from './add-part';
import { addPenetration } from './add-penetration';
import { addInflow, addMark, addRoof, addTerminal } from './add-place';
import { addTank } from './add-tank';
import { type Change, invertChanges, makeChanges } from './change';
import { changeField } from './change-field';
import { cutPart } from './cut-part';
import type { EditKind, EditRefusal } from './edit-kind';
import { insertPart } from './insert-part';
import { joinEnds } from './join-ends';
import { moveStretch } from './move-stretch';
import { removePart } from './remove-part';
import { removePenetration } from './remove-penetration';
import { removePlace } from './remove-place';
import { removeTank } from './remove-tank';
import { replacePart } from './replace-part';
import { type Revert, revert } from './revert';
import { separate } from './separate';
import { turnPart } from './turn-part';

/** Every kind of edit. A new one: its file, and a line here. */
const KINDS = [
  changeField,
  addTank,
  removeTank,
  addPenetration,
  removePenetration,
  addTerminal,
  addRoof,
  addInflow,
  addMark,
  removePlace,
  addPart,
  insertPart,
  cutPart,
  moveStretch,
  replacePart,
  removePart,
  turnPart,
  joinEnds,
  separate,
  revert,
] as const;

type DataOf<Kind> = Kind extends EditKind<infer Data> ? Data : never;
/** A change to a job: small, plain data, the only way a job changes. */
export type Edit = DataOf<(typeof KINDS)[number]>;

const BY_TYPE = new Map<string, EditKind<Edit>>();
for (const kind of KINDS) {
  if (BY_TYPE.has(kind.type)) throw new RangeError(`edits: ${kind.type} is registered twice`);
  BY_TYPE.set(kind.type, kind as unknown as EditKind<Edit>);
}

export const EDIT_TYPES: readonly string[] = [...BY_TYPE.keys()];

/** The job after the edits, what they were, and the one edit that takes them back. */
export interface Edited {
  readonly job: Job;
  readonly label: string;
  readonly inverse: Revert;
}

/** Which of the edits could not be made, and why. Nothing of the batch has been made then. */
export interface BatchRefusal extends EditRefusal {
  readonly index: number;
}

/**
 * Makes a batch of edits, all or none.
 *
 * @param job        is not changed
 * @param edits      made in order, each on the outcome of the one before
 * @param problemsOf what is checked of the outcome; a server that takes edits from anybody checks the shape first
 * @returns the new job, checked whole, with a label for undo and the edit that takes the batch back
 * @error gone, taken, not-open, changed-since   the job has moved on since the edit was made
 * @error not-possible   the edit makes no sense on any job
 * @error invalid        the outcome would contradict itself (a hole above its tank); the message says what
 */
export function applyEdits(
  job: Job,
  edits: readonly Edit[],
  catalogue: Catalogue,
  problemsOf: typeof validateJob = validateJob,
): Result<Edited, BatchRefusal> {
  let now = job;
  const labels: string[] = [];
  const undo: Change[] = [];
  for (const [index, edit] of edits.entries()) {
    const kind = BY_TYPE.get(edit.type);
    if (!kind) return err({ index, code: 'not-possible', message: `${edit.type} is no edit.` });
    const changes = kind.changes(now, edit, catalogue);
    if (!changes.ok) return err({ ...changes.error, index });
    labels.push(kind.label(edit, now));
    const { job: after, made } = makeChanges(now, changes.value);
    now = after;
    undo.unshift(...invertChanges(made));
  }
  const [problem] = problemsOf(now, catalogue);
  if (problem) return err({ index: edits.length - 1, code: 'invalid', message: problem.message });
  const label = labels[0] ?? 'Nothing';
  return ok({ job: now, label, inverse: { type: 'revert', label, changes: undo } });
}
