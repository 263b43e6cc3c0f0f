// @vitest-environment jsdom
import { mate, parseEnd } from '@herrero/core';
import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { Peg } from './peg';
import { type Seam, SeamGlyph, seamOf } from './seam-glyph';
import { unbroken } from './unbroken';

afterEach(cleanup);

const SEAMS: readonly Seam[] = [
  'holds',
  'tape',
  'cement',
  'washer',
  'clamp',
  'lubricant',
  'insert',
  'solder',
  'fits-unrated',
  'starts-then-leaks',
  'will-not-go',
  'unknown',
  'open',
];

test('every seam has a drawing of its own, so that colour is never needed', () => {
  const drawn = SEAMS.map((seam) => render(<SeamGlyph seam={seam} />).container.querySelector('svg')?.innerHTML);
  expect(new Set(drawn).size).toBe(SEAMS.length);
  for (const svg of drawn) expect(svg).toContain('<path');
});

test('every peg has a drawing of its own', () => {
  const drawn = (['settled', 'under-way', 'not-begun', 'waits', 'trouble'] as const).map(
    (state) => render(<Peg state={state} />).container.innerHTML,
  );
  expect(new Set(drawn).size).toBe(5);
});

test.each([
  ['3/4 NPT M', '3/4 NPT F', 'tape'],
  ['1 IPS spigot', '1 IPS socket', 'cement'],
  ['3/4 NH M', '3/4 NH F', 'washer'],
  ['1 barb', '1 hose bore', 'clamp'],
  ['1 IPS gasket', '1 IPS spigot', 'lubricant'],
  ['3/4 NPT M', '3/4 NH F', 'starts-then-leaks'],
  ['3/4 NPT M', '1 barb', 'will-not-go'],
] as const)('%s with %s shows %s', (a, b, seam) => {
  const [first, second] = [parseEnd(a), parseEnd(b)];
  if (!first.ok || !second.ok) throw new Error('unreadable');
  expect(seamOf(mate(first.value, second.value))).toBe(seam);
});

test('a figure is not broken at its hyphen', () => {
  expect(unbroken('14 against 11-1/2')).toBe('14 against 11-\u20601/2');
  expect(unbroken('two-ended')).toBe('two-ended');
});
