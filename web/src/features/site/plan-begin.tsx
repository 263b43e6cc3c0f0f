'use client';

import { type Edit, newMark, setField } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { useFigureReader } from '@/ui/use-figure-entry';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';

const USUAL_M = [1, 60] as const;

/** An empty plan: two things that stay, and how far they are apart; or the first tank, for a job of a few tanks close together. */
export function PlanBegin() {
  const measures = useJob((state) => state.job.measures);
  const tanks = useJob((state) => state.job.tanks);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.selectSite);
  const { read, wordsOf } = useFigureReader({ kind: 'length', measures, usual: USUAL_M });
  const [names, setNames] = useState(['', '']);
  const [apart, setApart] = useState('');
  const [problem, setProblem] = useState<string>();
  const begin = (): void => {
    const parsed = apart.trim() === '' ? undefined : read(apart);
    if (parsed && !parsed.ok) return setProblem(wordsOf(parsed.error, apart));
    const [first = '', second = ''] = names.map((name) => name.trim());
    if (first === '' || second === '') return setProblem('Name both: a corner, a post, a nail.');
    const [a, b] = [newId(), newId()];
    const edits: readonly Edit[] = [
      { type: 'add-mark', mark: newMark({ id: a, name: first, placed: { by: 'origin' } }) },
      {
        type: 'add-mark',
        mark: newMark({ id: b, name: second, placed: { by: 'line', alongM: parsed?.value ?? null } }),
      },
    ];
    const refused = make(edits);
    setProblem(refused?.message);
    if (!refused) select(`mark ${b}`);
  };
  const [tank] = tanks;
  const beginAtTank = (): void => {
    if (!tank) return;
    const refused = make([
      setField('tanks', tank, 'placed', { by: 'origin' }),
      ...(tank.turned === null ? [setField('tanks', tank, 'turned', { by: 'degrees', degrees: 0 })] : []),
    ]);
    setProblem(refused?.message);
    if (!refused) select(`tank ${tank.id}`);
  };
  return (
    <section aria-label="Begin the plan" className="sheet px-6 py-5">
      <svg viewBox="0 0 600 120" className="mx-auto block w-full max-w-[600px]" aria-hidden="true">
        {[
          [90, 'A'],
          [510, 'B'],
        ].map(([x, letter]) => (
          <g key={letter} fill="none" stroke="var(--ink-2)" strokeWidth={1.6} strokeDasharray="2 4">
            <circle cx={x} cy={60} r={12} />
            <path d={`M${Number(x) - 16} 60H${Number(x) + 16}M${x} 44V76`} />
            <text
              x={x}
              y={106}
              textAnchor="middle"
              className="type-head"
              style={{ fill: 'var(--ink)', stroke: 'none' }}
            >
              {letter}
            </text>
          </g>
        ))}
        <path d="M110 60H490" stroke="var(--ink-2)" strokeDasharray="14 3 3 3" />
      </svg>
      <h2 className="type-head">Name two things that stay</h2>
      <p className="type-second">A corner of a wall, a post, a nail. Everything else is taped from them.</p>
      <form
        className="flex flex-wrap items-end gap-3 pt-2"
        onSubmit={(event) => {
          event.preventDefault();
          begin();
        }}
      >
        {(['A', 'B'] as const).map((letter, index) => (
          <label key={letter} className="block grow">
            <span className="block type-second">{letter} is</span>
            <input
              className="field w-full"
              maxLength={80}
              placeholder={index === 0 ? 'mill corner' : 'gate post'}
              value={names[index]}
              onChange={(event) => setNames(names.map((name, at) => (at === index ? event.target.value : name)))}
            />
          </label>
        ))}
        <label className="block grow">
          <span className="block type-second">From A to B, taped level</span>
          <input
            className="field w-full"
            placeholder="not measured yet"
            value={apart}
            onChange={(event) => setApart(event.target.value)}
          />
        </label>
        <button type="submit" className="main-action">
          Begin the plan
        </button>
      </form>
      <EntryProblem problem={problem} />
      {tank && (
        <p className="pt-3 type-second">
          Only tanks that stand side by side? <Action onClick={beginAtTank}>Begin the plan at {tank.label}</Action>
        </p>
      )}
    </section>
  );
}
