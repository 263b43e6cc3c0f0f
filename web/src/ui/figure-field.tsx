'use client';

import { EntryProblem } from './entry-problem';
import { type FigureOf, useFigureEntry } from './use-figure-entry';

interface FigureFieldProps extends FigureOf {
  readonly label: string;
  /** In SI; null while nobody knows it. */
  readonly value: number | null;
  readonly onChange: (value: number) => string | undefined;
  readonly hideLabel?: boolean;
  readonly unsaid?: string;
}

/** A figure that is typed, in any unit of its kind, and kept in SI; dotted while nobody knows it. */
export function FigureField({
  label,
  value,
  onChange,
  hideLabel = false,
  unsaid = 'not said',
  ...of
}: FigureFieldProps) {
  const { input, problem, readings, choose, writing } = useFigureEntry(value, of, onChange);
  return (
    <div>
      <label className="block">
        <span className={hideLabel ? 'sr-only' : 'block type-second'}>{label}</span>
        <input
          className="field w-full"
          data-unknown={value === null && !writing}
          placeholder={value === null ? unsaid : undefined}
          {...input}
        />
      </label>
      <EntryProblem problem={problem} readings={readings} onChoose={choose} />
    </div>
  );
}
