import { describe, expect, it } from 'vitest';
import type { LineEnd } from './bends-between';
import { bowedLengthM } from './bowed';
import { type Vector, unit } from './vector';

const end = (at: readonly [number, number, number], goes: readonly [number, number, number]): LineEnd => {
  const vector = ([out, right, up]: readonly [number, number, number]): Vector => ({ out, right, up });
  const way = unit(vector(goes));
  if (!way) throw new Error('no direction');
  return { at: vector(at), goes: way };
};
const START = end([0, 0, 0], [1, 0, 0]);

// Of all lines that bend no tighter than a radius the shortest are arcs of it with a straight between (Dubins 1957); worked out by
// hand. A soft curve is a little longer.
describe('a piece that bends from one end to another', () => {
  it('in line is as long as they are apart', () =>
    expect(bowedLengthM(START, end([2, 0, 0], [1, 0, 0]), 0.3)).toBeCloseTo(2, 6));

  it.each([
    // Two eighths of a circle of 0.25, and slantwise from (0.177, 0.073) to (0.927, 0.823).
    ['round a corner', START, end([1, 1, 0], [0, 1, 0]), 0.25, 1.4534],
    // Two quarters of a circle of 0.16, and 0.29 level between them.
    ['down, and up again', end([0, 0, 0], [0, 0, -1]), end([0.61, 0, 0], [0, 0, 1]), 0.16, 0.7927],
  ] as const)('%s it is longer than the least there is, and not by a tenth', (_, from, to, radiusM, leastM) => {
    const longM = bowedLengthM(from, to, radiusM) ?? 0;
    expect(longM).toBeGreaterThan(leastM);
    expect(longM).toBeLessThan(1.1 * leastM);
  });

  it('not at all where it would be bent too tight', () =>
    expect(bowedLengthM(end([0, 0, 0], [0, 0, -1]), end([0.05, 0, 0], [0, 0, 1]), 1)).toBeUndefined());
});
