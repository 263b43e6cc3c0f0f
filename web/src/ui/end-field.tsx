'use client';

import { describeEnd, endProblemWords, formatEnd, parseEnd } from '@herrero/core';
import { EndProblemLine } from './end-problem-line';
import { EntryProblem } from './entry-problem';
import { useTypedEntry } from './use-typed-entry';

interface EndFieldProps {
  readonly label: string;
  /** The end as text; null while nobody has said it. */
  readonly value: string | null;
  /** Answers with a sentence where it cannot be taken. */
  readonly onChange: (text: string | null) => string | undefined;
  readonly unsaid?: string;
}

/** An end typed as it is said, kept as typed until it is one; what was understood stands under it. */
export function EndField({ label, value, onChange, unsaid = 'not said' }: EndFieldProps) {
  const { input, problem, enter, writing } = useTypedEntry(value ?? '', (typed) => {
    if (typed.trim() === '') return onChange(null);
    const parsed = parseEnd(typed);
    return parsed.ok ? onChange(formatEnd(parsed.value)) : endProblemWords(parsed.error);
  });
  const text = input.value as string;
  const parsed = parseEnd(text);
  return (
    <div>
      <label className="block">
        <span className="block type-second">{label}</span>
        <input
          className="field w-full"
          autoComplete="off"
          spellCheck={false}
          placeholder={value === null ? unsaid : undefined}
          data-unknown={value === null && !writing}
          {...input}
        />
      </label>
      {!writing && parsed.ok && <p className="type-second">{describeEnd(parsed.value)}</p>}
      {problem !== undefined && !parsed.ok ? (
        <EndProblemLine text={text} problem={parsed.error} onText={enter} />
      ) : (
        <EntryProblem problem={problem} />
      )}
    </div>
  );
}
