'use client';

import { REGIONS, type Region, setSetting } from '@herrero/core';
import { Choice } from '@/ui/choice';
import { useJob } from '../../store/job-provider';

/** Regions as short as a row of four takes them. */
export const REGION_SHORT: Readonly<Record<Region, string>> = {
  US: 'US',
  UK: 'UK, Ireland',
  EU: 'Europe',
  ANZ: 'Aust., NZ',
};
const OPTIONS = REGIONS.map((value) => ({ value, name: REGION_SHORT[value] }));

/** Where the work is: which threads, pipes and drains come first, how figures and paper are. */
export function RegionChoice() {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  return (
    <Choice
      label="Region"
      value={job.region}
      options={OPTIONS}
      onChange={(to) => make([setSetting(job, 'region', to)])}
    />
  );
}

/** Of a job from before regions were asked: asked once, above its notes. */
export function RegionQuestion() {
  const unsaid = useJob((state) => state.job.region === null);
  return unsaid ? (
    <section aria-label="Where is this job?" className="no-print border-b border-hair pb-3">
      <h3 className="text-[16px] leading-5 font-[650]">Where is this job?</h3>
      <p className="pb-2 type-second">It says which threads and drains come first, and how figures are read.</p>
      <RegionChoice />
    </section>
  ) : null;
}
