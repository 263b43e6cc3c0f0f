'use client';

import { contextOf, unknownsOf } from '@herrero/core';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { useJob } from '../../store/job-provider';
import { ViewBand } from '@/ui/view-band';
import { siteViews, stationPath } from '../desk/stations';
import { AddToSite } from './add-to-site';
import { FallLineFigure } from './fall-line-figure';
import { FallsSection } from './falls-section';
import { HeightsTable } from './heights-table';
import { InflowList } from './inflow-list';
import { SelectedPanel } from './selected-panel';
import { SiteFigures } from './site-figures';
import { StakeList } from './stake-list';
import { datumName } from './site-words';
import { type LiveStand } from './use-tank-drag';
import { WayIn } from './way-in';

/** The station Site: where water comes from, how it gets into the tanks, how high all of it lies, and where it goes. */
export function SiteStation() {
  const job = useJob((state) => state.job);
  const planned = useJob((state) => state.plan.context);
  const jobId = useJob((state) => state.jobId);
  const [live, setLive] = useState<LiveStand>();
  // While a tank is dragged all that is drawn and said follows it; the job changes when it is let go.
  const context = useMemo(
    () =>
      live
        ? contextOf(
            {
              ...job,
              tanks: job.tanks.map((tank) => (tank.id === live.tankId ? { ...tank, plinthM: live.plinthM } : tank)),
            },
            planned.catalogue,
          )
        : planned,
    [live, job, planned],
  );
  const unknown = unknownsOf(planned).length;
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 pb-1.5">
        <h1 className="flex items-baseline gap-3">
          <span className="type-title">Site: the fall line</span>
          <span className="text-[16px] text-ink-2 [font-stretch:84%] max-md:hidden">
            one section at true heights, all from {datumName(job)}
          </span>
        </h1>
        <ViewBand label="Sheets of the site" views={siteViews(jobId)} at={stationPath(jobId, 'site')} />
      </div>
      <FallLineFigure context={context} onLive={setLive} />
      <AddToSite />
      <div className="grid grid-cols-[minmax(0,1fr)_300px] gap-6 pt-2 max-xl:grid-cols-1">
        <div>
          <HeightsTable context={context} />
          <InflowList />
          <p className="pt-2">
            <Link href={`${stationPath(jobId, 'site')}/measure`} className="main-action inline-flex items-center">
              Measuring sheet{unknown === 0 ? '' : `: ${unknown} to measure`}
            </Link>
          </p>
        </div>
        <SelectedPanel context={context} />
      </div>
      <WayIn context={context} />
      <FallsSection context={context} />
      <StakeList context={context} />
      <SiteFigures />
    </>
  );
}
