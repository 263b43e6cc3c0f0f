import { expect, test } from 'vitest';
import { tankWith } from '../test/sample-jobs';
import { makeAlike, setAll } from './set-all';

const { tanks } = tankWith({
  tank: { dark: true, purposes: ['garden'] },
  others: [
    { id: 't2', type: 'open-drum', dark: true, purposes: ['garden'] },
    { id: 't3', type: 'open-drum', dark: false },
  ],
});

test('a field of several records is set where it is not so already', () => {
  expect(setAll('tanks', tanks, 'dark', true)).toMatchObject([{ id: 't3', field: 'dark', from: false, to: true }]);
  expect(setAll('tanks', tanks, 'plinthM', tanks[0]!.plinthM)).toEqual([]);
});

test('others become as one is, in the fields that are named; lists are compared by what is in them', () => {
  expect(makeAlike('tanks', tanks[0]!, tanks.slice(1), ['dark', 'purposes'])).toMatchObject([
    { id: 't3', field: 'dark', to: true },
    { id: 't3', field: 'purposes', to: ['garden'] },
  ]);
});
