'use client';

import { type Finding, SETTLED_BECAUSE, SETTLED_WORDS, type SettledBecause, aboutOf, figuresOf } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { today } from '@/ui/today';
import { useJob } from '../../store/job-provider';

const NAME_KEY = 'herrero-settled-by';
const MOST_NAME = 80;

/** Settles a note by name and reason; what can hurt somebody is acknowledged so and stays open. */
export default function SettleForm({ finding, onDone }: { readonly finding: Finding; readonly onDone: () => void }) {
  const make = useJob((state) => state.make);
  const [because, setBecause] = useState<SettledBecause>(
    finding.check === 'joint/not-rated' ? 'accepted' : 'works-as-it-is',
  );
  const [by, setBy] = useState(() => localStorage.getItem(NAME_KEY) ?? '');
  const [problem, setProblem] = useState<string>();
  const settle = (): void => {
    const name = by.trim();
    if (name === '') return setProblem('Who says so? A name is asked for.');
    localStorage.setItem(NAME_KEY, name);
    const refused = make([
      {
        type: 'settle-note',
        title: `${finding.title}, ${finding.at.label}`,
        settlement: {
          id: crypto.randomUUID(),
          about: aboutOf(finding),
          because,
          by: name,
          on: today(),
          figures: figuresOf(finding.data),
        },
      },
    ]);
    if (refused) setProblem(refused.message);
    else onDone();
  };
  return (
    <form
      className="mt-1 space-y-2 border-l-[3px] border-hair-2 pl-2.5"
      onSubmit={(event) => {
        event.preventDefault();
        settle();
      }}
    >
      {finding.safety && (
        <p className="type-row">This can hurt somebody: it is acknowledged by name and stays open, and counted.</p>
      )}
      <label className="block">
        <span className="block type-second">Why</span>
        <select
          className="field w-full"
          value={because}
          onChange={({ target }) => setBecause(target.value as SettledBecause)}
        >
          {SETTLED_BECAUSE.map((one) => (
            <option key={one} value={one}>
              {SETTLED_WORDS[one]}
            </option>
          ))}
        </select>
      </label>
      <label className="block">
        <span className="block type-second">Who says so</span>
        <input
          className="field w-full"
          value={by}
          maxLength={MOST_NAME}
          autoComplete="name"
          aria-invalid={problem !== undefined}
          onChange={({ target }) => {
            setBy(target.value);
            setProblem(undefined);
          }}
        />
      </label>
      {problem !== undefined && (
        <p role="alert" className="type-row font-[650]">
          {problem}
        </p>
      )}
      <Action onClick={settle}>{finding.safety ? 'Acknowledge it' : 'Settle it'}</Action>
    </form>
  );
}
