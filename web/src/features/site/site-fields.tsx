'use client';

import {
  awayBy,
  GUTTER_KINDS,
  GUTTER_NAMES,
  freedomOfPlace,
  type Edit,
  INFLOWS,
  INFLOW_KINDS,
  type Inflow,
  type Mark,
  type Measured,
  PLACES,
  PLACE_KINDS,
  ROOF_MATERIALS,
  type Roof,
  SUBSTRATES,
  SUBSTRATE_NAMES,
  type Terminal,
  wantOf,
  usualOf,
} from '@herrero/core';
import { type ReactNode, useState } from 'react';
import { Action } from '@/ui/action';
import dynamic from 'next/dynamic';
import { EntryProblem } from '@/ui/entry-problem';
import { LengthField } from '@/ui/length-field';
import { FigureField } from '@/ui/figure-field';
import { useTypedEntry } from '@/ui/use-typed-entry';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';
import { ReadingForm, ReadingList } from './reading-form';
import { datumOf } from './site-words';
import { useSiteField } from './use-site-field';

const EndField = dynamic(() => import('@/ui/end-field').then((module) => module.EndField), { ssr: false });

/** One of a few words, or not said. */
export function SelectField<Value extends string>({
  label,
  value,
  options,
  unsaid,
  onChange,
}: {
  readonly label: string;
  readonly value: Value | null;
  readonly options: readonly (readonly [Value, string])[];
  /** What stands there while nothing is said; it can be chosen again. */
  readonly unsaid?: string;
  readonly onChange: (to: Value | null) => void;
}) {
  return (
    <label className="block">
      <span className="block type-second">{label}</span>
      <select
        className="field w-full !px-2 [font-stretch:84%]"
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value === '' ? null : (event.target.value as Value))}
      >
        {unsaid !== undefined && <option value="">{unsaid}</option>}
        {options.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

function NameField({
  name,
  onChange,
}: {
  readonly name: string;
  readonly onChange: (to: string) => string | undefined;
}) {
  const { input, problem } = useTypedEntry(name, (typed) =>
    typed.trim() === '' ? 'It needs a name.' : onChange(typed.trim()),
  );
  return (
    <div>
      <label className="block">
        <span className="block type-second">Called</span>
        <input className="field w-full" maxLength={80} {...input} />
      </label>
      <EntryProblem problem={problem} />
    </div>
  );
}

/** The openings that water can come in by. */
function useInlets(): readonly (readonly [string, string])[] {
  const penetrations = useJob((state) => state.job.penetrations);
  return penetrations
    .filter(({ roles }) => roles.some((role) => role === 'inlet' || role === 'float-fill' || role === 'tanker-fill'))
    .map(({ id, label, name }) => [id, `${label} ${name}`] as const);
}

const Fields = ({ children }: { readonly children: ReactNode }) => (
  <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">{children}</div>
);

/** Its readings, and one more. */
function Readings({ of, title }: { readonly of: Measured; readonly title: string }) {
  return (
    <div className="pt-3">
      <h3 className="border-b border-hair pb-1 type-head">{title}</h3>
      <ReadingList of={of} />
      <div className="pt-2">
        <ReadingForm key={`${of.of} ${of.id}`} of={of} />
      </div>
    </div>
  );
}

/** Takes it away again; says why where something stands on it. */
function TakeAway({
  collection,
  id,
  name,
}: {
  readonly collection: Extract<Edit, { type: 'remove-place' }>['in'];
  readonly id: string;
  readonly name: string;
}) {
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.selectSite);
  const [problem, setProblem] = useState<string>();
  const remove = (): void => {
    const refused = make([{ type: 'remove-place', in: collection, id }]);
    setProblem(refused?.message);
    if (!refused) select(null);
  };
  return (
    <div>
      <Action onClick={remove}>Take {name} away</Action>
      <EntryProblem problem={problem} />
    </div>
  );
}

