'use client';

import { type Run, freeInsideEnd, setField } from '@herrero/core';
import { Suspense, lazy, useState } from 'react';
import { Choice } from '@/ui/choice';
import { useJob } from '../../store/job-provider';
import { RunStands } from './run-stands';

// Each comes when it is first asked for: the page that opens a run does not wait for them.
const CourseFigure = lazy(() => import('./course-figure').then((module) => ({ default: module.CourseFigure })));
const OrderList = lazy(() => import('./order-list').then((module) => ({ default: module.OrderList })));
const FlowTable = lazy(() => import('./flow-table').then((module) => ({ default: module.FlowTable })));
const InsideSheet = lazy(() => import('./inside-sheet').then((module) => ({ default: module.InsideSheet })));
const FromHandList = lazy(() => import('./from-hand-list').then((module) => ({ default: module.FromHandList })));

const SHEETS = [
  { id: 'course', name: 'As it runs', view: CourseFigure },
  { id: 'order', name: 'Order of work', view: OrderList },
  { id: 'flow', name: 'What it gives', view: FlowTable },
  { id: 'hand', name: 'From what is on hand', view: FromHandList },
  { id: 'inside', name: 'Inside the tank', view: InsideSheet },
] as const;

const MADE = [
  { value: 'for-good', name: 'for good' },
  { value: 'comes-apart', name: 'comes apart' },
] as const;

/** About the run as a whole: how it is made, how it really goes, in which order, and what could come from the van. */
export function RunTools({ run }: { readonly run: Run }) {
  const make = useJob((state) => state.make);
  const [open, setOpen] = useState<(typeof SHEETS)[number]['id'] | null>(null);
  const index = useJob((state) => state.plan.context.index);
  const { penetration } = run;
  // What hangs inside already is a strand of its own.
  const sheets = SHEETS.filter(({ id }) => id !== 'inside' || freeInsideEnd(run, index) !== undefined);
  const sheet = sheets.find(({ id }) => id === open);
  return (
    <div className="no-print mt-1.5">
      <div className="flex flex-wrap items-center gap-x-5">
        {sheets.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className="action"
            aria-expanded={open === id}
            onClick={() => setOpen(open === id ? null : id)}
          >
            <span>{name}</span>
          </button>
        ))}
        <RunStands run={run} />
        <div className="ml-auto flex items-center gap-2 max-md:ml-0">
          <span className="type-second" aria-hidden="true">
            This run is made
          </span>
          <Choice
            label="How this run is made"
            value={penetration.comesApart === null ? null : penetration.comesApart ? 'comes-apart' : 'for-good'}
            options={MADE}
            onChange={(to) => make([setField('penetrations', penetration, 'comesApart', to === 'comes-apart')])}
          />
        </div>
      </div>
      {sheet && (
        <Suspense fallback={<p className="type-second">One moment</p>}>
          <sheet.view run={run} />
        </Suspense>
      )}
    </div>
  );
}
