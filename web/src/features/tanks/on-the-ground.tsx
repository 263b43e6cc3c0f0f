'use client';

import {
  BASES,
  BASE_NAMES,
  type Base,
  CLEANINGS,
  CLEANING_NAMES,
  type Cleaning,
  type Measures,
  type Planks,
  type Pump,
  type Tank,
  acrossM,
  checkPlanks,
  footKpa,
  formOf,
  formatLength,
  formatMass,
  formatVolume,
  holdsM3,
  fullKg,
  standHolder,
  standingWith,
  tankType,
  M2_PER_SQUARE_FOOT,
} from '@herrero/core';
import dynamic from 'next/dynamic';
import { Action } from '@/ui/action';
import { LengthField } from '@/ui/length-field';
import { FigureField } from '@/ui/figure-field';
import { TextField } from '@/ui/text-field';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';
import { Fact } from './fact';
import { InTheGround } from './in-the-ground';
import { useTankField } from './use-tank-field';

const TankUse = dynamic(() => import('./tank-use'), { ssr: false });

const GRAVITY = 9.80665;

/** What presses on the ground, as a load on the area by which it is thought of. */
const formatPressure = (kpa: number, measures: Measures): string =>
  `${formatMass(((kpa * 1000) / GRAVITY) * (measures === 'mm-l' ? 1 : M2_PER_SQUARE_FOOT), measures)} ${
    measures === 'mm-l' ? 'on each m2' : 'on each sq ft'
  } (${kpa.toFixed(0)} kPa)`;

