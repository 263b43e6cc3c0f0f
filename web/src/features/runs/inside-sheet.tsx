'use client';

import { type Run, freeInsideEnd } from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { NextPartPicker } from './part-pickers';

/** What hangs on the inside of an opening: its first part; the rest is built on in its own strand. */
export function InsideSheet({ run }: { readonly run: Run }) {
  const index = useJob((state) => state.plan.context.index);
  const at = freeInsideEnd(run, index);
  return (
    <section className="mt-2 border-t border-hair-2 pt-2" aria-label="Inside the tank">
      <p className="max-w-prose type-row">
        On the inside of {run.penetration.label}: a drop pipe, an elbow, a standpipe, a foot valve, a floating line, a
        pump with its cord and its lifting line. Through a gasket, a boot or a sleeve the pipe itself goes on: what
        comes next goes on its end.
      </p>
      {at && <NextPartPicker at={at} line={[]} />}
    </section>
  );
}
