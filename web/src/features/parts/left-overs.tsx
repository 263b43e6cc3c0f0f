'use client';

import { type CutBars, KEEP_OFF_CUT_M, bothLengths } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../desk/job-provider';

/** What is left over of every bar that is worth keeping, with an id that is the same however often it is put in. */
const worthKeeping = (cuts: readonly CutBars[], jobId: string) =>
  cuts.flatMap(({ code, title, bars }) =>
    bars.flatMap(({ offCutM }, index) =>
      offCutM >= KEEP_OFF_CUT_M
        ? [
            {
              id: `${jobId.slice(0, 36)}-${code}-${index}-${Math.round(offCutM * 1000)}`,
              code,
              title,
              lengthM: offCutM,
            },
          ]
        : [],
    ),
  );

/** Puts what this job leaves over in stock, so that the next job is cut from it first. */
export function LeftOvers({ cuts }: { readonly cuts: readonly CutBars[] }) {
  const jobId = useJob((state) => state.jobId);
  const [said, setSaid] = useState<string>();
  const left = worthKeeping(cuts, jobId);
  if (left.length === 0) return null;
  const put = async (): Promise<void> => {
    setSaid('Sending');
    try {
      const response = await fetch('/api/v1/off-cuts', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ offCuts: left.map(({ id, code, lengthM }) => ({ id, code, lengthM, fromJob: jobId })) }),
      });
      setSaid(
        response.ok
          ? 'In stock: other jobs are cut from them first.'
          : 'They were not taken. Nothing was put in stock; try again.',
      );
    } catch {
      setSaid('The server does not answer. Nothing was put in stock; try again.');
    }
  };
  return (
    <div className="no-print pt-2">
      <p className="type-second">
        Left over and worth keeping: {left.map(({ title, lengthM }) => `${title}, ${bothLengths(lengthM)}`).join('; ')}.
      </p>
      <Action onClick={() => void put()}>Put {left.length === 1 ? 'it' : 'them'} in stock once it is cut</Action>
      <p role="status" className="type-row">
        {said}
      </p>
    </div>
  );
}
