import { type BatchRefusal, type Catalogue, type Edit, type HistoryEntry, type Job, applyEdits } from '@herrero/core';

/** A batch that was made here and has not been answered by the server yet. */
export interface Unsent {
  readonly batchId: string;
  readonly author: string;
  readonly label: string;
  readonly edits: readonly Edit[];
  readonly undoes: string | null;
}

/** A batch that no longer fits, with what stands in its way. It is shown until somebody settles it; it is never dropped. */
export interface NotTaken {
  readonly batch: Unsent;
  readonly refusal: BatchRefusal;
}

export interface HistoryItem extends HistoryEntry {
  readonly inverse: Edit;
}

/** The job as it stands here: the newest the server told, with what is not sent yet made on top. */
export interface Standing {
  readonly job: Job;
  readonly unsent: readonly Unsent[];
  readonly notTaken: readonly NotTaken[];
  /** One item for each unsent batch that fits, with the edit that takes it back. */
  readonly made: readonly HistoryItem[];
}

/** Makes the unsent batches on a (newer) job of the server, in order. What no longer fits is named and put aside. */
export function rebase(server: Job, unsent: readonly Unsent[], catalogue: Catalogue): Standing {
  let job = server;
  const fits: Unsent[] = [];
  const notTaken: NotTaken[] = [];
  const made: HistoryItem[] = [];
  for (const batch of unsent) {
    const edited = applyEdits(job, batch.edits, catalogue);
    if (!edited.ok) {
      notTaken.push({ batch, refusal: edited.error });
      continue;
    }
    job = edited.value.job;
    fits.push(batch);
    made.push({ batchId: batch.batchId, label: batch.label, undoes: batch.undoes, inverse: edited.value.inverse });
  }
  return { job, unsent: fits, notTaken, made };
}

/** What the person may do about a batch that was not taken: make it again on what is there now, where that makes sense. */
export function insist({ batch, refusal }: NotTaken): readonly Edit[] | undefined {
  const edit = batch.edits[refusal.index];
  if (refusal.code !== 'changed-since' || edit?.type !== 'change-field' || refusal.now === undefined) return undefined;
  return batch.edits.map((one) => (one === edit ? ({ ...edit, from: refusal.now } as Edit) : one));
}
