import { expect, test } from 'vitest';
import { fillText, formatMass } from './values';

// A pound is 0.45359237 kg (1959 agreement): 1000 kg are 2204.6 lb.
test('a mass is whole kilograms or pounds', () => {
  expect(formatMass(1000, 'mm-l')).toBe('1000 kg');
  expect(formatMass(1000, 'in-gal')).toBe('2205 lb');
});

test('every kind of value is written in the measures of the job', () => {
  const data = {
    what: 'T1',
    count: 3,
    length: { lengthM: 0.3048 },
    volume: { volumeM3: 0.003785411784 },
    mass: { massKg: 0.45359237 },
  };
  expect(fillText('{what} {count} {length} {volume} {mass}', data, 'in-gal')).toBe('T1 3 12 in 1 gal, 4 L 1 lb');
  expect(fillText('{length} {mass}', data, 'mm-l')).toBe('305 mm 0 kg');
});

test('a name that nothing is given for is a bug of the caller', () =>
  expect(() => fillText('{lost}', {}, 'mm-l')).toThrow(RangeError));
