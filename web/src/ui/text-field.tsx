'use client';

import { EntryProblem } from './entry-problem';
import { useTypedEntry } from './use-typed-entry';

interface TextFieldProps {
  readonly label: string;
  /** Null while nobody has said it. */
  readonly value: string | null;
  /** Answers with a sentence where it cannot be taken. */
  readonly onChange: (value: string | null) => string | undefined;
  readonly unsaid?: string;
}

/** Words that are typed; emptied, they are not said. */
export function TextField({ label, value, onChange, unsaid = 'not said' }: TextFieldProps) {
  const { input, problem, writing } = useTypedEntry(value ?? '', (typed) =>
    onChange(typed.trim() === '' ? null : typed.trim()),
  );
  return (
    <div>
      <label className="block">
        <span className="block type-second">{label}</span>
        <input
          className="field w-full"
          data-unknown={value === null && !writing}
          placeholder={value === null ? unsaid : undefined}
          {...input}
        />
      </label>
      <EntryProblem problem={problem} />
    </div>
  );
}
