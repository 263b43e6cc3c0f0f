'use client';

import { type Counted, titleOfCode, takenFromHand } from '@herrero/core';
import { dequal } from 'dequal';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { send } from '@/ui/send';
import { useCatalogue, useOwn } from '../../store/catalogue-provider';
import { useJob } from '../../store/job-provider';

/** What the list takes from what is on hand; once it is taken no other job counts on it. */
export function FromHand() {
  const jobId = useJob((state) => state.jobId);
  const parts = useJob((state) => state.plan.parts);
  const { taken: before } = useOwn();
  const [taken, setTaken] = useState(before);
  const [said, setSaid] = useState<string>();
  const asked = takenFromHand(parts);
  if (asked.length === 0 && taken.length === 0) return null;
  const put = async (wanted: readonly Counted[], done: string): Promise<void> => {
    setSaid('Sending');
    const sent = await send('PUT', `/api/v1/jobs/${jobId}/taken`, { taken: wanted });
    if (sent.ok) setTaken(wanted);
    setSaid(sent.ok ? done : `Nothing was changed. ${sent.message}`);
  };
  return (
    <section aria-label="From what is on hand" className="mt-5">
      <h2 className="border-b-2 border-ink pb-1 type-head">From what is on hand</h2>
      <Pieces of={asked} />
      {taken.length > 0 && !dequal(asked, taken) && (
        <>
          <p className="pt-2 type-row">Taken are others:</p>
          <Pieces of={taken} />
        </>
      )}
      <p className="no-print flex flex-wrap gap-x-5">
        {asked.length > 0 && !dequal(asked, taken) && (
          <Action onClick={() => void put(asked, 'Taken: no other job counts on them.')}>
            {taken.length > 0 ? 'Take these instead' : 'Take them for this job'}
          </Action>
        )}
        {taken.length > 0 && (
          <Action onClick={() => void put([], 'Put back: any job may count on them.')}>Put them back</Action>
        )}
      </p>
      <p role="status" className="type-second">
        {said ??
          (taken.length > 0
            ? 'Taken: no other job counts on them.'
            : 'Until they are taken other jobs count on them too.')}
      </p>
    </section>
  );
}

function Pieces({ of }: { readonly of: readonly Counted[] }) {
  const catalogue = useCatalogue();
  return (
    <ul>
      {of.map(({ code, count }) => (
        <li key={code} className="flex gap-3 border-b border-hair py-1 type-row">
          <b className="w-8 shrink-0 text-right font-[650]">{count}</b> {titleOfCode(catalogue, code)}
        </li>
      ))}
    </ul>
  );
}
