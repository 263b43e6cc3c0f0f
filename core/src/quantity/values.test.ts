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

// 12 in is 304.8 mm, 1/4 in 6.35 mm (by definition).
test.each([
  ['a wall of 2 mm against 2.03', 0.002, 0.00203, 'mm-l', '2.00 mm, 2.03 mm'],
  ['a gap of 0.254 in against 1/4', 0.00645, 0.00635, 'in-gal', '0.254 in, 0.250 in'],
  ['two that are the same', 0.3048, 0.3048, 'in-gal', '12 in, 12 in'],
  ['two that a tape tells apart', 0.3048, 0.3, 'mm-l', '305 mm, 300 mm'],
] as const)('two lengths in one sentence read the same only where they are: %s', (_, a, b, measures, expected) =>
  expect(fillText('{a}, {b}', { a: { lengthM: a }, b: { lengthM: b } }, measures)).toBe(expected),
);

test('a name that nothing is given for is a bug of the caller', () =>
  expect(() => fillText('{lost}', {}, 'mm-l')).toThrow(RangeError));

test('two figures of one kind that decide are printed to the digit by which they differ', () => {
  // 5.567 L/s are 88.24 gallons a minute, 5.54 are 87.81 (231 cubic inches to the gallon).
  const flows = { a: { flowM3s: 0.005567 }, b: { flowM3s: 0.00554 } };
  expect(fillText('{a} against {b}', flows, 'in-gal')).toBe('88.2 gpm against 87.8 gpm');
  expect(fillText('{a} against {b}', flows, 'mm-l')).toBe('5.6 L/s against 5.5 L/s');
  const loads = { a: { massKg: 500.2 }, b: { massKg: 500.4 } };
  expect(fillText('{a} of {b}', loads, 'mm-l')).toBe('500.2 kg of 500.4 kg');
  expect(fillText('{a} of {a}', loads, 'mm-l')).toBe('500 kg of 500 kg');
  // 70.02 kPa are 10.156 psi, 70 are 10.153.
  const heads = { a: { pressureKpa: 70.02 }, b: { pressureKpa: 70 } };
  expect(fillText('{a}, {b}', heads, 'in-gal')).toBe('10.16 psi, 10.15 psi');
  expect(fillText('{a}', heads, 'in-gal')).toBe('10.2 psi');
});

test('a small flow is not nothing: it is said in the unit of a tap', () => {
  expect(fillText('{a}', { a: { flowM3s: 0.00003 } }, 'mm-l')).toBe('1.8 L/min');
  expect(fillText('{a}', { a: { flowM3s: 0.000003 } }, 'mm-l')).toBe('0.18 L/min');
});
