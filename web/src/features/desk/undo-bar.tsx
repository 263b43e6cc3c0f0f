'use client';

import { undoStacks } from '@herrero/core';
import { Redo2, Undo2 } from 'lucide-react';
import { useMemo } from 'react';
import { useJob } from '../../store/job-provider';

/** Undo and redo for fingers, each named by what it takes back. */
export function UndoBar() {
  const history = useJob((state) => state.history);
  const notes = useJob((state) => state.plan.findings.length + state.notTaken.length);
  const undo = useJob((state) => state.undo);
  const redo = useJob((state) => state.redo);
  const unsent = useJob((state) => state.unsent.length > 0 && state.offline);
  const stacks = useMemo(() => undoStacks(history), [history]);
  const labelOf = (batchId: string | undefined): string =>
    history.find((item) => item.batchId === batchId)?.label ?? '';
  const [last, next] = [stacks.undo.at(-1), stacks.redo.at(-1)];
  const button = 'grid h-9 w-9 place-items-center disabled:opacity-35 pointer-coarse:h-11 pointer-coarse:w-11';
  return (
    <div className={`no-print absolute top-1.5 right-4 flex max-md:right-2 ${unsent ? 'unsent' : ''}`}>
      <a href="#notes" className="action mr-3 !min-h-9 max-md:hidden desk:hidden">
        <span>{notes === 1 ? '1 note' : `${notes} notes`}</span>
      </a>
      <button
        type="button"
        className={button}
        disabled={last === undefined}
        onClick={undo}
        title={`Undo: ${labelOf(last)} (Ctrl+Z)`}
        aria-label={last === undefined ? 'Undo' : `Undo: ${labelOf(last)}`}
      >
        <Undo2 size={20} strokeWidth={1.8} />
      </button>
      <button
        type="button"
        className={button}
        disabled={next === undefined}
        onClick={redo}
        title={`Redo: ${labelOf(next)} (Ctrl+Shift+Z)`}
        aria-label={next === undefined ? 'Redo' : `Redo: ${labelOf(next)}`}
      >
        <Redo2 size={20} strokeWidth={1.8} />
      </button>
    </div>
  );
}
