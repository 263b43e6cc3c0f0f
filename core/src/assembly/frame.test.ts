import { expect, it } from 'vitest';
import { place } from '../test/sample-jobs';
import { looksOf } from './frame';

it('a downpipe ends downward unless somebody says otherwise; a tap looks where it was said, and nowhere before', () => {
  expect(looksOf(place({ id: 'p', name: 'foot', kind: 'downpipe' }))).toEqual({ way: 'down' });
  expect(looksOf(place({ id: 'p', name: 'foot', kind: 'downpipe', looks: { way: 'level', degrees: 30 } }))).toEqual({
    way: 'level',
    degrees: 30,
  });
  expect(looksOf(place({ id: 'p', name: 'tap', kind: 'tap' }))).toBeNull();
});
