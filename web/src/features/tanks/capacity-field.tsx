'use client';

import { M3_PER_LITRE, M3_PER_US_GALLON, type Tank } from '@herrero/core';
import { EntryProblem } from '@/ui/entry-problem';
import { useTypedEntry } from '@/ui/use-typed-entry';
import { useJob } from '../desk/job-provider';

/** What the tank is called to hold, in the job's own unit. */
export function CapacityField({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const [unitM3, unit] = measures === 'mm-l' ? [M3_PER_LITRE, 'L'] : [M3_PER_US_GALLON, 'gal'];
  const { input, problem } = useTypedEntry(`${Math.round(tank.capacityM3 / unitM3)}`, (typed) => {
    const value = Number(typed.replace(',', '.').replace(/\s*(gal|l)\s*$/i, ''));
    if (!Number.isFinite(value) || typed.trim() === '')
      return `${typed.trim() === '' ? 'Nothing' : typed} is no volume. Write it like 208.`;
    return make([
      {
        type: 'change-field',
        in: 'tanks',
        id: tank.id,
        field: 'capacityM3',
        from: tank.capacityM3,
        to: value * unitM3,
      },
    ])?.message;
  });
  return (
    <div>
      <label className="block">
        <span className="block type-second">Holds, {unit}</span>
        <input className="field w-full" inputMode="decimal" {...input} />
      </label>
      <EntryProblem problem={problem} />
    </div>
  );
}
