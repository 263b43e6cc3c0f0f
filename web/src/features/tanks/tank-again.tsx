'use client';

import { type Settable, type Tank, makeAlike, oneMoreTank } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { useJob } from '../../store/job-provider';

/** One more like this: with its openings, their runs and what goes with it. Says what is left to be said of it. */
function OneMoreTank({ tank }: { readonly tank: Tank }) {
  const job = useJob((state) => state.job);
  const catalogue = useJob((state) => state.plan.context.catalogue);
  const make = useJob((state) => state.make);
  const showTank = useJob((state) => state.showTank);
  const [leftOpen, setLeftOpen] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<string>();
  const press = (): void => {
    const more = oneMoreTank(job, catalogue, tank.id);
    const refused = make(more.edits);
    setProblem(refused?.message);
    if (refused) return;
    setLeftOpen(more.leftOpen);
    if (more.leftOpen.length === 0) showTank(more.id);
  };
  return (
    <>
      <Action onClick={press}>One more like {tank.label}</Action>
      <EntryProblem problem={problem} />
      {leftOpen.length > 0 && (
        <span role="status" className="type-second">
          It stands there. Left open, since they take one end only: {leftOpen.join(', ')}.
        </span>
      )}
    </>
  );
}

/** What tanks of one type may have in common; where each stands is its own. */
const ALIKE: readonly Settable<'tanks'>[] = [
  'capacityM3',
  'diameterM',
  'baseDiameterM',
  'lengthM',
  'widthM',
  'brimM',
  'heightM',
  'wallM',
  'plinthM',
  'base',
  'planks',
  'ratedKg',
  'dark',
  'contents',
  'foodGrade',
  'cleaning',
  'purposes',
  'mayRunOver',
  'stands',
  'baseStands',
];

/** The others of its type become as this one is, in all that was changed of it. */
function AllAlike({ tank }: { readonly tank: Tank }) {
  const tanks = useJob((state) => state.job.tanks);
  const make = useJob((state) => state.make);
  const others = tanks.filter(({ id, type }) => id !== tank.id && type === tank.type);
  const edits = makeAlike('tanks', tank, others, ALIKE);
  if (edits.length === 0) return null;
  const labels = others.map(({ label }) => label).join(', ');
  return (
    <Action onClick={() => make(edits)}>
      Make {labels} as {tank.label} is
    </Action>
  );
}

/** One more like it, and others made like it. */
export default function TankAgain({ tank }: { readonly tank: Tank }) {
  return (
    <>
      <OneMoreTank tank={tank} />
      <AllAlike tank={tank} />
    </>
  );
}
