'use client';

import { type PlacedPart, type Settable, makeAlike } from '@herrero/core';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';

/** What may be said of every part of a kind at once; where each points and how long it is are its own. */
const ALIKE: readonly Settable<'parts'>[] = ['existing', 'held', 'because', 'forNow'];

/** All parts of the same code in the job become as this one is. */
export function PartsAlike({ placed }: { readonly placed: PlacedPart }) {
  const parts = useJob((state) => state.job.parts);
  const make = useJob((state) => state.make);
  const others = parts.filter(({ id, code }) => id !== placed.id && code === placed.code);
  const edits = makeAlike('parts', placed, others, ALIKE);
  const changed = new Set(edits.map((edit) => ('id' in edit ? edit.id : '')));
  if (edits.length === 0) return null;
  return (
    <div className="col-span-full">
      <Action onClick={() => make(edits)}>
        {changed.size === 1 ? 'Say the same of the other one' : `Say the same of ${changed.size} others`} of this part
      </Action>
    </div>
  );
}
