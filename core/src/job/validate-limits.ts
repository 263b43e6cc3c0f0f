import { parseEnd } from '../connections/parse';
import type { FieldProblem } from '../result';

/** Outer limits of what a rainwater tank can be; beyond them a point has slipped. Our judgement. */
export const LIMITS = {
  areaM2: 100_000,
  capacityM3: 500,
  lengthM: 30,
  wallM: 0.5,
  cutLengthM: 500,
  massKg: 1_000_000,
  planks: 50,
  plankM: 10,
  /** Up or down, on any site that water falls across. */
  upM: 200,
  wallThroughM: 5,
  flowM3s: 1,
  kPa: 2000,
} as const;

/** From 0 to `most`. */
export const upTo = (value: number, most: number): boolean => value >= 0 && value <= most;

/** Above `least`, and at most `most`. */
export const between = (value: number, least: number, most: number): boolean =>
  Number.isFinite(value) && value > least && value <= most;

/** A figure that may be left unsaid, from nothing to so much. */
export const saidProblem = (value: number | null, most: number, path: string, message: string): FieldProblem[] =>
  value === null || upTo(value, most) ? [] : [{ path, message }];

/** What a text says that is no end. */
export function endTextProblems(text: string | null, path: string): FieldProblem[] {
  if (text === null) return [];
  const parsed = parseEnd(text);
  return parsed.ok ? [] : [{ path, message: `${text} is no end: ${parsed.error.word || 'it stops too soon'}.` }];
}
