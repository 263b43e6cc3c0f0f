'use client';

import { type EndRef, type Part, type Run, type Strand, refKey } from '@herrero/core';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { HoleSteps } from '../desk/hole-steps';
import { useJob } from '../../store/job-provider';
import { NextPartPicker } from './part-pickers';
import { NoRun, RunTitle } from './run-title';
import { RunTools } from './run-tools';
import { PasteHere, StretchPanel, TakenNote } from './stretch-panel';
import { StringDown } from './string-down';
import { StringSheet } from './string-sheet';
import { useStretch } from './use-stretch';

/** Fetched beside the page or when a joint or a part is looked at, and never shown before it listens: what the server drew would not hear a press. */
const FinishPanel = dynamic(() => import('./finish-panel').then((module) => module.FinishPanel), { ssr: false });
const JointPanel = dynamic(() => import('./joint-panel').then((module) => module.JointPanel), { ssr: false });
const PartPanel = dynamic(() => import('./part-panel').then((module) => module.PartPanel), { ssr: false });

const RunAsAt = dynamic(() => import('./run-as-at'), { ssr: false });

/** The station Runs: the string of the chosen hole, and what goes on next. */
export function RunsStation() {
  const runs = useJob((state) => state.plan.runs);
  const selectedId = useJob((state) => state.selectedId);
  const run = runs.find(({ penetration }) => penetration.id === selectedId) ?? runs[0];
  return run ? <RunView key={run.penetration.id} run={run} /> : <NoRun />;
}

function RunView({ run }: { readonly run: Run }) {
  const [chosen, setChosen] = useState(0);
  const tank = useJob((state) => state.job.tanks.find(({ id }) => id === run.penetration.tankId));
  const index = useJob((state) => state.plan.context.index);
  const isInside = ({ from }: Strand): boolean =>
    from.of === 'part' && index.placed(from.id)?.part.ends[from.end]?.position === 'inside';
  // What is hung on the inside is built on there: its strand is chosen when it begins.
  const inside = run.strands.findIndex(isInside);
  const [insideBefore, setInsideBefore] = useState(inside);
  if (inside !== insideBefore) {
    setInsideBefore(inside);
    if (insideBefore < 0) setChosen(inside);
  }
  const strand = run.strands[chosen] ?? run.strands[0];
  if (!strand) return null;
  return (
    <>
      <RunTitle run={run} view="" />
      <HoleSteps />
      <RunAsAt run={run} />
      {run.strands.length > 1 && (
        <ul className="mb-1.5 flex flex-wrap" aria-label="Strands of this run">
          {run.strands.map((one, place) => (
            <li key={refKey(one.from)}>
              <button
                type="button"
                aria-pressed={place === chosen}
                onClick={() => setChosen(place)}
                className={`min-h-11 border border-hair-2 bg-sheet px-4 type-row ${place === chosen ? 'row-selected font-semibold' : 'hover:bg-paper-deep'}`}
              >
                {place === 0 ? 'Straight on' : isInside(one) ? 'Inside the tank' : `Branch ${place}`}
                {one.end.at === 'open' ? ', open' : ''}
              </button>
            </li>
          ))}
        </ul>
      )}
      <StringSheet strand={strand} tankLabel={strand.from.of === 'hole' ? tank?.label : undefined} />
      <StringDown strand={strand} />
      <RunTools run={run} />
      <TakenNote strand={strand} />
      <Panels strand={strand} />
      {strand.end.at === 'open' && <PhoneBar />}
    </>
  );
}

/** What goes on to the end, and where the run may finish. An end made to stay open need not be finished. */
function BuildOn({ at, line, open }: { readonly at: EndRef; readonly line: readonly Part[]; readonly open: boolean }) {
  return (
    <>
      <NextPartPicker at={at} line={line} />
      {open && (
        <div className="mt-4">
          <FinishPanel at={at} />
        </div>
      )}
    </>
  );
}

/** Within reach of the thumb. */
const PhoneBar = () => (
  <nav
    aria-label="Build on"
    className="no-print fixed inset-x-0 bottom-0 z-10 flex gap-2.5 border-t-2 border-ink bg-paper p-1.5 md:hidden"
  >
    <a href="#finish" className="main-action flex min-h-[54px] flex-1 items-center justify-center">
      Finish to…
    </a>
    <a href="#next" className="other-action flex min-h-[54px] flex-1 items-center justify-center">
      Next part
    </a>
  </nav>
);

/** Below the string: what is selected on the left, what can be done at the open end on the right. */
function Panels({ strand }: { readonly strand: Strand }) {
  const judged = useJob((state) => state.plan.context.judgedOf(state.selectedJointId ?? undefined));
  const worst = useJob((state) =>
    state.plan.joints.find(
      ({ joint, mating }) =>
        (mating.verdict === 'starts-then-leaks' || mating.verdict === 'will-not-go') &&
        strand.items.some(({ jointIn }) => jointIn?.id === joint.id),
    ),
  );
  const stretch = useStretch(strand);
  const [item] = stretch;
  const at: EndRef | undefined = strand.end.at === 'open' || strand.end.at === 'discharge' ? strand.end.ref : undefined;
  const line = useMemo(() => strand.items.map(({ part }) => part), [strand]);
  const shown = judged ?? (item ? undefined : worst);
  return (
    <div className="mt-3 grid grid-cols-[minmax(0,5fr)_minmax(0,6fr)] gap-6 max-xl:grid-cols-1">
      <div>
        {shown && <JointPanel key={shown.joint.id} judged={shown} strand={strand} />}
        {!shown && stretch.length > 1 && <StretchPanel strand={strand} />}
        {!shown && stretch.length === 1 && item && <PartPanel item={item} strand={strand} />}
        {!shown && !item && (
          <p className="rule-subject pt-2 type-row text-ink-2">
            Press a joint to see why it holds, or a part to change it.
          </p>
        )}
      </div>
      <div>
        {at ? (
          <>
            <PasteHere strand={strand} slot={strand.items.length}>
              Put it on the end
            </PasteHere>
            <BuildOn key={refKey(at)} at={at} line={line} open={strand.end.at === 'open'} />
          </>
        ) : (
          <p className="rule-subject pt-2 type-row text-ink-2">
            This run is finished. Take its last part or joint out to build on.
          </p>
        )}
      </div>
    </div>
  );
}
