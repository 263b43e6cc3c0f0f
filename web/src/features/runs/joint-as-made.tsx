'use client';

import { type Held, type JudgedJoint, type Settable, countsTurns, leastLeftMm, mate, setField } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { FigureField } from '@/ui/figure-field';
import { LengthField } from '@/ui/length-field';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';

/** What is known of this one joint that its two ends do not tell: made for now, sealed by its maker, counted dry, cut short. */
export function JointAsMade({ judged: { joint, a, b, service } }: { readonly judged: JudgedJoint }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const said = joint.forNow || joint.factorySeal || joint.dryFitTurns !== null || joint.cutToM !== null;
  const [open, setOpen] = useState(said);
  if (!a.end || !b.end) return null;
  const set = <Name extends Settable<'joints'>>(field: Name, to: Held<'joints', Name>): string | undefined =>
    make([setField('joints', joint, field, to)])?.message;
  const conditions = { a: a.material, b: b.material, service };
  const asItIs = mate(a.end, b.end, conditions);
  const tape = asItIs.needs.some(({ kind }) => kind === 'tape');
  const counts = tape && countsTurns(a.end, b.end);
  const cuts = leastLeftMm(a.end, b.end, asItIs) !== undefined;
  return (
    <div>
      <Action aria-expanded={open} onClick={() => setOpen(!open)}>
        What is known of this one
      </Action>
      {open && (
        <div className="grid grid-cols-2 gap-x-4 gap-y-2 py-2 max-md:grid-cols-1">
          <YesNo label="Made for now" value={joint.forNow} onChange={(to) => set('forNow', to)} />
          {(tape || joint.factorySeal) && (
            <YesNo
              label="Comes sealed from the factory"
              value={joint.factorySeal}
              onChange={(to) => set('factorySeal', to)}
            />
          )}
          {(counts || joint.dryFitTurns !== null) && (
            <div>
              <FigureField
                kind="number"
                measures={measures}
                label="Turns by hand, dry"
                unsaid="not counted"
                value={joint.dryFitTurns}
                onChange={(to) => set('dryFitTurns', to)}
              />
              {joint.dryFitTurns !== null && <Action onClick={() => set('dryFitTurns', null)}>Not counted</Action>}
            </div>
          )}
          {(cuts || joint.cutToM !== null) && (
            <div>
              <LengthField
                label="Thread or shank left, if cut short"
                valueM={joint.cutToM}
                measures={measures}
                onChange={(to) => set('cutToM', to)}
              />
              {joint.cutToM !== null && <Action onClick={() => set('cutToM', null)}>It is whole</Action>}
            </div>
          )}
        </div>
      )}
    </div>
  );
}
