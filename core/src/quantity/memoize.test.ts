import { expect, test } from 'vitest';
import { memoize } from './memoize';

test('is worked out once for each object, and again for one that only looks alike', () => {
  let worked = 0;
  const of = memoize(({ value }: { readonly value: number }) => {
    worked++;
    return value * 2;
  });
  const key = { value: 21 };
  expect([of(key), of(key), of({ value: 21 })]).toEqual([42, 42, 42]);
  expect(worked).toBe(2);
});

test('remembers that there is nothing', () => {
  let worked = 0;
  const of = memoize<object, undefined>(() => void worked++);
  const key = {};
  expect([of(key), of(key)]).toEqual([undefined, undefined]);
  expect(worked).toBe(1);
});
