'use client';

import { type Placed, type Tape, type TapedTo, formOf, formatLength, planKey } from '@herrero/core';
import { useState } from 'react';
import { EntryProblem } from '@/ui/entry-problem';
import { useFigureReader } from '@/ui/use-figure-entry';
import { useJob } from '../../store/job-provider';
import { useReferences } from './use-references';
import { TAPED_TO_NAMES, planName } from './plan-words';
import { SelectField } from './site-fields';
import type { PlacedThing } from './use-placed';

type ByTapes = Extract<Placed, { by: 'tapes' }>;
const USUAL_M = [0.2, 60] as const;
const CORNERS: readonly TapedTo[] = ['middle', 'front-left', 'front-right', 'back-left', 'back-right', 'opening'];
const ROUND: readonly TapedTo[] = ['near-side', 'middle', 'opening'];

/** The tapes to a thing, each to be struck out, and one more. */
export function TapeReadings({
  thing,
  placed,
  set,
}: {
  readonly thing: PlacedThing;
  readonly placed: ByTapes;
  readonly set: (to: Placed | null) => string | undefined;
}) {
  const job = useJob((state) => state.job);
  const { tank, ref } = thing;
  const references = useReferences(ref);
  const holes = tank ? job.penetrations.filter(({ tankId }) => tankId === tank.id) : [];
  const all = tank ? (formOf(tank).id === 'round' ? ROUND : CORNERS) : [];
  const targets = all.filter((to) => to !== 'opening' || holes.length > 0);
  // The next tape comes from somewhere else than those that are read.
  const unread =
    references.find(([key]) => placed.readings.every(({ from }) => planKey(from) !== key)) ?? references[0];
  const [chosen, setChosen] = useState<string>();
  const from = references.find(([key]) => key === chosen) ?? unread;
  const [to, setTo] = useState<TapedTo>(targets[0] ?? 'middle');
  const [openingId, setOpening] = useState<string | undefined>(holes[0]?.id);
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string>();
  const { read, wordsOf } = useFigureReader({ kind: 'length', measures: job.measures, usual: USUAL_M });
  const add = (): void => {
    const parsed = read(typed);
    if (!parsed.ok) return setProblem(wordsOf(parsed.error, typed));
    if (!from) return setProblem('Name something that stays first: a corner, a post, a nail.');
    const tape: Tape = {
      from: from[2],
      tapeM: parsed.value,
      to: tank ? to : 'middle',
      openingId: tank && to === 'opening' ? (openingId ?? null) : null,
    };
    const refused = set({ ...placed, readings: [...placed.readings, tape] });
    setProblem(refused);
    if (refused !== undefined) return;
    setTyped('');
    setChosen(undefined);
  };
  return (
    <div className="space-y-2">
      <ul>
        {placed.readings.map(({ from: held, tapeM, to: point, openingId: id }, index) => (
          <li key={`${index} ${tapeM}`} className="flex items-center justify-between border-b border-hair type-row">
            <span>
              <b className="font-[650]">{formatLength(tapeM, job.measures)}</b> from {planName(job, held)}
              {tank &&
                ` to ${point === 'opening' ? (holes.find((hole) => hole.id === id)?.label ?? 'an opening') : `its ${TAPED_TO_NAMES[point]}`}`}
            </span>
            <button
              type="button"
              className="min-h-9 px-2 type-second underline pointer-coarse:min-h-11"
              aria-label={`Strike out tape ${index + 1}`}
              onClick={() => set({ ...placed, readings: placed.readings.toSpliced(index, 1) })}
            >
              strike out
            </button>
          </li>
        ))}
      </ul>
      <form
        className="grid grid-cols-2 items-end gap-x-3 gap-y-2"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <SelectField
          label="Tape held at"
          value={from?.[0] ?? null}
          options={references.map(([key, name]) => [key, name])}
          onChange={(key) => setChosen(key ?? undefined)}
        />
        <label className="block">
          <span className="block type-second">It reads, level</span>
          <input
            className="field w-full"
            inputMode="text"
            enterKeyHint="done"
            placeholder={job.measures === 'mm-l' ? '6.23 m' : '20 ft 5 in'}
            value={typed}
            aria-invalid={problem !== undefined}
            onChange={(event) => setTyped(event.target.value)}
          />
        </label>
        {targets.length > 0 && (
          <SelectField
            label="To its"
            value={to}
            options={targets.map((target) => [target, TAPED_TO_NAMES[target]])}
            onChange={(next) => next && setTo(next)}
          />
        )}
        {targets.length > 0 && to === 'opening' && (
          <SelectField
            label="Which"
            value={openingId ?? null}
            options={holes.map(({ id, label, name }) => [id, `${label} ${name}`])}
            onChange={(id) => setOpening(id ?? undefined)}
          />
        )}
        <button type="submit" className="other-action col-span-2">
          Take the reading
        </button>
      </form>
      <EntryProblem problem={problem} />
    </div>
  );
}
