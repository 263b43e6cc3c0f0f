'use client';

import {
  type CheckContext,
  type PlanPlace,
  type PlanRef,
  type Placed,
  type Side,
  SIDES,
  formatLength,
  planKey,
  setOutOf,
} from '@herrero/core';
import { Action } from '@/ui/action';
import { LengthField } from '@/ui/length-field';
import { letterOf } from '@/drawing/geometry/site-plan';
import { useJob } from '../../store/job-provider';
import { PLACE_TROUBLES, SIDE_NAMES, WAYS_TO_PLACE, type WayToPlace, planName, referencesOf } from './plan-words';
import { SelectField } from './site-fields';
import { TapeReadings } from './tape-readings';
import { LooksFields, MarkOnPlan, NorthField, TankOnPlan } from './turn-fields';
import { type PlacedThing, usePlaced } from './use-placed';
import { useReferences } from './use-references';

const USUAL_M = [0.05, 60] as const;

/** Where what is chosen stands: how it was found on site, its readings, and what they make of it. */
export function PlacePanel({ context }: { readonly context: CheckContext }) {
  const { job } = context;
  const chosen = useJob((state) => state.siteKey);
  const first = job.tanks[0] ? `tank ${job.tanks[0].id}` : null;
  const chosenThing = usePlaced(chosen);
  const firstThing = usePlaced(first);
  const thing = chosenThing ?? firstThing;
  if (!thing) return <p className="rule-subject mt-1 pt-2 type-row">Choose something on the plan or in the table.</p>;
  const place = setOutOf(job).places.get(planKey(thing.ref));
  const name = planName(job, thing.ref);
  const terminal = thing.ref.of === 'terminal' ? job.terminals.find(({ id }) => id === thing.ref.id) : undefined;
  const mark = thing.ref.of === 'mark' ? job.marks.find(({ id }) => id === thing.ref.id) : undefined;
  return (
    <section aria-label={`Where ${name} stands`} className="rule-selected space-y-3 pt-2">
      <h2 className="type-head">Where {name} stands</h2>
      <HowPlaced key={planKey(thing.ref)} thing={thing} context={context} />
      {place && <WhatItMakes place={place} thing={thing} context={context} />}
      {thing.tank && <TankOnPlan key={thing.tank.id} tank={thing.tank} context={context} />}
      {terminal && <LooksFields key={terminal.id} place={terminal} />}
      {mark && <MarkOnPlan key={mark.id} mark={mark} />}
      <NorthField />
    </section>
  );
}

/** The same on the measuring sheet: one thing at a time. */
export function PlaceAnswer({ of }: { readonly of: PlanRef }) {
  const context = useJob((state) => state.plan.context);
  const thing = usePlaced(planKey(of));
  const place = setOutOf(context.job).places.get(planKey(of));
  if (!thing) return null;
  return (
    <div className="space-y-3">
      <HowPlaced thing={thing} context={context} />
      {place && <WhatItMakes place={place} thing={thing} context={context} />}
      {thing.tank && <TankOnPlan tank={thing.tank} context={context} />}
    </div>
  );
}

