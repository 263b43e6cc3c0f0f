import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { rootOf } from './root';

describe('a root', () => {
  // Closed forms: the square root of two, the natural logarithm of three, and a kink at 0.3.
  test.each([
    ['x2 = 2', (x: number) => x ** 2 - 2, 0, 2, Math.SQRT2],
    ['exp x = 3, falling', (x: number) => 3 - Math.exp(x), 0, 5, Math.log(3)],
    ['a kink', (x: number) => (x < 0.3 ? 10 * (x - 0.3) : 0.01 * (x - 0.3)), 0, 1, 0.3],
    ['at an end', (x: number) => x, 0, 4, 0],
  ])('%s', (_, of, low, high, root) => expect(rootOf(of, low, high)).toBeCloseTo(root, 11));

  test('where both ends are on one side, the nearer one', () => {
    expect(rootOf((x) => x + 1, 0, 5)).toBe(0);
    expect(rootOf((x) => x - 9, 0, 5)).toBe(5);
  });

  // Flow against the square root of head: whatever the figures, it is what halving finds.
  test('of a loss that grows with the square of a flow, against the closed formula', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 50, noNaN: true }),
        fc.double({ min: 0.1, max: 1e6, noNaN: true }),
        (head, k) => {
          const flow = Math.sqrt(head / k);
          expect(rootOf((x) => head - k * x ** 2, 0, flow * 40) / flow).toBeCloseTo(1, 9);
        },
      ),
    ));
});
