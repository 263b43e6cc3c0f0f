'use client';

import { type Penetration, oneMoreHole } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';

/** One more like this beside it, with its run; where it stands is then moved like any other. */
export default function OneMoreHole({ penetration }: { readonly penetration: Penetration }) {
  const job = useJob((state) => state.job);
  const catalogue = useJob((state) => state.plan.context.catalogue);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const [said, setSaid] = useState<string>();
  const press = (): void => {
    const more = oneMoreHole(job, catalogue, penetration.id);
    if (!more.ok) return setSaid(more.error);
    const { edits, id, leftOpen } = more.value;
    if (make(edits) !== undefined) return;
    setSaid(leftOpen.length > 0 ? `Its end is left open: ${leftOpen.join(', ')} takes one.` : undefined);
    select(id);
  };
  return (
    <>
      <Action onClick={press}>One more like {penetration.label}</Action>
      {said !== undefined && (
        <span role="status" className="type-second">
          {said}
        </span>
      )}
    </>
  );
}
