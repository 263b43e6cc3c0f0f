'use client';

import { type Measures, formatLength } from '@herrero/core';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { type NotTaken, insist } from '../../store/sync';

/** A change that somebody else's came before: both values, each one tap. */
export function NotTakenNote({ notTaken }: { readonly notTaken: NotTaken }) {
  const settle = useJob((state) => state.settle);
  const measures = useJob((state) => state.job.measures);
  const { batch, refusal } = notTaken;
  const edit = batch.edits[refusal.index];
  const mine = edit?.type === 'change-field' ? valueWords(edit.field, edit.to, measures) : undefined;
  const theirs = edit?.type === 'change-field' ? valueWords(edit.field, refusal.now, measures) : undefined;
  return (
    <section role="alert" className="unsent mb-3 border-t-[5px] border-ink px-3 pt-2 pb-3">
      <h3 className="text-[16px] leading-5 font-[650]">Not taken: {batch.label}</h3>
      <p className="pt-1 type-row">
        <b className="font-[650]">Why</b> {refusal.message}
      </p>
      <Action onClick={() => settle(notTaken, 'keep-theirs')}>
        {theirs === undefined ? 'Leave it as it is now' : `Keep ${theirs}, as it is now`}
      </Action>
      {insist(notTaken) && <Action onClick={() => settle(notTaken, 'make-mine')}>Make it {mine}</Action>}
    </section>
  );
}

function valueWords(field: string, value: unknown, measures: Measures): string | undefined {
  if (typeof value === 'number' && field.endsWith('M')) return formatLength(value, measures);
  return typeof value === 'string' || typeof value === 'number' ? `${value}` : undefined;
}
