'use client';

import { setOutOf } from '@herrero/core';
import Link from 'next/link';
import { useJob } from '../../store/job-provider';
import { ViewBand } from '@/ui/view-band';
import { siteViews, stationPath } from '../desk/stations';
import { AddToSite } from './add-to-site';
import { PlacePanel } from './place-panel';
import { PlanBegin } from './plan-begin';
import { PlanFigure } from './plan-figure';
import { PlanTable } from './plan-table';

/** The site from above: where everything stands, as it was taped, and where the lines run. */
export function PlanStation() {
  const context = useJob((state) => state.plan.context);
  const jobId = useJob((state) => state.jobId);
  const begun = [...setOutOf(context.job).places.values()].some(({ at }) => at !== undefined);
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 pb-1.5">
        <h1 className="flex items-baseline gap-3">
          <span className="type-title">Site: from above</span>
          <span className="text-[16px] text-ink-2 [font-stretch:84%] max-md:hidden">
            distances true, as they were taped
          </span>
        </h1>
        <ViewBand label="Sheets of the site" views={siteViews(jobId)} at={`${stationPath(jobId, 'site')}/plan`} />
      </div>
      {begun ? <PlanFigure context={context} /> : <PlanBegin />}
      <AddToSite />
      {begun && (
        <div className="grid grid-cols-[minmax(0,1fr)_320px] gap-6 pt-2 max-xl:grid-cols-1">
          <div>
            <PlanTable context={context} />
            <p className="pt-2">
              <Link href={`${stationPath(jobId, 'site')}/measure`} className="main-action inline-flex items-center">
                Measuring sheet
              </Link>
            </p>
          </div>
          <PlacePanel context={context} />
        </div>
      )}
    </>
  );
}
