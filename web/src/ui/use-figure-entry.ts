'use client';

import {
  type FigureEntry,
  type FigureKind,
  type FigureReading,
  type Measures,
  figureProblemWords,
  readFigure,
  writeFigure,
} from '@herrero/core';
import { useState } from 'react';
import { useRegion } from './region';
import { type TypedEntry, useTypedEntry } from './use-typed-entry';

/** What is known of the field that a figure is typed in. */
export interface FigureOf {
  readonly kind: FigureKind;
  readonly measures: Measures;
  readonly usual?: readonly [number, number] | undefined;
  /** The unit of a bare figure, where it is not the usual one of the measures. */
  readonly plain?: string | undefined;
  /** Its unit stands beside the field. */
  readonly bare?: boolean | undefined;
}

/** Reads what is typed for a field, as the region of the page has it. */
export function useFigureReader({ kind, measures, usual, plain }: FigureOf) {
  const region = useRegion();
  const entry: FigureEntry = { kind, measures, region, usual, plain };
  return {
    region,
    read: (typed: string) => readFigure(typed, entry),
    wordsOf: (problem: Parameters<typeof figureProblemWords>[0], typed: string): string =>
      figureProblemWords(problem, typed, { kind, measures }),
  };
}

/** A figure that is typed: what it is where it can be read; where it can be read in two ways, both of them to be chosen from. */
export interface FigureTyped extends TypedEntry {
  readonly readings: readonly FigureReading[];
  readonly choose: (reading: FigureReading) => void;
}

/**
 * A figure that is typed and kept in SI.
 *
 * @param value  null while nobody knows it
 * @param take   takes the figure; answers with a sentence where it cannot be
 */
export function useFigureEntry(
  value: number | null,
  of: FigureOf,
  take: (value: number) => string | undefined,
): FigureTyped {
  const { region, read, wordsOf } = useFigureReader(of);
  const [readings, setReadings] = useState<readonly FigureReading[]>([]);
  const entry = useTypedEntry(value === null ? '' : writeFigure(value, { ...of, region }), (typed) => {
    const found = read(typed);
    setReadings(!found.ok && found.error.code === 'two-readings' ? found.error.readings : []);
    return found.ok ? take(found.value) : wordsOf(found.error, typed);
  });
  return {
    ...entry,
    readings: entry.problem === undefined ? [] : readings,
    choose: ({ value: chosen }) => {
      const refused = take(chosen);
      setReadings([]);
      if (refused === undefined) entry.forget();
      else entry.report(refused);
    },
  };
}
