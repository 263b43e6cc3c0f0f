'use client';

import { type Measures, formatLength, lengthUnit, parseLength } from '@herrero/core';
import { EntryProblem } from './entry-problem';
import { useTypedEntry } from './use-typed-entry';

interface LengthFieldProps {
  readonly label: string;
  readonly valueM: number | null;
  readonly measures: Measures;
  readonly onChange: (valueM: number) => string | undefined;
  readonly hideLabel?: boolean;
}

/** A length that is typed; dotted while nobody knows it. */
export function LengthField({ label, valueM, measures, onChange, hideLabel = false }: LengthFieldProps) {
  const shown = valueM === null ? '' : formatLength(valueM, measures);
  const { input, problem, writing } = useTypedEntry(shown, (typed) => {
    const parsed = parseLength(typed, lengthUnit(measures));
    return parsed.ok ? onChange(parsed.value) : notALength(typed, measures === 'mm-l' ? '450 mm' : '17-3/4 in');
  });
  return (
    <div>
      <label className="block">
        <span className={hideLabel ? 'sr-only' : 'block type-second'}>{label}</span>
        <input
          className="field w-full"
          data-unknown={valueM === null && !writing}
          placeholder={valueM === null ? 'not known yet' : undefined}
          {...input}
        />
      </label>
      <EntryProblem problem={problem} />
    </div>
  );
}

/** What is said of something typed that is no length. */
export const notALength = (typed: string, example: string): string =>
  `${typed.trim() === '' ? 'Nothing' : typed} is no length. Write it like ${example}.`;
