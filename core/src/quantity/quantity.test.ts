import { describe, expect, test } from 'vitest';
import { lengthFigure, lengthStepM, lengthUnit } from './length';
import { reckonedSum } from './money';
import {
  INCH_SIZES,
  METRIC_SIZES,
  NOMINAL_SIZES,
  RECTANGULAR_SIZES,
  isNominalSize,
  sizeCode,
  sizeInInches,
  sizeWords,
} from './size';
import { M3_PER_US_GALLON, formatArea, formatVolume } from './volume';

describe('volumes', () => {
  // 231 cubic inches of 25.4 mm, by definition: 3.785411784 L.
  test('a US gallon', () => expect(M3_PER_US_GALLON * 1000).toBeCloseTo(3.785411784, 12));
  test.each([
    [0.4164, 'in-gal', true, '110 gal, 416 L'],
    [0.4164, 'mm-l', true, '416 L, 110 gal'],
    [0.4164, 'in-gal', false, '110 gal'],
    [0, 'mm-l', false, '0 L'],
  ] as const)('%d m3 in %s', (m3, measures, both, text) => expect(formatVolume(m3, measures, both)).toBe(text));
  test('of no number is a bug', () => expect(() => formatVolume(Number.POSITIVE_INFINITY, 'mm-l')).toThrow(RangeError));
});

test('areas: 640 square feet are 59 square metres', () => {
  expect(formatArea(640 * 0.3048 ** 2, 'in-gal')).toBe('640 sq ft');
  expect(formatArea(640 * 0.3048 ** 2, 'mm-l')).toBe('59 m2');
});

describe('sizes', () => {
  test('rise as they are called', () => {
    for (const sizes of [INCH_SIZES, METRIC_SIZES, RECTANGULAR_SIZES])
      expect(sizes.map(sizeInInches)).toEqual(sizes.map(sizeInInches).toSorted((a, b) => a - b));
    expect((['1/8', '5/8', '1-1/4', '25', '2x3'] as const).map(sizeInInches)).toEqual([
      0.125,
      0.625,
      1.25,
      25 / 25.4,
      2,
    ]);
  });
  test('are spoken with their unit', () =>
    expect((['3/4', '21.5', '2x3'] as const).map(sizeWords)).toEqual(['3/4 in', '21.5 mm', '2x3 in']));
  test('have codes that never collide', () => {
    const codes = NOMINAL_SIZES.map(sizeCode);
    expect(new Set(codes).size).toBe(codes.length);
    expect((['1/8', '3/4', '1-1/2', '32', '3x4'] as const).map(sizeCode)).toEqual(['013', '075', '150', '32M', '3X4']);
  });
  test('are told from what is none', () =>
    expect([isNominalSize('3/4'), isNominalSize('7/8'), isNominalSize('')]).toEqual([true, false, false]));
});

describe('figures and steps', () => {
  test.each([
    [1.0795, 'in-gal', '42-1/2'],
    [1.0795, 'mm-l', '1080'],
  ] as const)('%d m in %s', (metres, measures, figure) => expect(lengthFigure(metres, measures)).toBe(figure));
  test('units', () => expect([lengthUnit('in-gal'), lengthUnit('mm-l')]).toEqual(['in', 'mm']));
  test('a press is 1/2 in or 10 mm, a fine one 1/16 in or 1 mm', () =>
    expect([
      lengthStepM('in-gal'),
      lengthStepM('mm-l'),
      lengthStepM('in-gal', true),
      lengthStepM('mm-l', true),
    ]).toEqual([0.0127, 0.01, 0.0015875, 0.001]));
});

test('a nominal size belongs to one system: inches, millimetres or a rectangle, never to two', () => {
  expect(new Set(NOMINAL_SIZES).size).toBe(INCH_SIZES.length + METRIC_SIZES.length + RECTANGULAR_SIZES.length);
  for (const size of METRIC_SIZES) expect(sizeWords(size)).toBe(`${size} mm`);
  for (const size of [...INCH_SIZES, ...RECTANGULAR_SIZES]) expect(sizeWords(size)).toBe(`${size} in`);
});

test('what lines come to is the sum of what each of them shows, not of what was rounded away', () => {
  const dollars = { currency: 'USD', taxPercent: null } as const;
  expect(reckonedSum([0.333, 0.333, null, 0.333], dollars)).toBe(0.99);
  expect(reckonedSum([], dollars)).toBe(0);
  expect(reckonedSum([10, 0.05], { ...dollars, taxPercent: 10 })).toBe(11.06);
});
