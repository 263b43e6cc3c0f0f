'use client';

import {
  type LineFlow,
  type Measures,
  type Run,
  type WaterState,
  formatFlow,
  formatLength,
  formatPressure,
  lineFlows,
} from '@herrero/core';
import { useMemo } from 'react';
import { useJob } from '../../store/job-provider';

const WATER: Readonly<Record<WaterState, string>> = { full: 'full', half: 'half drawn', low: 'a tenth left' };

/** What the run gives at its ends: pressure while they are shut, flow while one runs, from a full, a half and a low tank. */
export function FlowTable({ run }: { readonly run: Run }) {
  const context = useJob((state) => state.plan.context);
  const lines = useMemo(() => lineFlows(context, run), [run, context]);
  if (lines.length === 0)
    return (
      <p className="type-row">
        Nothing is drawn through this run: figures are for outlets, drains and pump lines that have an end.
      </p>
    );
  return (
    <div className="space-y-3">
      {lines.map((line) => (
        <Line key={line.strand} line={line} many={lines.length > 1} />
      ))}
      <p className="type-second">
        Everything open, water at 15 C, each line by itself with the others shut. Darcy and Weisbach with the losses of
        every fitting; bores and losses differ between makers: check with a bucket and a watch.
      </p>
    </div>
  );
}

function Line({ line, many }: { readonly line: LineFlow; readonly many: boolean }) {
  const measures = useJob((state) => state.job.measures);
  return (
    <section aria-label={many ? nameOf(line) : 'What the run gives'}>
      {many && <h3 className="type-row font-[650]">{nameOf(line)}</h3>}
      <table className="w-full type-row">
        <thead>
          <tr className="border-b border-ink text-left">
            <th scope="col" className="py-1 font-[650]">
              Tank
            </th>
            <th scope="col" className="py-1 text-right font-[650]">
              Water over the end
            </th>
            <th scope="col" className="py-1 text-right font-[650]">
              Pressure, shut
            </th>
            <th scope="col" className="py-1 text-right font-[650]">
              Flow, open
            </th>
          </tr>
        </thead>
        <tbody>
          {line.states.map(({ water, headM, shutKpa, flowM3s, sucksAt }) => (
            <tr key={water} className="border-b border-hair">
              <th scope="row" className="py-1 text-left font-normal">
                {WATER[water]}
              </th>
              <td className="py-1 text-right">{headWords(headM, measures)}</td>
              <td className="py-1 text-right">{formatPressure(shutKpa, measures)}</td>
              <td className="py-1 text-right">
                {flowM3s === 0 ? 'nothing comes' : formatFlow(flowM3s, measures)}
                {sucksAt && <span className="block type-second">draws air at {sucksAt.part.name.toLowerCase()}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="pt-1 type-second">
        {KNOWN[line.endKnownBy]}
        {line.lengthsAssumed && ' Lengths that nobody has measured are taken as half a metre.'}
        {line.pumped && ' With the pump running; its curve is typical, no maker’s.'}
      </p>
    </section>
  );
}

const nameOf = ({ strand }: LineFlow): string => (strand === 0 ? 'Straight on' : `Branch ${strand}`);

const headWords = (headM: number, measures: Measures): string =>
  headM < 0 ? `${formatLength(-headM, measures)} too high` : formatLength(headM, measures);

const KNOWN: Readonly<Record<LineFlow['endKnownBy'], string>> = {
  place: 'The end lies where its place was measured.',
  course: 'The end lies where the parts lead.',
  tank: 'It ends in another tank: at its full water, or where the line comes in over it.',
  assumed: 'Where the end lies is assumed: say how the pieces rise and where they point, under ‘As it runs’.',
};
