'use client';

import { type InputHTMLAttributes, useState } from 'react';

export interface TypedEntry {
  /** For the input: its value, and what it does with keys. */
  readonly input: InputHTMLAttributes<HTMLInputElement> & { readonly 'data-writing': boolean };
  /** Why what stands there cannot be taken; it stays as typed until it can, or until Escape. */
  readonly problem: string | undefined;
  readonly report: (problem: string | undefined) => void;
  /** Gives up what was typed. */
  readonly forget: () => void;
  /** Takes this as if it had been typed. */
  readonly enter: (text: string) => void;
  readonly writing: boolean;
}

/**
 * An entry that is kept as typed until it can be read: taken on Enter and when it is left, given up with Escape.
 *
 * @param shown  the value as it stands in the job
 * @param take   takes what was typed; answers with a sentence where it cannot be
 */
export function useTypedEntry(shown: string, take: (typed: string) => string | undefined): TypedEntry {
  const [typed, setTyped] = useState<string>();
  const [problem, report] = useState<string>();
  const enter = (text: string): void => {
    const refused = take(text);
    report(refused);
    setTyped(refused === undefined ? undefined : text);
  };
  const write = (): void => {
    if (typed !== undefined && typed !== shown) enter(typed);
  };
  const forget = (): void => {
    setTyped(undefined);
    report(undefined);
  };
  return {
    input: {
      value: typed ?? shown,
      'aria-invalid': problem !== undefined,
      'data-writing': typed !== undefined,
      onChange: (event) => setTyped(event.target.value),
      onBlur: write,
      onKeyDown: (event) => {
        if (event.key === 'Enter') write();
        if (event.key === 'Escape') forget();
      },
    },
    problem,
    report,
    forget,
    enter,
    writing: typed !== undefined,
  };
}
