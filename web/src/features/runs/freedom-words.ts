import { type Freedom, type Measures, formatLength } from '@herrero/core';

/** How something can move while the run is made, and once a joint is. */
export const freedomWords = (freedom: Freedom, measures: Measures): string =>
  freedom.is === 'bends'
    ? `bends by hand to a radius of ${formatLength(freedom.radiusM, measures)}`
    : WORDS[freedom.is];

const WORDS: Readonly<Record<Exclude<Freedom['is'], 'bends'>, string>> = {
  fixed: 'stays as it is',
  slides: 'slides along its axis',
  turns: 'its nut turns while both sides stay',
  loose: 'hangs loose',
};
