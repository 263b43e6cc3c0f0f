import { expect, test } from 'vitest';
import { wayAmountWords, wayTimeWords } from './way-words';

test.each([
  [12, 'joint', 'mm-l', '12 joints'],
  [1, 'hole', 'in-gal', '1 hole'],
  [1, 'job', 'mm-l', 'once'],
  [26.2, 'metre', 'mm-l', '26 m'],
  // 26.2 / 0.3048 = 85.96 ft.
  [26.2, 'metre', 'in-gal', '86 ft'],
  [0.01, 'metre', 'mm-l', '0.1 m'],
  [1.44, 'square metre', 'mm-l', '1.4 square m'],
  // 1.44 / 0.3048^2 = 15.5 square ft.
  [1.44, 'square metre', 'in-gal', '16 square ft'],
] as const)('%d of one %s in %s: %s', (amount, per, measures, words) =>
  expect(wayAmountWords({ amount, per }, measures)).toBe(words),
);

test('two are said where one is not enough', () => {
  expect(wayTimeWords({ minutes: [9, 18], people: 1 })).toBe('9 to 18 min');
  expect(wayTimeWords({ minutes: [9, 18], people: 2 })).toBe('9 to 18 min, by two');
});
