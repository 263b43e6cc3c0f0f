'use client';

import { type Measures, formatLength, lengthUnit, parseLength } from '@herrero/core';
import { useState } from 'react';

interface LengthFieldProps {
  readonly label: string;
  readonly valueM: number | null;
  readonly measures: Measures;
  readonly onChange: (valueM: number) => string | undefined;
  readonly hideLabel?: boolean;
}

/** A length that is typed: kept as typed until it can be read, with the reason below; dotted while nobody knows it. */
export function LengthField({ label, valueM, measures, onChange, hideLabel = false }: LengthFieldProps) {
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const shown = typed ?? (valueM === null ? '' : formatLength(valueM, measures));

  const forget = (): void => {
    setTyped(undefined);
    setProblem(undefined);
  };
  const write = (): void => {
    if (typed === undefined || (typed.trim() === '' && valueM === null)) return;
    const parsed = parseLength(typed, lengthUnit(measures));
    if (!parsed.ok)
      return setProblem(
        `${typed.trim() === '' ? 'Nothing' : typed} is no length. Write it like ${measures === 'mm-l' ? '450 mm' : '17-3/4 in'}.`,
      );
    const refused = onChange(parsed.value);
    setProblem(refused);
    if (refused === undefined) setTyped(undefined);
  };

  return (
    <div>
      <label className="block">
        <span className={hideLabel ? 'sr-only' : 'block type-second'}>{label}</span>
        <input
          className="field w-full"
          data-unknown={valueM === null && typed === undefined}
          placeholder={valueM === null ? 'not known yet' : undefined}
          aria-invalid={problem !== undefined}
          data-writing={typed !== undefined}
          value={shown}
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
