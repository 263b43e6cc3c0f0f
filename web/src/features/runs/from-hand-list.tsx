'use client';

import { type Run, fillText, fromHand } from '@herrero/core';
import { useMemo } from 'react';
import { useJob } from '../../store/job-provider';
import { useMoney } from '../../store/use-money';

/** What of this run could be built from what is on hand instead of being bought. */
export function FromHandList({ run }: { readonly run: Run }) {
  const context = useJob((state) => state.plan.context);
  const measures = useJob((state) => state.job.measures);
  const money = useMoney();
  const make = useJob((state) => state.make);
  const proposals = useMemo(() => fromHand(run, context), [run, context]);
  if (context.catalogue.onHand.size === 0)
    return <p className="type-row">Nothing is on hand yet: say so at a part in the catalogue, or take in a list.</p>;
  if (proposals.length === 0)
    return <p className="type-row">Nothing on hand would take the place of a part of this run.</p>;
  return (
    <ul aria-label="From what is on hand">
      {proposals.map((proposal) => (
        <li key={fillText(proposal.text, proposal.data, measures)} className="border-b border-hair">
          <button
            type="button"
            className="flex min-h-12 w-full items-center gap-3 py-1 text-left hover:bg-brass-wash"
            onClick={() => make(proposal.edits)}
          >
            <span className="flex-1 type-row">{fillText(proposal.text, proposal.data, measures)}</span>
            <span className="shrink-0 type-second">saves {money(-proposal.priceUsd)}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