/** A roof: what rain falls on, what it is covered with, where its water goes, and how high its gutter hangs. */
export function RoofFields({ roof }: { readonly roof: Roof }) {
  const measures = useJob((state) => state.job.measures);
  const set = useSiteField('roofs', roof);
  const inlets = useInlets();
  const feet = measures === 'in-gal';
  return (
    <>
      <Fields>
        <NameField name={roof.name} onChange={(to) => set('name', to)} />
        <FigureField
          kind="area"
          measures={measures}
          usual={usualOf('roofs', 'planAreaM2')}
          bare
          label={`Seen from above, ${feet ? 'sq ft' : 'm2'}`}
          value={roof.planAreaM2}
          onChange={(to) => set('planAreaM2', to)}
        />
        <SelectField
          label="Covered with"
          value={roof.material}
          options={ROOF_MATERIALS.map(({ id, name }) => [id, name])}
          unsaid="not said"
          onChange={(to) => set('material', to)}
        />
        <SelectField
          label="Downpipe fixed to"
          value={roof.fixedTo}
          options={SUBSTRATES.map((id) => [id, SUBSTRATE_NAMES[id]])}
          unsaid="not said"
          onChange={(to) => set('fixedTo', to)}
        />
        <FigureField
          kind="length"
          measures={measures}
          usual={usualOf('roofs', 'gutterM')}
          label="New gutter to hang"
          value={roof.gutterM}
          onChange={(to) => set('gutterM', to)}
        />
        {roof.gutterM > 0 && (
          <SelectField
            label="New gutter"
            value={roof.gutter}
            options={GUTTER_KINDS.map((kind) => [kind, GUTTER_NAMES[kind]])}
            unsaid="as usual in the region"
            onChange={(to) => set('gutter', to)}
          />
        )}
        <SelectField
          label="Falls into"
          value={roof.into}
          options={inlets}
          unsaid={inlets.length === 1 ? 'the only inlet' : 'not said'}
          onChange={(to) => set('into', to)}
        />
      </Fields>
      <Readings of={{ of: 'roof', id: roof.id }} title="Underside of the gutter" />
      <p className="pt-2 type-second">Roofs and ladders: footed and tied, two people, clear of power lines.</p>
      <TakeAway collection="roofs" id={roof.id} name={roof.name} />
    </>
  );
}

/** Another inflow: what it is, what it brings, where it comes in and through which air gap. */
export function InflowFields({ inflow }: { readonly inflow: Inflow }) {
  const measures = useJob((state) => state.job.measures);
  const set = useSiteField('inflows', inflow);
  const gallons = measures === 'in-gal';
  const facts = INFLOWS[inflow.kind];
  return (
    <>
      <Fields>
        <NameField name={inflow.name} onChange={(to) => set('name', to)} />
        <SelectField
          label="What it is"
          value={inflow.kind}
          options={INFLOW_KINDS.map((kind) => [kind, INFLOWS[kind].name])}
          onChange={(to) => to && set('kind', to)}
        />
        <FigureField
          kind="flow"
          measures={measures}
          bare
          label={`Brings, ${gallons ? 'gpm' : 'L/min'}${inflow.rateM3s === null ? ' (assumed)' : ''}`}
          value={inflow.rateM3s ?? facts.usualM3s}
          onChange={(to) => set('rateM3s', to)}
        />
        <SelectField
          label="Comes in by"
          value={inflow.into}
          options={useInlets()}
          unsaid="not said"
          onChange={(to) => set('into', to)}
        />
        {facts.needsAirGap && (
          <LengthField
            label="Air gap over the spill level"
            valueM={inflow.airGapM}
            measures={measures}
            onChange={(to) => set('airGapM', to)}
          />
        )}
        {facts.needsAirGap && (
          <LengthField
            label="Bore of the end of its pipe"
            valueM={inflow.boreM}
            measures={measures}
            onChange={(to) => set('boreM', to)}
          />
        )}
      </Fields>
      {facts.needsAirGap && (
        <p className="pt-2 type-second">
          Never joined to mains or bore but through the air gap or device that the water authority asks for, by a
          licensed plumber.
        </p>
      )}
      <TakeAway collection="inflows" id={inflow.id} name={inflow.name} />
    </>
  );
}

