'use client';

import { type Run, itemsOfRun, oneMoreRun, sizeWords } from '@herrero/core';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';

const MOST_OFFERED = 4;

/** On an opening with nothing on it: the runs of others of its size, once more. */
export default function RunAsAt({ run }: { readonly run: Run }) {
  const job = useJob((state) => state.job);
  const { runs, catalogue } = useJob((state) => state.plan.context);
  const make = useJob((state) => state.make);
  const { penetration } = run;
  if (itemsOfRun(run).length > 0) return null;
  const alike = runs.filter(
    (other) =>
      other.penetration.id !== penetration.id &&
      other.penetration.size === penetration.size &&
      other.penetration.port === penetration.port &&
      itemsOfRun(other).length > 0,
  );
  if (alike.length === 0) return null;
  return (
    <p className="flex flex-wrap items-baseline gap-x-5 pb-1.5">
      <span className="type-second">Of {sizeWords(penetration.size)} too:</span>
      {alike.slice(0, MOST_OFFERED).map((other) => (
        <Action
          key={other.penetration.id}
          onClick={() => make(oneMoreRun(job, catalogue, other.penetration.id, penetration.id).edits)}
        >
          Build it as {other.penetration.label} {other.penetration.name}
        </Action>
      ))}
    </p>
  );
}
