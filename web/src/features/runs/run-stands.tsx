'use client';

import { type Run, itemsOfRun, setAll } from '@herrero/core';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';

/** The whole run stands, or none of it: in one press. */
export function RunStands({ run }: { readonly run: Run }) {
  const make = useJob((state) => state.make);
  const parts = itemsOfRun(run).map(({ placed }) => placed);
  if (parts.length === 0) return null;
  const stands = parts.every(({ existing }) => existing);
  return (
    <Action onClick={() => make(setAll('parts', parts, 'existing', !stands))}>
      {stands ? 'None of it stands yet: it is bought' : 'All of it stands there already'}
    </Action>
  );
}
