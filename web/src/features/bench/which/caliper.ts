import { type Sex, parseEnd, threadForm, readFigure } from '@herrero/core';

/**
 * A caliper sends lines of text, as a real one does that types into the field with the focus: `26.48 mm`, `1.0425 in`.
 * Whatever sends them, they go through `readCaliperLine`.
 */
export interface Caliper {
  readonly name: string;
  /** One press of its button: the line it sends. */
  readonly press: () => string;
}

/** What the jaws of a caliper take [m]. */
const CALIPER_M = [0.0005, 0.4] as const;

/** Reads a line from a caliper, or a number typed by hand, in millimetres. */
export function readCaliperLine(line: string, plainUnit: 'mm' | 'in' = 'mm'): number | undefined {
  const parsed = readFigure(line, {
    kind: 'length',
    measures: plainUnit === 'mm' ? 'mm-l' : 'in-gal',
    usual: CALIPER_M,
  });
  return parsed.ok ? Math.round(parsed.value * 1e6) / 1e3 : undefined;
}

/** Parts the stand-in pretends to hold, and where along the thread its jaws close. */
export const STAND_IN_PARTS = [
  { end: '3/4 NPT M', name: 'a nipple' },
  { end: '3/4 R M', name: 'a tap shank' },
  { end: '3/4 G M', name: 'a tap outlet' },
  { end: '3/4 NH M', name: 'a hose bib' },
  { end: '2 NPT M', name: 'a tank valve' },
  { end: 'S60x6 M', name: 'a container outlet' },
  { end: '1/2 G F', name: 'a union nut' },
  { end: '3/4 NPT F', name: 'a bulkhead' },
] as const;

export type StandInPart = (typeof STAND_IN_PARTS)[number]['end'];

/** How far its readings scatter, as one standard deviation [mm]: a plastic thread under a hand. */
const SCATTER_MM = 0.03;

/** Two uniform numbers make one that is normally distributed (Box and Muller). */
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

export const standInSex = (part: StandInPart): Sex => {
  const parsed = parseEnd(part);
  return parsed.ok && parsed.value.kind === 'thread' ? parsed.value.sex : 'male';
};

/**
 * A made-up caliper: a stand-in for a real one, and it says so wherever it is shown. It holds a part of this application's
 * own tables and reads it with realistic scatter.
 *
 * @param random  numbers from 0 up to 1
 */
export function standInCaliper(part: StandInPart, place: 'thread' | 'tip', random: () => number): Caliper {
  const parsed = parseEnd(part);
  if (!parsed.ok || parsed.value.kind !== 'thread') throw new RangeError(`standInCaliper: ${part} is no thread`);
  const { acrossMm, firstCrestMm, taper } = threadForm(parsed.value);
  const [least, most] = place === 'tip' ? firstCrestMm : acrossMm;
  // A taper is closed on about two thirds up; a straight thread is made somewhere inside its tolerance.
  const trueMm = place === 'tip' || taper === 0 ? (least + most) / 2 : least + ((most - least) * 2) / 3;
  return {
    name: 'stand-in caliper',
    press: () => `${(trueMm + SCATTER_MM * normal(random)).toFixed(2)} mm`,
  };
}

/** The middle one of some readings. */
export function middleOf(readings: readonly number[]): number {
  const sorted = [...readings].sort((a, b) => a - b);
  const half = sorted.length / 2;
  const [low = 0, high = 0] = [sorted[Math.ceil(half) - 1], sorted[Math.floor(half)]];
  return Math.round(((low + high) / 2) * 100) / 100;
}
