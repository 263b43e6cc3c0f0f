'use client';

import { type EndProblem, describeEnd, formatEnd, parseEnd } from '@herrero/core';
import { useState } from 'react';
import { EndProblemLine } from './end-problem-line';

interface EndFieldProps {
  readonly label: string;
  /** The end as text; null while nobody has said it. */
  readonly value: string | null;
  readonly onChange: (text: string | null) => string | undefined;
  readonly unsaid?: string;
}

/** An end typed as it is said, kept as typed until it is one; what was understood stands under it. */
export function EndField({ label, value, onChange, unsaid = 'not said' }: EndFieldProps) {
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<EndProblem>();
  const [refused, setRefused] = useState<string>();
  const known = value === null ? undefined : parseEnd(value);
  const take = (text: string): void => {
    setTyped(text);
    if (text.trim() === '') return keep(onChange(null));
    const parsed = parseEnd(text);
    setProblem(parsed.ok ? undefined : parsed.error);
    if (parsed.ok) keep(onChange(formatEnd(parsed.value)));
  };
  const keep = (message: string | undefined): void => {
    setRefused(message);
    if (message !== undefined) return;
    setTyped(undefined);
    setProblem(undefined);
  };
  const forget = (): void => keep(undefined);
  return (
    <div>
      <label className="block">
        <span className="block type-second">{label}</span>
        <input
          className="field w-full"
          autoComplete="off"
          spellCheck={false}
          value={typed ?? value ?? ''}
          placeholder={value === null ? unsaid : undefined}
          data-unknown={value === null && typed === undefined}
          data-writing={typed !== undefined}
          aria-invalid={problem !== undefined || refused !== undefined}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => typed !== undefined && typed !== (value ?? '') && take(typed)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && typed !== undefined) take(typed);
            if (event.key === 'Escape') forget();
          }}
        />
      </label>
      {known?.ok && typed === undefined && <p className="type-second">{describeEnd(known.value)}</p>}
      {refused !== undefined && (
        <p role="alert" className="type-row">
          {refused}
        </p>
      )}
      {problem && typed !== undefined && <EndProblemLine text={typed} problem={problem} onText={take} />}
    </div>
  );
}
