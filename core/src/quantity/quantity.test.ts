import { describe, expect, test } from 'vitest';
import { lengthFigure, lengthStepM, lengthUnit } from './length';
import { NOMINAL_SIZES, isNominalSize, sizeCode, sizeInInches } from './size';
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
    const values = NOMINAL_SIZES.map(sizeInInches);
    expect(values).toEqual([0.5, 0.625, 0.75, 1, 1.25, 1.5, 2, 2.5, 3]);
  });
  test('have codes of three figures that never collide', () => {
    const codes = NOMINAL_SIZES.map(sizeCode);
    expect(codes.every((code) => /^\d{3}$/.test(code))).toBe(true);
    expect(new Set(codes).size).toBe(codes.length);
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
