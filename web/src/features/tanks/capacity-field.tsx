'use client';

import { M3_PER_LITRE, M3_PER_US_GALLON, type Tank } from '@herrero/core';
import { useState } from 'react';
import { useJob } from '../desk/job-provider';

/** What the tank is called to hold, in the job's own unit. */
export function CapacityField({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const [unitM3, unit] = measures === 'mm-l' ? [M3_PER_LITRE, 'L'] : [M3_PER_US_GALLON, 'gal'];
  const shown = typed ?? `${Math.round(tank.capacityM3 / unitM3)}`;
  const forget = (): void => {
    setTyped(undefined);
    setProblem(undefined);
  };
  const write = (): void => {
    if (typed === undefined) return;
    const value = Number(typed.replace(',', '.').replace(/\s*(gal|l)\s*$/i, ''));
    if (!Number.isFinite(value) || typed.trim() === '')
      return setProblem(`${typed.trim() === '' ? 'Nothing' : typed} is no volume. Write it like 208.`);
    const refused = make([
      {
        type: 'change-field',
        in: 'tanks',
        id: tank.id,
        field: 'capacityM3',
        from: tank.capacityM3,
        to: value * unitM3,
      },
    ]);
    setProblem(refused?.message);
    if (!refused) setTyped(undefined);
  };
  return (
    <div>
      <label className="block">
        <span className="block type-second">Holds, {unit}</span>
        <input
          className="field w-full"
          inputMode="decimal"
          value={shown}
          aria-invalid={problem !== undefined}
          data-writing={typed !== undefined}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={write}
          onKeyDown={(event) => {
            if (event.key === 'Enter') write();
            if (event.key === 'Escape') forget();
          }}
        />
      </label>
      {problem !== undefined && (
        <p role="alert" className="mt-1 type-row">
          {problem}
        </p>
      )}
    </div>
  );
}
