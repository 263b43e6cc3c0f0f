'use client';

import { type Catalogue, type Region } from '@herrero/core';
import { useMemo, useState } from 'react';
import type { Narrowed, narrowByWords } from './narrow-by-words';

interface Narrowing extends Narrowed {
  /** Are the words that stand there read? Until then nothing may be taken for them. */
  readonly read: boolean;
  /** Fetches the reader: asked for as soon as the field is entered. */
  readonly prepare: () => void;
}

/** A list narrowed down by words; the reader of words is fetched when it is wanted. */
export function useNarrowing(catalogue: Catalogue, text: string, region: Region | null): Narrowing {
  const [reader, setReader] = useState<typeof narrowByWords>();
  const prepare = (): void => {
    if (!reader) void import('./narrow-by-words').then((module) => setReader(() => module.narrowByWords));
  };
  const isEmpty = text.trim() === '';
  const narrowed = useMemo(
    () => (isEmpty ? undefined : reader?.(catalogue, text, region)),
    [isEmpty, reader, catalogue, text, region],
  );
  return {
    wanted: narrowed?.wanted,
    counted: narrowed?.counted,
    read: isEmpty || reader !== undefined,
    prepare,
  };
}
