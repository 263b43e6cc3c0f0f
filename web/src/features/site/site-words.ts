import { type HeightRef, type HeightTrouble, type Job, type Measures, baseLevelM, formatLength } from '@herrero/core';

/** The height from which figures are said: the base of the first tank, over the finished ground. */
export const datumOf = (job: Job): number => (job.tanks[0] ? baseLevelM(job.tanks[0], job) : 0);
export const datumName = ({ tanks }: Job): string => (tanks[0] ? `the base of ${tanks[0].label}` : 'the ground');

/** A height as it is said: `8 ft 2 in up`, `58 in below`, from the base of the first tank. */
export function heightWords(upM: number, datumM: number, measures: Measures): string {
  const overM = upM - datumM;
  const figure = formatLength(Math.abs(overM), measures);
  return /^0 /.test(figure) ? 'level with it' : `${figure} ${overM > 0 ? 'up' : 'below'}`;
}

/** What a reading was taken from, by name. */
export function refName({ roofs, terminals, marks }: Job, ref: HeightRef): string {
  if (ref.of === 'ground') return 'ground at the tanks';
  const found = { roof: roofs, terminal: terminals, mark: marks }[ref.of].find(({ id }) => id === ref.id)?.name;
  const name = found ?? 'something that is gone';
  return ref.of === 'roof' ? `gutter of ${name}` : name;
}

export const TROUBLE_WORDS: Readonly<Record<HeightTrouble, string>> = {
  'not-read': 'not measured',
  'stands-on-nothing': 'its reference is not measured',
  'in-a-circle': 'read in a circle',
  apart: 'readings apart',
  blunder: 'one reading left out',
};
