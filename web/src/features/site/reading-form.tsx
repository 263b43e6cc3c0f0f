'use client';

import {
  type HeightRef,
  type Job,
  type Measured,
  type Reading,
  formatLength,
  heightKey,
  heightsOf,
  readingsOf,
  setReadings,
  upOf,
  type FigureReading,
} from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { EntryProblem } from '@/ui/entry-problem';
import { useFigureReader } from '@/ui/use-figure-entry';
import { useJob } from '../../store/job-provider';
import { readLaserLine, standInLaser } from './laser';
import { refName } from './site-words';

/** What a height can be taken from: the ground at the tanks, and everything else whose own height does not hang on this one. */
export function referencesFor(job: Job, of: Measured): readonly HeightRef[] {
  const all: readonly HeightRef[] = [
    { of: 'ground' },
    ...job.marks.map(({ id }): HeightRef => ({ of: 'mark', id })),
    ...job.roofs.map(({ id }): HeightRef => ({ of: 'roof', id })),
    ...job.terminals.map(({ id }): HeightRef => ({ of: 'terminal', id })),
  ];
  const own = heightKey(of);
  const hangs = (ref: HeightRef, depth = 0): boolean =>
    heightKey(ref) === own ||
    (depth < all.length && ref.of !== 'ground' && readingsOf(job, ref).some(({ from }) => hangs(from, depth + 1)));
  return all.filter((ref) => !hangs(ref));
}

/** Where the next reading is taken from: an instrument line or a nail that is known, else the ground. */
const usualReference = (job: Job, references: readonly HeightRef[]): HeightRef =>
  references.find((ref) => ref.of === 'mark' && upOf(job, ref) !== undefined) ?? references[0] ?? { of: 'ground' };

/** What the stand-in makes up where nobody knows a height [m over the ground]. */
const MADE_UP_M = -0.8;
const STAND_IN_READINGS = 3;

/** One more reading of a height: from where, by what, how far down or up. It is taken on Enter or by its button. */
export function ReadingForm({ of, large = false }: { readonly of: Measured; readonly large?: boolean }) {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const references = referencesFor(job, of);
  const [chosen, setChosen] = useState<string>();
  const from = references.find((ref) => heightKey(ref) === chosen) ?? usualReference(job, references);
  const [by, setBy] = useState<Reading['by']>('tape');
  const [said, setWay] = useState<'down' | 'up'>();
  // A gutter hangs over the ground; everything else is usually read down.
  const way = said ?? (of.of === 'roof' && from.of === 'ground' ? 'up' : 'down');
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string>();
  const [choices, setChoices] = useState<readonly FigureReading[]>([]);
  const down = useFigureReader({ kind: 'length', measures: job.measures, usual: [0.02, 20] });
  const example = job.measures === 'mm-l' ? '1450 mm' : '57-1/4 in';

  const put = (readings: readonly Reading[]): void => {
    const refused = make([setReadings(job, of, [...readingsOf(job, of), ...readings])]);
    setProblem(refused?.message);
    if (!refused) setTyped('');
  };
  const take = (metres: number): void => {
    setChoices([]);
    put([{ from, by, downM: way === 'down' ? metres : -metres }]);
  };
  const add = (): void => {
    const parsed = down.read(typed);
    setChoices(!parsed.ok && parsed.error.code === 'two-readings' ? parsed.error.readings : []);
    if (!parsed.ok) return setProblem(down.wordsOf(parsed.error, typed));
    // 'Down' and 'up' say which way: a sign would say it twice, or the other way.
    if (parsed.value < 0)
      return setProblem(`Say which way with ${way === 'down' ? '“up”' : '“down”'}, without a sign.`);
    take(parsed.value);
  };
  const askStandIn = (): void => {
    const [trueM, fromM] = [upOf(job, of) ?? MADE_UP_M, upOf(job, from) ?? 0];
    const laser = standInLaser(fromM - trueM, Math.random);
    put(
      Array.from({ length: STAND_IN_READINGS }, () => readLaserLine(laser.press())).flatMap((downM) =>
        downM === undefined ? [] : [{ from, by: 'laser' as const, downM }],
      ),
    );
  };
  return (
    <form
      className="space-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <label className="block">
        <span className="block type-second">Taken from</span>
        <select
          className={`field w-full ${large ? '!h-[54px]' : ''}`}
          value={heightKey(from)}
          onChange={(event) => setChosen(event.target.value)}
        >
          {references.map((ref) => (
            <option key={heightKey(ref)} value={heightKey(ref)}>
              {refName(job, ref)}
              {upOf(job, ref) === undefined ? ', not measured itself' : ''}
            </option>
          ))}
        </select>
      </label>
      <div className="grid grid-cols-2 gap-2">
        <Choice
          label="Read by"
          value={by}
          options={[
            { value: 'tape', name: 'tape' },
            { value: 'laser', name: 'laser' },
          ]}
          onChange={setBy}
        />
        <Choice
          label="Which way"
          value={way}
          options={[
            { value: 'down', name: 'down' },
            { value: 'up', name: 'up' },
          ]}
          onChange={setWay}
        />
      </div>
      <label className="block">
        <span className="block type-second">
          How far {way} from the {refName(job, from)}
        </span>
        <input
          className={`field w-full ${large ? '!h-[54px] text-[19px]' : ''}`}
          inputMode="text"
          enterKeyHint="done"
          placeholder={example}
          value={typed}
          aria-invalid={problem !== undefined}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <EntryProblem problem={problem} readings={choices} onChoose={({ value }) => take(value)} />
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <button type="submit" className={large ? 'main-action min-h-[54px] flex-1' : 'other-action'}>
          Take the reading
        </button>
        {by === 'laser' && <Action onClick={askStandIn}>Three from the stand-in laser</Action>}
      </div>
      {by === 'laser' && (
        <p className="type-second">
          The laser level here is a stand-in: its readings are made up, with scatter and now and then a blunder.
        </p>
      )}
    </form>
  );
}

/** The readings of a height as they were taken, each to be struck out. */
export function ReadingList({ of }: { readonly of: Measured }) {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const readings = readingsOf(job, of);
  const blunder = heightsOf(job).get(heightKey(of))?.blunder;
  return (
    <ul>
      {readings.map(({ from, by, downM }, index) => (
        <li key={`${index} ${downM}`} className="flex items-center justify-between border-b border-hair type-row">
          <span>
            <b className="font-[650]">{formatLength(Math.abs(downM), job.measures)}</b> {downM < 0 ? 'up' : 'down'} from
            the {refName(job, from)}, {by}
            {index === blunder && <span className="type-second"> left out: far from the others</span>}
          </span>
          <button
            type="button"
            className="min-h-9 px-2 type-second underline pointer-coarse:min-h-11"
            aria-label={`Strike out reading ${index + 1}`}
            onClick={() => make([setReadings(job, of, readings.toSpliced(index, 1))])}
          >
            strike out
          </button>
        </li>
      ))}
    </ul>
  );
}