function HowPlaced({ thing, context }: { readonly thing: PlacedThing; readonly context: CheckContext }) {
  const make = useJob((state) => state.make);
  const { job } = context;
  const { measures } = job;
  const { ref, placed, place } = thing;
  const references = useReferences(ref);
  const set = (to: Placed | null): string | undefined => make([place(to)])?.message;
  const [first, second] = references;
  const tanks = job.tanks.filter(({ id }) => id !== ref.id);
  const begins = [...job.marks, ...job.tanks].some(({ placed: own }) => own?.by === 'origin');
  /** What it begins with in each way; undefined where it cannot be placed so. */
  const starts: Readonly<Record<WayToPlace, Placed | undefined>> = {
    tapes: { by: 'tapes', readings: [], side: 'left' },
    wall: first && second && { by: 'wall', from: first[2], towards: second[2], alongM: 0, offM: 0 },
    beside:
      ref.of === 'tank' && tanks[0] ? { by: 'beside', tankId: tanks[0].id, side: 'right', gapM: null } : undefined,
    line: ref.of === 'mark' ? { by: 'line', alongM: null } : undefined,
    origin: !begins && (ref.of === 'mark' || ref.of === 'tank') ? { by: 'origin' } : undefined,
    rough: roughOf(setOutOf(job).places.get(planKey(ref))),
  };
  const ways = (Object.keys(WAYS_TO_PLACE) as readonly WayToPlace[]).filter(
    (way) => starts[way] !== undefined || placed?.by === way,
  );
  return (
    <>
      <SelectField
        label="Its place"
        value={placed && placed.by !== 'away' ? placed.by : null}
        options={ways.map((way) => [way, WAYS_TO_PLACE[way]])}
        unsaid="not measured"
        onChange={(way) => set(way === null ? null : (starts[way] ?? null))}
      />
      {placed?.by === 'tapes' && <TapeReadings thing={thing} placed={placed} set={set} />}
      {placed?.by === 'line' && (
        <LengthField
          label="From A along the first line, taped level"
          valueM={placed.alongM}
          measures={measures}
          usual={USUAL_M}
          onChange={(alongM) => set({ by: 'line', alongM })}
        />
      )}
      {placed?.by === 'wall' && (
        <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
          {(['from', 'towards'] as const).map((end) => (
            <SelectField
              key={end}
              label={end === 'from' ? 'Along the line from' : 'towards'}
              value={planKey(placed[end])}
              options={references.map(([key, name]) => [key, name])}
              onChange={(key) => {
                const to = references.find(([own]) => own === key)?.[2];
                if (to) set({ ...placed, [end]: to });
              }}
            />
          ))}
          <LengthField
            label="Along it"
            valueM={placed.alongM}
            measures={measures}
            usual={USUAL_M}
            onChange={(alongM) => set({ ...placed, alongM })}
          />
          <LengthField
            label={`Off it, to the ${placed.offM < 0 ? 'right' : 'left'}`}
            valueM={Math.abs(placed.offM)}
            measures={measures}
            usual={USUAL_M}
            onChange={(off) => set({ ...placed, offM: placed.offM < 0 ? -off : off })}
          />
          <Action onClick={() => set({ ...placed, offM: -placed.offM })}>Other side of the line</Action>
        </div>
      )}
      {placed?.by === 'beside' && (
        <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
          <SelectField
            label="Beside"
            value={placed.tankId}
            options={tanks.map(({ id, label }) => [id, label])}
            onChange={(tankId) => tankId && set({ ...placed, tankId })}
          />
          <SelectField<Side>
            label="On which side"
            value={placed.side}
            options={SIDES.map((side) => [side, SIDE_NAMES[side]])}
            onChange={(side) => side && set({ ...placed, side })}
          />
          <LengthField
            label="Gap between the two"
            valueM={placed.gapM}
            measures={measures}
            onChange={(gapM) => set({ ...placed, gapM })}
          />
        </div>
      )}
      {placed?.by === 'rough' && (
        <p className="type-second">
          Drawn where it seems to be. Drag it, or move it with the arrow keys; nothing is measured.
        </p>
      )}
    </>
  );
}

const roughOf = (place: PlanPlace | undefined): Placed => ({
  by: 'rough',
  xM: place?.at?.x ?? 1,
  yM: place?.at?.y ?? 1,
});

/** What its readings make of it: where it lies from the two ends of the first line, and what is wrong. */
function WhatItMakes({
  place,
  thing,
  context: { job },
}: {
  readonly place: PlanPlace;
  readonly thing: PlacedThing;
  readonly context: CheckContext;
}) {
  const make = useJob((state) => state.make);
  const { places } = setOutOf(job);
  const { placed } = thing;
  const from = referencesOf(job)
    .slice(0, 2)
    .flatMap(({ id }, index) => {
      const at = places.get(`mark ${id}`)?.at;
      return at && place.at && id !== thing.ref.id
        ? [`${formatLength(Math.hypot(at.x - place.at.x, at.y - place.at.y), job.measures)} from ${letterOf(index)}`]
        : [];
    });
  const checks = place.tapes.filter(({ offM }) => offM !== undefined && Math.abs(offM) > 0.002);
  return (
    <div className="type-row" role="status">
      {place.trouble && (
        <p className="border-l-[3px] border-ink pl-2">
          {PLACE_TROUBLES[place.trouble]}
          {place.trouble === 'do-not-meet' &&
            `: short by ${formatLength(place.shortM, job.measures)}. Which one again?`}
        </p>
      )}
      {from.length > 0 && place.trouble !== 'rough' && <p>Its middle lies {from.join(' and ')}.</p>}
      {placed?.by === 'tapes' && place.other && (
        <p>
          The tapes cross twice; this side is taken.{' '}
          <Action
            onClick={() => void make([thing.place({ ...placed, side: placed.side === 'left' ? 'right' : 'left' })])}
          >
            Other side
          </Action>
        </p>
      )}
      {placed?.by === 'tapes' &&
        checks.map(({ index, offM = 0 }) => {
          const tape = placed.readings[index];
          return tape ? (
            <p key={index} className="type-second">
              {formatLength(tape.tapeM, job.measures)} from {planName(job, tape.from)}: read{' '}
              {formatLength(Math.abs(offM), job.measures)} too {offM > 0 ? 'long' : 'short'} for this place
              {index === place.blunder ? ', left out' : ''}.
            </p>
          ) : null;
        })}
    </div>
  );
}
