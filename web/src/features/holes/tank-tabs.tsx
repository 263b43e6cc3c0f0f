'use client';

import { useJob } from '../desk/job-provider';

/** Which of the job's tanks is on the sheet; hidden where there is but one. */
export function TankTabs({ tankId }: { readonly tankId: string }) {
  const tanks = useJob((state) => state.job.tanks);
  const penetrations = useJob((state) => state.job.penetrations);
  const select = useJob((state) => state.select);
  const showTank = useJob((state) => state.showTank);
  if (tanks.length < 2) return null;
  return (
    <ul className="mb-1.5 flex flex-wrap" aria-label="Tanks">
      {tanks.map(({ id, label }) => (
        <li key={id}>
          <button
            type="button"
            aria-pressed={id === tankId}
            className={`type-row min-h-11 min-w-16 border border-hair-2 bg-sheet px-4 ${id === tankId ? 'row-selected font-semibold' : 'hover:bg-paper-deep'}`}
            onClick={() => {
              showTank(id);
              select(penetrations.find((hole) => hole.tankId === id)?.id ?? null);
            }}
          >
            {label}
          </button>
        </li>
      ))}
    </ul>
  );
}
