'use client';

import Link from 'next/link';
import { HoleSteps } from '../desk/hole-steps';
import { useJob } from '../../store/job-provider';
import { stationPath } from '../desk/stations';
import { AddHole } from './add-hole';
import { HolePanel } from './hole-panel';
import { HolesSheet } from './holes-sheet';
import { DrillingSheetLinks } from './drilling-sheet-links';
import { TankRow } from './tank-row';

/** The station Holes: the tank to scale with its openings, and all about the chosen one. */
export function HolesStation() {
  // As high as the stand they share.
  const tanks = useJob((state) => state.plan.context.job.tanks);
  const selected = useJob((state) => state.job.penetrations.find(({ id }) => id === state.selectedId));
  const tankId = useJob((state) => state.tankId);
  const jobId = useJob((state) => state.jobId);
  const tank = tanks.find(({ id }) => id === (selected?.tankId ?? tankId)) ?? tanks[0];
  if (!tank)
    return (
      <section className="pt-2">
        <h1 className="type-title">Holes</h1>
        <p className="py-3">There is no tank yet. Choose one, then set out its openings.</p>
        <Link href={stationPath(jobId, 'tanks')} className="main-action inline-flex items-center">
          Choose a tank
        </Link>
      </section>
    );
  return (
    <>
      <h1 className="flex items-baseline gap-3 pb-1.5">
        <span className="type-title">Holes in {tank.label}</span>
        <span className="text-[16px] text-ink-2 [font-stretch:84%] max-md:hidden">
          tank, pole and wall share one scale and one base line
        </span>
      </h1>
      <TankRow tankId={tank.id} />
      <HoleSteps />
      <HolesSheet tank={tank} />
      {selected && <HolePanel key={selected.id} penetration={selected} tank={tank} />}
      <AddHole tank={tank} />
      <DrillingSheetLinks tank={tank} />
    </>
  );
}