/** A place where water is used: what it is and wants, how far and how high it lies, and the ground it stands on. */
export function PlaceFields({ place }: { readonly place: Terminal }) {
  const job = useJob((state) => state.job);
  const set = useSiteField('terminals', place);
  const gallons = job.measures === 'in-gal';
  const mark = (want: 'wantsKpa' | 'wantsM3s' | 'vesselM' | 'reserveM3', name: string): string =>
    `${name}${place[want] === null ? ' (usual)' : ''}`;
  const wants = place.kind !== 'daylight';
  return (
    <>
      <Fields>
        <NameField name={place.name} onChange={(to) => set('name', to)} />
        <SelectField
          label="What it is"
          value={place.kind}
          options={PLACE_KINDS.map((kind) => [kind, PLACES[kind].name])}
          onChange={(to) => to && set('kind', to)}
        />
        <EndField
          label="End it offers"
          unsaid="none: water just leaves"
          value={place.offers}
          onChange={(to) => set('offers', to)}
        />
        {(place.placed === null || place.placed.by === 'away') && (
          <LengthField
            label="Along the line"
            valueM={place.placed?.distanceM ?? null}
            measures={job.measures}
            onChange={(to) => set('placed', awayBy(to))}
          />
        )}
        {wants && (
          <FigureField
            kind="pressure"
            measures={job.measures}
            bare
            label={mark('wantsKpa', `Wants, ${gallons ? 'psi' : 'kPa'}`)}
            value={wantOf(place, 'wantsKpa')}
            onChange={(to) => set('wantsKpa', to)}
          />
        )}
        {wants && (
          <FigureField
            kind="flow"
            measures={job.measures}
            bare
            label={mark('wantsM3s', `Wants, ${gallons ? 'gpm' : 'L/min'}`)}
            value={wantOf(place, 'wantsM3s')}
            onChange={(to) => set('wantsM3s', to)}
          />
        )}
        {place.kind === 'tap' && (
          <LengthField
            label={mark('vesselM', 'Vessel under it')}
            valueM={wantOf(place, 'vesselM')}
            measures={job.measures}
            onChange={(to) => set('vesselM', to)}
          />
        )}
        {place.kind === 'fire' && (
          <FigureField
            kind="volume"
            measures={job.measures}
            usual={usualOf('terminals', 'reserveM3')}
            bare
            label={mark('reserveM3', `Reserve, ${gallons ? 'gal' : 'L'}`)}
            value={wantOf(place, 'reserveM3')}
            onChange={(to) => set('reserveM3', to)}
          />
        )}
        <LengthField
          label="Through a wall, thick"
          valueM={place.throughM}
          measures={job.measures}
          onChange={(to) => set('throughM', to)}
        />
        {place.offers !== null && (
          <YesNo
            label="It hangs loose"
            value={freedomOfPlace(place).is === 'loose'}
            onChange={(to) => set('loose', to)}
          />
        )}
        <YesNo label="Pressure of the mains there" value={place.mains} onChange={(to) => set('mains', to)} />
      </Fields>
      <Readings of={{ of: 'terminal', id: place.id }} title="Where the line ends" />
      <TakeAway collection="terminals" id={place.id} name={place.name} />
    </>
  );
}

/** A nail, a stake, the line of the level; or ground, as it is and as it shall be. */
export function MarkFields({ mark }: { readonly mark: Mark }) {
  const job = useJob((state) => state.job);
  const set = useSiteField('marks', mark);
  const datumM = datumOf(job);
  return (
    <>
      <Fields>
        <NameField name={mark.name} onChange={(to) => set('name', to)} />
        {mark.kind === 'ground' && (
          <LengthField
            label="Finished, over the tank base"
            valueM={mark.finishedM === null ? null : mark.finishedM - datumM}
            measures={job.measures}
            onChange={(to) => set('finishedM', to + datumM)}
          />
        )}
      </Fields>
      <Readings
        of={{ of: 'mark', id: mark.id }}
        title={mark.kind === 'ground' ? 'The ground as it is now' : 'Its height'}
      />
      <TakeAway collection="marks" id={mark.id} name={mark.name} />
    </>
  );
}
