import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { formatLength, formatStockLength, inchFigure, parseLength } from './length';

describe('parseLength', () => {
  // Expected values by hand from the exact inch of 25.4 mm.
  test.each([
    ['1 1/2 in', 0.0381],
    ['1-1/2 in', 0.0381],
    ['22 mm', 0.022],
    ['5 ft 6 in', 1.6764],
    [`5' 6"`, 1.6764],
    ['3/4', 0.01905],
    ['0,75 m', 0.75],
    ['42-1/2', 1.0795],
    ['-2 in', -0.0508],
    ['60ft', 18.288],
  ])('%s', (text, metres) => {
    const parsed = parseLength(text, 'in');
    expect(parsed).toMatchObject({ ok: true });
    if (parsed.ok) expect(parsed.value).toBeCloseTo(metres, 9);
  });

  test.each([
    ['', 'no-number', ''],
    ['about 3', 'no-number', 'about 3'],
    ['3 furlong', 'unknown-unit', 'furlong'],
    ['1/0 in', 'zero-denominator', '1/0'],
    ['5 ft x', 'no-number', 'x'],
  ])('%j says what it did not understand', (text, code, word) => {
    expect(parseLength(text, 'in')).toMatchObject({ ok: false, error: { code, word } });
  });

  test('a number without a unit takes the unit of the job', () => {
    expect(parseLength('8', 'mm')).toEqual({ ok: true, value: 0.008 });
  });
});

describe('formatLength', () => {
  test.each([
    [1.0795, 'in-gal', '42-1/2 in'],
    [0.0381, 'in-gal', '1-1/2 in'],
    [0, 'in-gal', '0 in'],
    [18.288, 'in-gal', '60 ft'],
    [4.2164, 'in-gal', '13 ft 10 in'],
    [1.0795, 'mm-l', '1080 mm'],
    [12.5, 'mm-l', '12.50 m'],
  ] as const)('%d m in %s is %s', (metres, measures, text) => expect(formatLength(metres, measures)).toBe(text));

  test('what it writes is read back to the sixteenth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), (sixteenths) => {
        const metres = (sixteenths / 16) * 0.0254;
        const back = parseLength(formatLength(metres, 'in-gal'), 'in');
        expect(back.ok && Math.abs(back.value - metres) < 1e-9).toBe(true);
      }),
    );
  });

  test('refuses what is no number', () => expect(() => formatLength(Number.NaN, 'mm-l')).toThrow(RangeError));
});

test('stock lengths read as they are sold', () => {
  expect(formatStockLength(3.048, 'in-gal')).toBe('10 ft');
  expect(formatStockLength(6, 'mm-l')).toBe('6 m');
  expect(formatStockLength(1, 'in-gal')).toBe('39-3/8 in');
});

test('a figure carries over to the next whole inch', () => expect(inchFigure(7.99)).toBe('8'));
