'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useJob } from '../../store/job-provider';

/** On a phone the rack is away: the hole before and the next one by thumb. */
export function HoleSteps() {
  const penetrations = useJob((state) => state.job.penetrations);
  const selectedId = useJob((state) => state.selectedId);
  const select = useJob((state) => state.select);
  const at = penetrations.findIndex(({ id }) => id === selectedId);
  const here = penetrations[at];
  if (penetrations.length === 0) return null;
  const go = (by: number): void =>
    select(penetrations[(at + by + penetrations.length) % penetrations.length]?.id ?? null);
  const button = 'grid h-11 w-11 place-items-center';
  return (
    <nav aria-label="Holes one by one" className="no-print flex items-center justify-between lg:hidden">
      <button type="button" className={button} aria-label="The hole before" onClick={() => go(-1)}>
        <ChevronLeft />
      </button>
      <p className="min-w-0 truncate text-center text-[17px] font-[650]">
        {here ? `${here.label} ${here.name}` : 'no hole chosen'}
      </p>
      <button type="button" className={button} aria-label="The next hole" onClick={() => go(1)}>
        <ChevronRight />
      </button>
    </nav>
  );
}
