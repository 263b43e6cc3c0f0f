'use client';

import { type Run, coursesOf } from '@herrero/core';
import dynamic from 'next/dynamic';
import { useJob } from '../../store/job-provider';
import { HoleSteps } from '../desk/hole-steps';
import { NoRun, RunTitle } from './run-title';
import { SpaceFigure } from './space-figure';
import { SpaceGaps } from './space-gaps';
import { SpaceLegs } from './space-legs';

const PartPanel = dynamic(() => import('./part-panel').then((module) => module.PartPanel), { ssr: false });

/** A run as it goes in space: drawn, its pieces with what is cut, and where its ends do not meet. */
export function SpaceStation() {
  const runs = useJob((state) => state.plan.runs);
  const selectedId = useJob((state) => state.selectedId);
  const run = runs.find(({ penetration }) => penetration.id === selectedId) ?? runs[0];
  return run ? <RunInSpace key={run.penetration.id} run={run} /> : <NoRun />;
}

/** What is chosen in the drawing or the table, to be changed where it is seen. */
function Chosen({ run }: { readonly run: Run }) {
  const selectedId = useJob((state) => state.selectedPartId);
  for (const strand of run.strands) {
    const item = strand.items.find(({ placed }) => placed.id === selectedId);
    if (item) return <PartPanel key={item.placed.id} item={item} strand={strand} />;
  }
  return null;
}

function RunInSpace({ run }: { readonly run: Run }) {
  const course = useJob((state) => coursesOf(state.plan.context).get(run.penetration.id));
  const built = course?.strands.some((legs) => legs.length > 0) ?? false;
  return (
    <>
      <RunTitle run={run} view="/space" />
      <HoleSteps />
      {course && built ? (
        <>
          <SpaceFigure run={run} course={course} />
          <div className="grid grid-cols-[minmax(0,6fr)_minmax(0,5fr)] gap-6 pt-2 max-xl:grid-cols-1">
            <SpaceLegs run={run} course={course} />
            <div className="space-y-4">
              <SpaceGaps run={run} course={course} />
              <Chosen run={run} />
            </div>
          </div>
        </>
      ) : (
        <p className="py-3 type-row">Nothing stands on this hole yet: build the run in line first.</p>
      )}
    </>
  );
}
