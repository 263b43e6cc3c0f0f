'use client';

import { type Station } from '@herrero/core';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { type ReactNode } from 'react';
import { PEG_WORDS, Peg } from '@/ui/peg';
import { useJob } from '../../store/job-provider';
import { JobName } from './job-name';
import { MeasuresBlock } from './measures-block';
import { stationPath } from './stations';
import { NameBlock } from './name-block';
import { ToTheBench } from './to-the-bench';

/** The work strip: a ground line in section with a setting-out peg at each station. */
export function Strip() {
  const jobId = useJob((state) => state.jobId);
  const stations = useJob((state) => state.plan.stations);
  // A station may have pages of its own below it: /jobs/<id>/<station>/...
  const here = usePathname().split('/')[3];
  return (
    <header className="relative bg-sheet">
      <div className="flex h-[66px] border-b-2 border-ink max-md:h-[86px]">
        <div className="w-[204px] shrink-0 px-4 pt-2.5 max-lg:w-[168px] max-md:absolute max-md:inset-x-0 max-md:top-0 max-md:w-auto max-md:pt-1.5">
          <div className="max-md:hidden">
            <NameBlock />
          </div>
          <JobName />
        </div>
        <nav aria-label="Stations" className="no-print flex min-w-0 flex-1 max-md:self-end">
          {stations.map((station) => (
            <StationTab key={station.id} station={station} jobId={jobId} here={station.id === here} />
          ))}
        </nav>
        <ToTheBench />
        <MeasuresBlock />
      </div>
      <div className="h-[22px] border-b border-hair bg-paper-deep max-md:h-[18px]" aria-hidden="true">
        <EarthHatch />
      </div>
    </header>
  );
}

function StationTab({
  station,
  jobId,
  here,
}: {
  readonly station: Station;
  readonly jobId: string;
  readonly here: boolean;
}) {
  const inside: ReactNode = (
    <>
      <span className="block text-[18px] leading-[22px] font-[640] max-lg:text-[16px] max-md:text-center max-md:text-[14px] max-md:[font-stretch:80%]">
        {station.name}
      </span>
      <span className={`block truncate type-second max-md:sr-only ${here ? 'font-semibold !text-on-brass' : ''}`}>
        {station.words}
      </span>
      <span className="sr-only">, {PEG_WORDS[station.peg]}</span>
      <span className="pointer-events-none absolute bottom-[-24px] left-[10px] max-md:left-1/2 max-md:-translate-x-1/2">
        <Peg state={station.peg} />
      </span>
    </>
  );
  const shape = 'relative block min-w-0 flex-1 pt-2 pl-3.5 pr-1 max-md:h-[46px] max-md:px-0 max-md:pt-1';
  if (!station.open)
    return (
      <span className={`${shape} text-ink-2`} aria-disabled="true">
        {inside}
      </span>
    );
  return (
    <Link
      href={stationPath(jobId, station.id)}
      aria-current={here ? 'page' : undefined}
      className={`${shape} ${here ? 'bg-brass text-on-brass' : 'hover:bg-brass-wash'}`}
    >
      {inside}
    </Link>
  );
}

export function EarthHatch() {
  return (
    <svg width="100%" height="100%" aria-hidden="true">
      <defs>
        <pattern id="earth" width="18" height="22" patternUnits="userSpaceOnUse">
          <path d="M2 22L14 0" stroke="var(--hair-2)" strokeWidth="0.7" />
        </pattern>
      </defs>
      <rect width="100%" height="100%" fill="url(#earth)" />
    </svg>
  );
}
