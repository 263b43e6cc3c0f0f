'use client';

import {
  HEADS,
  HEAD_NAMES,
  type Heads,
  type Settable,
  type Tank,
  type TankDimensions as TankDimensionsRecord,
  setField,
  formOf,
  formatLength,
  formatVolume,
  holdsM3,
  levelAtM,
  outsideOverstates,
  tankType,
  volumeAtM3,
  usualOf,
  isGuest,
} from '@herrero/core';
import { LengthField } from '@/ui/length-field';
import { FigureField } from '@/ui/figure-field';
import { useJob } from '../../store/job-provider';
import { MeteredFill } from './metered-fill';
import { TankRibs } from './tank-ribs';
import { useTankField } from './use-tank-field';

/** Every dimension of a tank, and what its curve makes of them. */
export function TankDimensions({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const shared = useJob((state) => isGuest(tank, state.job.tanks));
  const make = useJob((state) => state.make);
  /** A brim over the lid takes it along, and no way in is wider than its tank; else nothing changes but what is typed. */
  const setWhatFollows = (
    field: Settable<'tanks'> & (typeof fields)[number]['field'],
    to: number,
  ): string | undefined => {
    const next = { ...tank, [field]: to };
    const form = formOf(tank);
    const heightM = field === 'brimM' && to > tank.heightM ? tank.heightM + to - tank.brimM : next.heightM;
    const widestM = Math.max(form.throughM(next), form.acrossM(next));
    return make([
      setField('tanks', tank, field, to),
      ...(heightM === next.heightM ? [] : [setField('tanks', tank, 'heightM', heightM)]),
      ...(field !== 'accessM' && tank.accessM > widestM ? [setField('tanks', tank, 'accessM', widestM)] : []),
    ])?.message;
  };
  const isLying = formOf(tank).id.startsWith('lying');
  const litres = measures === 'mm-l';
  const over = Math.round(outsideOverstates(tank) * 100);
  const fields = [
    ...formOf(tank).dimensions,
    { field: 'brimM', name: 'Base to brim' },
    { field: 'heightM', name: 'Base to top of lid' },
    { field: 'wallM', name: 'Wall thickness' },
    { field: 'accessM', name: 'Way in, clear' },
    // On the stand of another its height is said there.
    ...(shared
      ? []
      : ([
          { field: 'plinthM', name: 'Stands up by' },
          { field: 'buriedM', name: 'In the ground by' },
        ] as const)),
  ] as const;
  return (
    <div>
      <h3 className="border-b border-hair pb-1 type-head">Dimensions</h3>
      <div className="mt-2 grid grid-cols-2 items-end gap-x-3 gap-y-2">
        <FigureField
          kind="volume"
          measures={measures}
          usual={usualOf('tanks', 'capacityM3')}
          bare
          label={`Holds, ${litres ? 'L' : 'gal'}`}
          value={tank.capacityM3}
          unsaid={formatVolume(holdsM3(tank), measures)}
          onChange={(to) => set('capacityM3', to)}
        />
        {isLying && (
          <label className="block">
            <span className="block type-second">Its ends</span>
            <select
              className="field w-full"
              value={tank.heads ?? ''}
              onChange={({ target: { value } }) => set('heads', value === '' ? null : (value as Heads))}
            >
              <option value="">as is usual for it</option>
              {HEADS.map((heads) => (
                <option key={heads} value={heads}>
                  {HEAD_NAMES[heads]}
                </option>
              ))}
            </select>
          </label>
        )}
        {fields.map(({ field, name }) => (
          <LengthField
            key={field}
            label={name}
            valueM={tank[field]}
            measures={measures}
            usual={usualOf('tanks', field)}
            onChange={(to) => setWhatFollows(field, to)}
          />
        ))}
      </div>
      <p className="pt-2 type-second">
        {formatVolume(volumeAtM3(tank, tank.brimM / 2), measures, true)} at half of its height; half full at{' '}
        {formatLength(levelAtM(tank, holdsM3(tank) / 2), measures)}.{' '}
        {tank.capacityM3 === null
          ? 'What it holds follows from its dimensions, until you say it. '
          : `Outside dimensions alone would make it ${Math.abs(over)} % ${over < 0 ? 'less' : 'more'}. `}
        {stillUsual(tank, fields)}
      </p>
      <TankRibs tank={tank} />
      <MeteredFill tank={tank} />
    </div>
  );
}

/** Which figures are still those that the type came with: said until each is another. */
function stillUsual(
  tank: Tank,
  fields: readonly { readonly field: keyof TankDimensionsRecord & keyof Tank; readonly name: string }[],
): string {
  const { ownSize, defaults } = tankType(tank.type);
  const usual = fields.filter(
    ({ field }) => field !== 'plinthM' && field !== 'buriedM' && tank[field] === defaults[field],
  );
  if (ownSize || usual.length === 0) return '';
  const measured = fields.filter(({ field }) => field !== 'plinthM' && field !== 'buriedM').length;
  return usual.length === measured
    ? 'Usual dimensions, from memory: measure yours.'
    : `Still as is usual, from memory: ${usual.map(({ name }) => name.toLowerCase()).join('; ')}.`;
}
