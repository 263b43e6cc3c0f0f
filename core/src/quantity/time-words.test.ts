import { expect, test } from 'vitest';
import { spanWords } from './time-words';

test.each([
  [[9, 18], '9 to 18 min'],
  [[2, 720], '2 min to 12 h'],
  [[60, 150], '1 to 2.5 h'],
  [[0.2, 0.4], '1 min'],
  [[10_080, 40_320], '7 to 28 days'],
  [[343, 1108], '5.75 to 18.5 h'],
] as const)('%o minutes: %s', (minutes, words) => expect(spanWords(minutes)).toBe(words));
