'use client';

import {
  type Tank,
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
import { useTankField } from './use-tank-field';

/** Every dimension of a tank, and what its curve makes of them. */
export function TankDimensions({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const shared = useJob((state) => isGuest(tank, state.job.tanks));
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
        {fields.map(({ field, name }) => (
          <LengthField
            key={field}
            label={name}
            valueM={tank[field]}
            measures={measures}
            usual={usualOf('tanks', field)}
            onChange={(to) => set(field, to)}
          />
        ))}
      </div>
      <p className="pt-2 type-second">
        {formatVolume(volumeAtM3(tank, tank.brimM / 2), measures, true)} at half of its height; half full at{' '}
        {formatLength(levelAtM(tank, holdsM3(tank) / 2), measures)}.{' '}
        {tank.capacityM3 === null
          ? 'What it holds follows from its dimensions, until you say it. '
          : `Outside dimensions alone would make it ${Math.abs(over)} % ${over < 0 ? 'less' : 'more'}. `}
        {tankType(tank.type).ownSize ? '' : 'Usual dimensions, from memory: measure yours.'}
      </p>
      <MeteredFill tank={tank} />
    </div>
  );
}
