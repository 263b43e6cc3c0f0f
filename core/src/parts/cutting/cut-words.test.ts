import { expect, test } from 'vitest';
import { cutWords } from './cut-words';

// 42-1/2 in is 1079.5 mm; 0.7 m is 27.56 in, 27-9/16; 0.6 m is 23.62 in, 23-5/8.
test.each([
  ['computed', { lengthM: 1.0795 }, '1080 mm, 42-1/2 in'],
  [
    'measured on site',
    { lengthM: 0.6, kind: 'measured' as const },
    'about 600 mm, 23-5/8 in: measure it on site before it is cut',
  ],
  [
    'left long',
    { lengthM: 0.7, kind: 'left-long' as const, trimAt: 'backfill' as const, spareM: 0.1 },
    'about 700 mm, 27-9/16 in, left long: trim to about 600 mm, 23-5/8 in before backfill',
  ],
])('%s', (_, piece, words) => expect(cutWords({ label: 'P1', ...piece })).toBe(words));

test('only what is computed is said as exact', () => {
  expect(cutWords({ label: 'P1', lengthM: 1 })).not.toContain('about');
  expect(cutWords({ label: 'P1', lengthM: 1, kind: 'left-long', trimAt: null })).toContain('when it fits');
});
