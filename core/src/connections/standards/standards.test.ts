import { describe, expect, test } from 'vitest';
import { HOSE_SIZES } from './hose';
import { npt } from './npt';
import { PIPE_SERIES } from './pipes';
import { THREAD_STANDARDS } from './threads';
import { WALL_SEALS } from './wall-seals';

// ASME B1.20.1 table 2, basic dimensions in inches: E0, E1, L2 (recalled; the formulae give them to the last digit printed).
describe('NPT against the printed columns of ASME B1.20.1', () => {
  test.each([
    ['1/2', 0.75843, 0.77843, 0.5337],
    ['3/4', 0.96768, 0.98887, 0.5457],
    ['1', 1.21363, 1.23863, 0.6828],
    ['1-1/4', 1.55713, 1.58338, 0.7068],
    ['1-1/2', 1.79609, 1.82234, 0.7235],
    ['2', 2.26902, 2.29627, 0.7565],
    ['2-1/2', 2.71953, 2.76216, 1.1375],
    ['3', 3.34062, 3.3885, 1.2],
  ] as const)('%s', (size, smallEnd, gaugePlane, effectiveLength) => {
    const male = npt.form(size, 'male');
    const female = npt.form(size, 'female');
    expect(male.pitchDiameterMm / 25.4).toBeCloseTo(smallEnd, 4);
    expect(female.pitchDiameterMm / 25.4).toBeCloseTo(gaugePlane, 4);
    expect(male.usableLengthMm / 25.4).toBeCloseTo(effectiveLength, 3);
  });

  test('an unknown size is a bug of the caller', () => expect(() => npt.form('5/8', 'male')).toThrow(RangeError));
});

test('every thread standard: sizes rise, crest and root on the right sides, a source', () => {
  for (const standard of THREAD_STANDARDS) {
    expect(standard.source.document).not.toBe('');
    let last = 0;
    for (const size of standard.sizes) {
      const male = standard.form(size, 'male');
      const female = standard.form(size, 'female');
      expect(male.crestMm).toBeGreaterThan(last);
      expect(male.crestMm).toBeGreaterThan(male.rootMm);
      expect(female.crestMm).toBeLessThan(female.rootMm);
      expect(25.4 / male.pitchMm).toBeCloseTo(standard.threadsPerInch(size), 9);
      last = male.crestMm;
    }
  }
});

test('every pipe series: a socket takes its own pipe and jams before its foot', () => {
  for (const { sizes } of PIPE_SERIES)
    for (const row of sizes) {
      expect(row.socketMouthMm).toBeGreaterThan(row.outsideMm);
      expect(row.socketBottomMm).toBeLessThan(row.outsideMm);
      expect(row.boreMm).toBeLessThan(row.outsideMm);
    }
});

// ASTM D1785: 3/4 in pipe is 1.050 in outside, 1-1/2 in is 1.900, 2 in is 2.375.
test('pipe outside diameters are iron pipe sizes', () => {
  const outside = new Map((PIPE_SERIES[0]?.sizes ?? []).map((row) => [row.size, row.outsideMm]));
  expect(outside.get('3/4')).toBeCloseTo(26.67, 6);
  expect(outside.get('1-1/2')).toBeCloseTo(48.26, 6);
  expect(outside.get('2')).toBeCloseTo(60.325, 6);
});

test('hose barbs are larger than the bore they are for, and clamps grow with them', () => {
  for (const row of HOSE_SIZES) expect(row.barbCrestMm[0]).toBeGreaterThan(row.boreMm);
  expect(HOSE_SIZES.map(({ clampNumber }) => clampNumber)).toEqual(
    HOSE_SIZES.map(({ clampNumber }) => clampNumber).toSorted((a, b) => a - b),
  );
});

test('wall seals: the usual hole is in its range and smaller than what covers it', () => {
  for (const rows of Object.values(WALL_SEALS))
    for (const row of rows) {
      expect(row.typicalHoleMm).toBeGreaterThanOrEqual(row.holeMm[0]);
      expect(row.typicalHoleMm).toBeLessThanOrEqual(row.holeMm[1]);
      expect(row.flangeMm).toBeGreaterThan(row.typicalHoleMm);
    }
});
