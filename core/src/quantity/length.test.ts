import { describe, expect, test } from 'vitest';
import { formatLength, formatStockLength, inchFigure } from './length';

describe('formatLength', () => {
  test.each([
    [1.0795, 'in-gal', '42-1/2 in'],
    [0.0381, 'in-gal', '1-1/2 in'],
    [0, 'in-gal', '0 in'],
    [18.288, 'in-gal', '60 ft'],
    [4.2164, 'in-gal', '13 ft 10 in'],
    [1.0795, 'mm-l', '1080 mm'],
    [12.5, 'mm-l', '12.50 m'],
    [-0.0004, 'mm-l', '0 mm'],
    [-0.0006, 'mm-l', '-1 mm'],
    [-0.0007, 'in-gal', '0 in'],
    [-0.001, 'in-gal', '-1/16 in'],
  ] as const)('%d m in %s is %s', (metres, measures, text) => expect(formatLength(metres, measures)).toBe(text));

  test('refuses what is no number', () => expect(() => formatLength(Number.NaN, 'mm-l')).toThrow(RangeError));
});

test('stock lengths read as they are sold', () => {
  expect(formatStockLength(3.048, 'in-gal')).toBe('10 ft');
  expect(formatStockLength(6, 'mm-l')).toBe('6 m');
  expect(formatStockLength(1, 'in-gal')).toBe('39-3/8 in');
});

test('a figure carries over to the next whole inch', () => expect(inchFigure(7.99)).toBe('8'));
