'use client';

import { type Strand, hasBranches, partTitle } from '@herrero/core';
import { type ReactNode, useState } from 'react';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { useJob } from '../../store/job-provider';
import { useStretchEdits } from './use-stretch';

/** What can be done with the part or the stretch that is selected: move, cut, copy, take out, say that it stands. */
export function StretchActions({ strand, children }: { readonly strand: Strand; readonly children?: ReactNode }) {
  const edits = useStretchEdits(strand);
  const index = useJob((state) => state.plan.context.index);
  const stretchTo = useJob((state) => state.stretchTo);
  const [problem, setProblem] = useState<string>();
  const { stretch, sealsWall } = edits;
  const last = stretch.at(-1);
  if (!last) return null;
  const next = strand.items[strand.items.indexOf(last) + 1];
  const allStand = stretch.every(({ placed }) => placed.existing);
  const say = (what: string | undefined): void => setProblem(what);
  return (
    <div>
      <div className="flex flex-wrap gap-x-5">
        {children}
        {edits.canMove(-1) && <Action onClick={() => say(edits.move(-1))}>Move towards the tank</Action>}
        {edits.canMove(1) && <Action onClick={() => say(edits.move(1))}>Move outward</Action>}
        {next && <Action onClick={() => stretchTo(next.placed.id)}>Select the next as well</Action>}
        {!sealsWall && <Action onClick={edits.cut}>Cut</Action>}
        <Action onClick={edits.copy}>Copy</Action>
        <Action onClick={() => say(edits.standing(!allStand))}>
          {allStand ? 'It is new after all' : stretch.length > 1 ? 'They stand already' : 'It stands already'}
        </Action>
        <Action onClick={() => say(edits.remove())}>{stretch.length > 1 ? 'Take them out' : 'Take it out'}</Action>
      </div>
      {hasBranches(stretch, index) && !sealsWall && (
        <p className="type-second">What branches off goes along when it is moved, and stays when it is taken out.</p>
      )}
      <EntryProblem problem={problem} />
    </div>
  );
}

/** Several parts in a row are selected. */
export function StretchPanel({ strand }: { readonly strand: Strand }) {
  const { stretch } = useStretchEdits(strand);
  const selectPart = useJob((state) => state.selectPart);
  return (
    <section aria-label={`${stretch.length} parts`} className="rule-selected pt-2" data-testid="stretch-panel">
      <div className="flex items-start justify-between gap-3">
        <h2 className="type-head">{stretch.length} parts</h2>
        <Action onClick={() => selectPart(null)}>Select none</Action>
      </div>
      <ol className="type-row">
        {stretch.map(({ placed, part }) => (
          <li key={placed.id} className="border-t border-hair py-0.5">
            {partTitle(part)}
            {placed.existing && <span className="type-second"> stands already</span>}
          </li>
        ))}
      </ol>
      <StretchActions strand={strand} />
    </section>
  );
}

/** What was taken up, and how to put it down; shown until it is let go. */
export function TakenNote({ strand }: { readonly strand: Strand }) {
  const { taken, forget } = useStretchEdits(strand);
  const catalogue = useJob((state) => state.plan.context.catalogue);
  if (!taken) return null;
  const names = taken.parts.map(({ code }) => catalogue.byCode.get(code)?.name ?? code);
  return (
    <p className="flex flex-wrap items-center gap-x-3 border-b border-hair type-row" role="status">
      <span>
        {taken.how === 'cut' ? 'To be moved: ' : 'To be put in again: '}
        <b className="font-[650]">{names.join(', ')}</b>. Choose a joint, or the end.
      </span>
      <Action onClick={forget}>Let go</Action>
    </p>
  );
}

/** Puts down here what was taken up. */
export function PasteHere({
  strand,
  slot,
  children,
}: {
  readonly strand: Strand;
  readonly slot: number;
  readonly children: string;
}) {
  const { taken, paste } = useStretchEdits(strand);
  const [problem, setProblem] = useState<string>();
  if (!taken) return null;
  return (
    <div>
      <Action onClick={() => setProblem(paste(slot))}>{children}</Action>
      <EntryProblem problem={problem} />
    </div>
  );
}
