import type { Catalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { validateJob } from '../job/validate';
import { type Fault, faultWords, faultsOf } from '../record/faults';
import type { Field } from '../record/field';
import { withDefaults } from '../record/make-record';
import { type FieldProblem, type Result, err, ok } from '../result';
import { addPart } from './add-part';
import { addPenetration } from './add-penetration';
import { addInflow, addMark, addRoof, addTerminal } from './add-place';
import { addTank } from './add-tank';
import { type Change, invertChanges, makeChanges } from './change';
import { type ChangeField, changeField } from './change-field';
import { changeLine, restoreLine } from './change-line';
import { cutPart } from './cut-part';
import { addExtra, removeExtra } from './extras';
import type { EditBy, EditKind, EditRefusal } from './edit-kind';
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
import { reopenNote, settleNote } from './settle-note';
import { turnPart } from './turn-part';

/** Every kind of edit but the one that sets a field. A new one: its file, and a line here. */
const KINDS = [
  addTank,
  removeTank,
  addPenetration,
  removePenetration,
  addTerminal,
  addRoof,
  addInflow,
  addMark,
  addExtra,
  removeExtra,
  changeLine,
  restoreLine,
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
  settleNote,
  reopenNote,
  revert,
] as const;

/** A change to a job: small, plain data, the only way a job changes. */
export type Edit = ChangeField | EditBy<(typeof KINDS)[number]>;

/** Every kind of edit with the description of its data. */
export const EDIT_KINDS = [changeField, ...KINDS] as unknown as readonly EditKind[];

const BY_TYPE = new Map<string, EditKind>();
for (const kind of EDIT_KINDS) {
  if (BY_TYPE.has(kind.type)) throw new RangeError(`edits: ${kind.type} is registered twice`);
  BY_TYPE.set(kind.type, kind);
}

export const EDIT_TYPES: readonly string[] = [...BY_TYPE.keys()];

type Kind = typeof changeField | (typeof KINDS)[number];
/** Any edit, as the kinds describe their data: what is sent over a wire. */
export const EDIT = {
  kind: 'variant',
  on: 'type',
  of: Object.fromEntries(EDIT_KINDS.map(({ type, data }) => [type, data])),
} as unknown as {
  readonly kind: 'variant';
  readonly on: 'type';
  readonly of: { readonly [Type in Kind['type']]: Extract<Kind, { readonly type: Type }>['data'] };
};

/** An edit as its kind describes it. */
const fieldOf = (kind: EditKind): Field => ({
  kind: 'group',
  of: { type: { kind: 'choice', of: [kind.type] }, ...kind.data },
});

/** In what the data of an edit are not what its kind describes; of no kind at all, one fault. */
export function faultsOfEdit(edit: Edit): readonly Fault[] {
  const kind = BY_TYPE.get(edit.type);
  if (!kind) return [{ path: 'type', code: 'choice', field: { kind: 'choice', of: EDIT_TYPES } }];
  const faults = faultsOf(fieldOf(kind), edit);
  return faults.length > 0 ? faults : (kind.faults?.(edit as never) ?? []);
}

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

/** What the outcome would be refused for and the job before it was not: a fault that was stored stands in nobody's way. */
function newProblem(before: Job, after: Job, catalogue: Catalogue): FieldProblem | undefined {
  const problems = validateJob(after, catalogue);
  if (problems.length === 0) return undefined;
  const stood = new Set(validateJob(before, catalogue).map(({ message }) => message));
  return problems.find(({ message }) => !stood.has(message));
}

/** Of the right kind, but nothing that anybody can mean. */
const VALUE_FAULTS: readonly Fault['code'][] = ['range', 'count', 'text'];

/**
 * Makes a batch of edits, all or none.
 *
 * @param job        is not changed
 * @param edits      made in order, each on the outcome of the one before; what came to be described after one of them
 *                   was written begins as it is described
 * @returns the new job, checked whole, with a label for undo and the edit that takes the batch back
 * @error gone, taken, not-open, changed-since   the job has moved on since the edit was made
 * @error not-possible   the edit makes no sense on any job; `path` says where in it
 * @error invalid        the outcome would contradict itself (a hole above its tank); the message says what, `path` where
 */
export function applyEdits(job: Job, edits: readonly Edit[], catalogue: Catalogue): Result<Edited, BatchRefusal> {
  let now = job;
  const labels: string[] = [];
  const undo: Change[] = [];
  for (const [index, sent] of edits.entries()) {
    const kind = BY_TYPE.get(sent.type);
    if (!kind) return err({ index, code: 'not-possible', message: `${sent.type} is no edit.` });
    const edit = withDefaults(fieldOf(kind), sent) as Edit;
    const [fault] = faultsOfEdit(edit);
    if (fault)
      return err({
        index,
        code: VALUE_FAULTS.includes(fault.code) ? 'invalid' : 'not-possible',
        path: fault.path,
        message: faultWords(fault, kind.of?.(edit as never, now) ?? '', job.measures),
      });
    const changes = kind.changes(now, edit as never, catalogue);
    if (!changes.ok) return err({ ...changes.error, index });
    labels.push(kind.label(edit as never, now));
    const { job: after, made } = makeChanges(now, changes.value);
    now = after;
    undo.unshift(...invertChanges(made));
  }
  const problem = newProblem(job, now, catalogue);
  if (problem) return err({ index: edits.length - 1, code: 'invalid', path: problem.path, message: problem.message });
  const label = labels[0] ?? 'Nothing';
  return ok({ job: now, label, inverse: { type: 'revert', label, changes: undo } });
}
