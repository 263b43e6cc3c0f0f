import fc from 'fast-check';
import { expect, test } from 'vitest';
import { Heap } from './heap';

test('gives back what went in, lowest first, however it went in', () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.double({ noNaN: true, min: -1e6, max: 1e6 }).map((value) => value + 0),
        { maxLength: 3000 },
      ),
      (priorities) => {
        const heap = new Heap();
        for (const [item, priority] of priorities.entries()) heap.push(priority, item);
        const out: number[] = [];
        while (heap.size > 0) {
          const lowest = heap.lowest;
          expect(priorities[heap.pop()]).toBe(lowest);
          out.push(lowest);
        }
        expect(out).toEqual([...priorities].sort((a, b) => a - b));
      },
    ),
    { numRuns: 50 },
  ));

test('an empty one has nothing lower than infinity, and nothing to take', () => {
  const heap = new Heap();
  expect(heap.lowest).toBe(Number.POSITIVE_INFINITY);
  expect(() => heap.pop()).toThrow(RangeError);
});
