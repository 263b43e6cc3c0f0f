import type { Catalogue } from '../../fittings/catalogue.js';
import { type Result, err, ok } from '../../result.js';
import type { Job } from '../job.js';
import { validateJob } from '../validate.js';
import { addPart } from './add-part.js';
import { addPenetration } from './add-penetration.js';
import { addTank } from './add-tank.js';
import { addTerminal } from './add-terminal.js';
import { type Change, invertChanges, makeChanges } from './change.js';
import { changeField } from './change-field.js';
import type { EditKind, EditRefusal } from './edit-kind.js';
import { insertPart } from './insert-part.js';
import { joinEnds } from './join-ends.js';
import { removePart } from './remove-part.js';
import { removePenetration } from './remove-penetration.js';
import { removeTank } from './remove-tank.js';
import { replacePart } from './replace-part.js';
import { type Revert, revert } from './revert.js';
import { separate } from './separate.js';
import { turnPart } from './turn-part.js';

/** Every kind of edit. A new one: its file, and a line here. */
const KINDS = [
  changeField,
  addTank,
  removeTank,
  addPenetration,
  removePenetration,
  addTerminal,
  addPart,
  insertPart,
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
 * @returns the new job, checked whole, with a label for undo and the edit that takes the batch back
 * @error gone, taken, not-open, changed-since   the job has moved on since the edit was made
 * @error not-possible   the edit makes no sense on any job
 * @error invalid        the outcome would contradict itself (a hole above its tank); the message says what
 */
export function applyEdits(job: Job, edits: readonly Edit[], catalogue: Catalogue): Result<Edited, BatchRefusal> {
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
  const [problem] = validateJob(now, catalogue);
  if (problem) return err({ index: edits.length - 1, code: 'invalid', message: problem.message });
  const label = labels[0] ?? 'Nothing';
  return ok({ job: now, label, inverse: { type: 'revert', label, changes: undo } });
}
