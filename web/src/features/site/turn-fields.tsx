'use client';

import {
  type CheckContext,
  type Looks,
  type Mark,
  type Tank,
  type Terminal,
  type Turned,
  looksOf,
  openingIn,
  angleTo,
  planKey,
  setField,
  setOutOf,
  setSetting,
  standingOf,
} from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { FigureField } from '@/ui/figure-field';
import { useFigureReader } from '@/ui/use-figure-entry';
import { useJob } from '../../store/job-provider';
import { useReferences } from './use-references';
import { LOOKS_NAMES, compassWords } from './plan-words';
import { SelectField } from './site-fields';
import { useSiteField } from './use-site-field';

const DOWN_THE_PLAN = 270;
const rounded = (degrees: number): number => Math.round(degrees * 10) / 10;

/** How a tank is turned, by degrees or by a third tape to an opening of it, and the ground that it stands on. */
export function TankOnPlan({ tank, context }: { readonly tank: Tank; readonly context: CheckContext }) {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const turn = setOutOf(context.job).turns.get(tank.id);
  const holes = job.penetrations.filter(({ tankId }) => tankId === tank.id);
  const set = (to: Turned | null): string | undefined => make([setField('tanks', tank, 'turned', to)])?.message;
  const turnTo = (degrees: number): string | undefined => set({ by: 'degrees', degrees: rounded(degrees) });
  const standing = standingOf(tank, context.job);
  const [first] = holes;
  const looks = standing && first && openingIn(tank, first, standing).looks;
  const grounds = job.marks.filter(({ kind }) => kind === 'ground');
  return (
    <div className="space-y-2">
      <h2 className="border-b border-hair pb-1 type-head">How it is turned</h2>
      <p className="type-row">
        {turn?.degrees === undefined
          ? turn?.trouble === 'out-of-reach'
            ? 'No turning brings that opening where the tape reads: which one again?'
            : 'Not said: its openings have no place yet.'
          : `Its front looks ${compassWords(turn.degrees + DOWN_THE_PLAN, job.northDegrees)}${looks && Math.hypot(looks.x, looks.y) > 0.5 ? `; ${first.label} looks ${compassWords(angleTo({ x: 0, y: 0 }, looks), job.northDegrees)}` : ''}.`}
      </p>
      <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
        <FigureField
          kind="angle"
          measures={job.measures}
          bare
          label="It is turned, degrees"
          value={turn?.degrees === undefined ? null : rounded(turn.degrees)}
          onChange={turnTo}
        />
        <span className="flex flex-wrap gap-x-3">
          {[-90, -5, 5, 90].map((step) => (
            <Action key={step} onClick={() => void turnTo(((turn?.degrees ?? 0) + step) % 360)}>
              {step > 0 ? `+${step}` : step}
            </Action>
          ))}
        </span>
      </div>
      {holes.length > 0 && <TurnByTape tank={tank} set={set} />}
      {tank.turned?.by === 'tape' && turn?.other !== undefined && (
        <p className="type-row">
          One tape turns it two ways.{' '}
          <Action
            onClick={() =>
              tank.turned?.by === 'tape' &&
              void set({ ...tank.turned, side: tank.turned.side === 'left' ? 'right' : 'left' })
            }
          >
            Turn it the other way
          </Action>
        </p>
      )}
      {grounds.length > 0 && (
        <SelectField
          label="Ground it stands on"
          value={tank.groundId}
          options={grounds.map(({ id, name }) => [id, name])}
          unsaid="the ground at the tanks"
          onChange={(to) => void make([setField('tanks', tank, 'groundId', to)])}
        />
      )}
    </div>
  );
}

