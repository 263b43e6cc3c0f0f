'use client';

import { useJob } from '../desk/job-provider';

/** Which of the job's tanks is on the sheet; the rack does this where there is room for it. */
export function TankTabs({ tankId }: { readonly tankId: string }) {
  const tanks = useJob((state) => state.job.tanks);
  const showTank = useJob((state) => state.showTank);
  if (tanks.length < 2) return null;
  return (
    <ul className="mb-1.5 flex flex-wrap lg:hidden" aria-label="Tanks">
      {tanks.map(({ id, label }) => (
        <li key={id}>
          <button
            type="button"
            aria-pressed={id === tankId}
            className={`min-h-11 min-w-16 border border-hair-2 bg-sheet px-4 type-row ${id === tankId ? 'row-selected font-semibold' : 'hover:bg-paper-deep'}`}
            onClick={() => showTank(id)}
          >
            {label}
          </button>
        </li>
      ))}
    </ul>
  );
}
