'use client';

import { EntryProblem } from './entry-problem';
import { useTypedEntry } from './use-typed-entry';

interface NumberFieldProps {
  readonly label: string;
  /** In SI; null while nobody knows it. */
  readonly value: number | null;
  /** What one of the unit shown is in SI. */
  readonly unit: number;
  readonly digits?: number;
  readonly example: string;
  readonly onChange: (value: number) => string | undefined;
}

/** A figure that is typed in a unit of its own and kept in SI; dotted while nobody knows it. */
export function NumberField({ label, value, unit, digits = 0, example, onChange }: NumberFieldProps) {
  const shown = value === null ? '' : `${Number((value / unit).toFixed(digits))}`;
  const { input, problem, writing } = useTypedEntry(shown, (typed) => {
    const figure = /^\s*(-?\d+(?:[.,]\d+)?)\s*[a-z/%0-9]*\s*$/i.exec(typed)?.[1];
    if (figure === undefined)
      return `${typed.trim() === '' ? 'Nothing' : typed} is no figure. Write it like ${example}.`;
    return onChange(Number(figure.replace(',', '.')) * unit);
  });
  return (
    <div>
      <label className="block">
        <span className="block type-second">{label}</span>
        <input
          className="field w-full"
          inputMode="decimal"
          data-unknown={value === null && !writing}
          placeholder={value === null ? 'not said' : undefined}
          {...input}
        />
      </label>
      <EntryProblem problem={problem} />
    </div>
  );
}
