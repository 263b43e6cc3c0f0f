import { expect, test } from 'vitest';
import { tankWith } from '../test/sample-jobs';
import { plan } from './plan';

/** A caged crate of 1000 L with its own valve, to which a tap is added. */
const crate = (stands: boolean) =>
  tankWith({
    type: 'crate-eu',
    tank: { stands },
    holes: [
      {
        id: 'v',
        roles: ['draw-off'],
        size: '2',
        face: 'front',
        heightM: 0.1,
        port: 'S60x6 M',
        portId: 'outlet',
        portUse: 'use',
        parts: [],
      },
    ],
  });

test('a standing tank to which something is added has no red note of its own', () => {
  const red = (stands: boolean) =>
    plan(crate(stands))
      .findings.filter(({ severity }) => severity === 'fails')
      .map(({ check }) => check);
  expect(red(false)).toContain('tank/no-overflow');
  expect(red(true)).toEqual([]);
});