/** What a tank presses on, what it stands on, where it has been, and what the ground does to it. */
export function OnTheGround({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const kg = fullKg(tank);
  const type = tankType(tank.type);
  return (
    <div>
      <h3 className="border-b border-hair pb-1 type-head">On the ground</h3>
      <Fact name="full weight">
        <b className="font-[650]">{formatMass(kg, measures)}</b>, {formatPressure(footKpa(tank), measures)} under it
      </Fact>
      <Fact name="to the brim">{formatVolume(holdsM3(tank), measures, true)}</Fact>
      <YesNo label="It stands already and works" value={tank.stands} onChange={(to) => set('stands', to)} />
      {tank.stands && (
        <p className="type-second">
          Its base, its air, its overflow and its other openings stay as they are: neither asked for nor bought.
        </p>
      )}
      <StandsOn tank={tank} />
      <YesNo label="Dark, or covered against light" value={tank.dark} onChange={(to) => set('dark', to)} />
      <TankUse tank={tank} />
      {type.secondHand && <Past tank={tank} />}
      {(tank.buriedM > 0 || type.madeForGround) && <InTheGround tank={tank} />}
      <PumpInside tank={tank} />
      <p className="pt-2 type-second">
        Level, rated ground. A raised tank can tip: brace it, tie it back. Local rules and an engineer come before these
        figures. Nobody goes into a tank: it can lack air.
      </p>
    </div>
  );
}

/** What the select says for the stand of another tank. */
const STAND_OF = 'stand of ';

function StandsOn({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const tanks = useJob((state) => state.job.tanks);
  const set = useTankField(tank);
  const holder = standHolder(tank, tanks);
  const isShared = holder !== tank;
  // Only what stands by itself has a stand to share, and not with who stands on it.
  const others = tanks.filter((one) => one !== tank && standHolder(one, tanks) !== tank && one.onStandOf === null);
  return (
    <div className="space-y-2 py-2">
      <label className="block">
        <span className="block type-second">Stands on</span>
        <select
          className="field w-full"
          value={isShared ? `${STAND_OF}${holder.id}` : tank.base}
          onChange={({ target: { value } }) => {
            if (value.startsWith(STAND_OF)) set('onStandOf', value.slice(STAND_OF.length));
            else if (isShared) set('onStandOf', null);
            else set('base', value as Base);
          }}
        >
          {BASES.map((base) => (
            <option key={base} value={base}>
              {BASE_NAMES[base]}
            </option>
          ))}
          {others.map(({ id, label }) => (
            <option key={id} value={`${STAND_OF}${id}`}>
              Shares the stand of {label}
            </option>
          ))}
        </select>
      </label>
      {isShared && (
        <p className="type-second">
          {BASE_NAMES[holder.base]}, {formatLength(holder.plinthM, measures)} up: its height and what carries it are
          said of {holder.label}, for all that stand there.
        </p>
      )}
      {!isShared && <OwnStand tank={tank} />}
    </div>
  );
}

function OwnStand({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const pounds = measures === 'in-gal';
  const planks = tank.planks ?? { count: 4, widthM: 0.15, thickM: 0.05, spanM: 0.5 };
  return (
    <>
      {(tank.base === 'stand' || tank.base === 'trailer') && (
        <FigureField
          kind="mass"
          measures={measures}
          bare
          label={`Rated to carry, ${pounds ? 'lb' : 'kg'}`}
          value={tank.ratedKg}
          onChange={(to) => set('ratedKg', to)}
        />
      )}
      {!tank.stands && (
        <YesNo
          label="What it stands on is there already"
          value={tank.baseStands}
          onChange={(to) => set('baseStands', to)}
        />
      )}
      {tank.base === 'planks' && <PlankFields tank={tank} planks={planks} />}
      {(tank.base === 'blocks' || tank.base === 'planks') && (
        <p className="type-second">Blocks stand clear of a bottom outlet, and right under the edge of the tank.</p>
      )}
    </>
  );
}

function PlankFields({ tank, planks }: { readonly tank: Tank; readonly planks: Planks }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const tanks = useJob((state) => state.job.tanks);
  const row = standingWith(tank, tanks);
  const checked = checkPlanks(
    planks,
    row.reduce((sum, one) => sum + fullKg(one), 0),
    row.reduce((sum, one) => sum + acrossM(one), 0),
  );
  const put = (change: Partial<Planks>): string | undefined => set('planks', { ...planks, ...change });
  return (
    <div>
      <div className="grid grid-cols-2 gap-2">
        <FigureField
          kind="number"
          measures={measures}
          bare
          label="Planks"
          value={planks.count}
          onChange={(count) => put({ count })}
        />
        <LengthField
          label="Span between blocks"
          valueM={planks.spanM}
          measures={measures}
          onChange={(spanM) => put({ spanM })}
        />
        <LengthField
          label="Plank, wide"
          valueM={planks.widthM}
          measures={measures}
          onChange={(widthM) => put({ widthM })}
        />
        <LengthField
          label="Plank, thick"
          valueM={planks.thickM}
          measures={measures}
          onChange={(thickM) => put({ thickM })}
        />
      </div>
      <p className="pt-1 type-row">
        <b className="font-[650]">{checked.holds ? 'They carry it:' : 'Too weak:'}</b> {checked.bendingMpa.toFixed(1)}{' '}
        of {checked.bearsMpa.toFixed(1)} MPa, sag {formatLength(checked.sagM, measures)} of{' '}
        {formatLength(checked.mostSagM, measures)}
      </p>
      <p className="type-second">Softwood C16 outdoors, EN 338 and EN 1995-1-1, values from memory.</p>
      {tank.planks === null && <Action onClick={() => put({})}>Take these planks</Action>}
    </div>
  );
}

/** What was in a used container: food grade or not, and how it was cleaned. */
function Past({ tank }: { readonly tank: Tank }) {
  const set = useTankField(tank);
  return (
    <div className="space-y-2 border-t border-hair py-2">
      <TextField
        label="What it held before; new, if nothing"
        value={tank.contents}
        onChange={(to) => set('contents', to)}
      />
      <YesNo label="Was that food grade?" value={tank.foodGrade} onChange={(to) => set('foodGrade', to)} />
      <label className="block">
        <span className="block type-second">How it was cleaned</span>
        <select
          className="field w-full"
          value={tank.cleaning ?? ''}
          onChange={(event) => set('cleaning', event.target.value as Cleaning)}
        >
          <option value="" disabled>
            not said
          </option>
          {CLEANINGS.map((cleaning) => (
            <option key={cleaning} value={cleaning}>
              {CLEANING_NAMES[cleaning]}
            </option>
          ))}
        </select>
      </label>
      <p className="type-second">Food grade only, never judged by tasting.</p>
    </div>
  );
}

/** A pump in the tank: its size, where it draws and where it stands. */
function PumpInside({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const { pump } = tank;
  if (pump === null) {
    const middle = { fromLeftM: acrossM(tank) / 2, fromFrontM: formOf(tank).throughM(tank) / 2 };
    return (
      <div className="border-t border-hair">
        <Action
          onClick={() =>
            set('pump', { diameterM: 0.15, lengthM: Math.min(0.4, tank.heightM / 2), intakeM: 0.06, ...middle })
          }
        >
          A pump stands in it
        </Action>
      </div>
    );
  }
  const put = (change: Partial<Pump>): string | undefined => set('pump', { ...pump, ...change });
  const fields = [
    ['diameterM', 'Pump, wide'],
    ['lengthM', 'Pump, long'],
    ['intakeM', 'Draws at'],
    ['fromLeftM', 'From the left'],
    ['fromFrontM', 'From the front'],
  ] as const;
  return (
    <div className="border-t border-hair py-2">
      <div className="grid grid-cols-2 gap-2">
        {fields.map(([field, name]) => (
          <LengthField
            key={field}
            label={name}
            valueM={pump[field]}
            measures={measures}
            onChange={(to) => put({ [field]: to })}
          />
        ))}
      </div>
      <p className="type-second">Pump and cable: a licensed electrician, residual-current protection.</p>
      <Action onClick={() => set('pump', null)}>No pump in it</Action>
    </div>
  );
}