/** A third tape, to an opening: the tank is turned until it fits. */
function TurnByTape({ tank, set }: { readonly tank: Tank; readonly set: (to: Turned) => string | undefined }) {
  const job = useJob((state) => state.job);
  const holes = job.penetrations.filter(({ tankId }) => tankId === tank.id);
  const references = useReferences({ of: 'tank', id: tank.id });
  const [open, setOpen] = useState(false);
  const [openingId, setOpening] = useState(holes[0]?.id);
  const [chosen, setChosen] = useState(references[0]?.[0]);
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string>();
  const { read, wordsOf } = useFigureReader({ kind: 'length', measures: job.measures, usual: [0.2, 60] });
  if (!open) return <Action onClick={() => setOpen(true)}>Turn it by a third tape</Action>;
  const take = (): void => {
    const parsed = read(typed);
    const from = references.find(([key]) => key === chosen)?.[2];
    if (!parsed.ok) return setProblem(wordsOf(parsed.error, typed));
    if (!from || openingId === undefined) return setProblem('A reference and an opening are needed.');
    setProblem(set({ by: 'tape', from, tapeM: parsed.value, openingId, side: 'left' }));
  };
  return (
    <form
      className="grid grid-cols-2 items-end gap-x-3 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <SelectField
        label="Third tape held at"
        value={chosen ?? null}
        options={references.map(([key, name]) => [key, name])}
        onChange={(key) => setChosen(key ?? undefined)}
      />
      <SelectField
        label="To the opening"
        value={openingId ?? null}
        options={holes.map(({ id, label, name }) => [id, `${label} ${name}`])}
        onChange={(id) => setOpening(id ?? undefined)}
      />
      <label className="block">
        <span className="block type-second">It reads</span>
        <input className="field w-full" value={typed} onChange={(event) => setTyped(event.target.value)} />
      </label>
      <button type="submit" className="other-action">
        Turn it
      </button>
      <EntryProblem problem={problem} />
    </form>
  );
}

/** Which way the end of a place looks. */
export function LooksFields({ place }: { readonly place: Terminal }) {
  const job = useJob((state) => state.job);
  const set = useSiteField('terminals', place);
  const looks = looksOf(place);
  const of = (way: Looks['way'] | null): Looks | null =>
    way === null ? null : way === 'level' ? { way, degrees: DOWN_THE_PLAN } : { way };
  return (
    <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
      <SelectField
        label="It looks"
        value={looks?.way ?? null}
        options={(['up', 'down', 'level'] as const).map((way) => [way, LOOKS_NAMES[way]])}
        unsaid="not said"
        onChange={(way) => set('looks', of(way))}
      />
      {looks?.way === 'level' && (
        <FigureField
          kind="angle"
          measures={job.measures}
          bare
          label="From the right of the plan, degrees"
          value={looks.degrees}
          onChange={(degrees) => set('looks', { way: 'level', degrees })}
        />
      )}
    </div>
  );
}

/** A wall that stands from one reference to another, and on which side of it the house is. */
export function MarkOnPlan({ mark }: { readonly mark: Mark }) {
  const job = useJob((state) => state.job);
  const set = useSiteField('marks', mark);
  const others = job.marks.filter(({ id, kind }) => id !== mark.id && kind === 'reference');
  if (others.length === 0) return null;
  return (
    <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
      <SelectField
        label="A wall from here to"
        value={mark.wallTo}
        options={others.map(({ id, name }) => [id, name])}
        unsaid="no wall"
        onChange={(to) => set('wallTo', to)}
      />
      {mark.wallTo !== null && (
        <SelectField
          label="The house is"
          value={mark.wallSide}
          options={[
            ['left', 'to the left of it'],
            ['right', 'to the right of it'],
          ]}
          unsaid="not said"
          onChange={(to) => set('wallSide', to)}
        />
      )}
    </div>
  );
}

/** North, once for the whole plan. */
export function NorthField() {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const a = setOutOf(job).places.get(
    planKey({ of: 'mark', id: job.marks.find(({ placed }) => placed?.by === 'origin')?.id ?? '' }),
  );
  if (!a) return null;
  // Said as people read it off a compass that is held along the line.
  const bearing = job.northDegrees === null ? null : rounded(((job.northDegrees % 360) + 360) % 360);
  return (
    <FigureField
      kind="angle"
      measures={job.measures}
      bare
      label="Compass along A to B, degrees from north"
      value={bearing}
      onChange={(to) => make([setSetting(job, 'northDegrees', to)])?.message}
    />
  );
}
