'use client';

import { type Run, sizeWords } from '@herrero/core';
import Link from 'next/link';
import { ViewBand } from '@/ui/view-band';
import { useJob } from '../../store/job-provider';
import { runViewsOf, stationPath } from '../desk/stations';

/** Its name, and the ways to look at it. */
export function RunTitle({ run: { penetration }, view }: { readonly run: Run; readonly view: '' | '/space' }) {
  const jobId = useJob((state) => state.jobId);
  const tank = useJob((state) => state.job.tanks.find(({ id }) => id === penetration.tankId));
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 pb-1.5">
      <h1 className="flex min-w-0 items-baseline gap-3">
        <span className="type-title">Run {penetration.label}</span>
        <span className="truncate text-[16px] text-ink-2 [font-stretch:84%] max-md:hidden">
          {penetration.name} in {tank?.label}, {sizeWords(penetration.size)}
        </span>
      </h1>
      <ViewBand
        label="Ways to look at this run"
        views={runViewsOf(jobId)}
        at={`${stationPath(jobId, 'runs')}${view}`}
      />
    </div>
  );
}

/** A job without a hole has no run. */
export function NoRun() {
  const jobId = useJob((state) => state.jobId);
  return (
    <section className="pt-2">
      <h1 className="type-title">Runs</h1>
      <p className="py-3">A run starts at a hole, and there is none yet.</p>
      <Link href={stationPath(jobId, 'holes')} className="main-action inline-flex items-center">
        Set out a hole
      </Link>
    </section>
  );
}
