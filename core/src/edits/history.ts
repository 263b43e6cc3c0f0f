/** What undo needs to know of one accepted batch, oldest first. */
export interface HistoryEntry {
  readonly batchId: string;
  readonly label: string;
  /** The batch that this one took back: an undo, or a redo of an undo. */
  readonly undoes: string | null;
}

/** What can be undone and redone now, the nearest last. */
export interface UndoStacks {
  readonly undo: readonly string[];
  readonly redo: readonly string[];
}

/**
 * Derives undo and redo from the append-only history of one person's batches. A batch that takes back another leaves its
 * stack and itself goes on the other one; any other batch clears redo.
 */
export function undoStacks(history: readonly HistoryEntry[]): UndoStacks {
  let undo: string[] = [];
  let redo: string[] = [];
  for (const { batchId, undoes } of history) {
    if (undoes === null) {
      undo.push(batchId);
      redo = [];
    } else if (undo.includes(undoes)) {
      undo = undo.filter((id) => id !== undoes);
      redo.push(batchId);
    } else {
      redo = redo.filter((id) => id !== undoes);
      undo.push(batchId);
    }
  }
  return { undo, redo };
}
