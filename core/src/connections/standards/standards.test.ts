import { describe, expect, test } from 'vitest';
import { HOSE_SYSTEMS } from './hose';
import { g } from './iso-228';
import { r, rc, rp } from './iso-7';
import { nh } from './nh';
import { nps, npsh, npsm } from './nps';
import { npt } from './npt';
import { PIPE_SERIES } from './pipes';
import { THREAD_STANDARDS } from './threads';
import { WALL_SEAL_STYLES } from './wall-seals';

// ASME B1.20.1 table 2, basic dimensions in inches: E0, E1, L2 (recalled; the formulae give them to the last digit printed).
describe('NPT against the printed columns of ASME B1.20.1', () => {
  test.each([
    ['1/8', 0.36351, 0.3736, 0.2639],
    ['1/4', 0.47739, 0.49163, 0.4018],
    ['3/8', 0.61201, 0.62701, 0.4078],
    ['1/2', 0.75843, 0.77843, 0.5337],
    ['3/4', 0.96768, 0.98887, 0.5457],
    ['1', 1.21363, 1.23863, 0.6828],
    ['1-1/4', 1.55713, 1.58338, 0.7068],
    ['1-1/2', 1.79609, 1.82234, 0.7235],
    ['2', 2.26902, 2.29627, 0.7565],
    ['2-1/2', 2.71953, 2.76216, 1.1375],
    ['3', 3.34062, 3.3885, 1.2],
    ['4', 4.33438, 4.38712, 1.3],
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
    for (const sex of standard.sexes) {
      let last = 0;
      for (const size of standard.sizes) {
        const form = standard.form(size, sex);
        expect(form.crestMm).toBeGreaterThan(last);
        expect(form.crestMm - form.rootMm > 0, `${size} ${standard.token} ${sex}`).toBe(sex === 'male');
        expect(25.4 / form.pitchMm).toBeCloseTo(standard.threadsPerInch(size), 9);
        // What a caliper may read, anywhere and at the first crest, holds the basic crest.
        for (const [least, most] of [form.acrossMm, form.firstCrestMm]) {
          expect(form.crestMm).toBeGreaterThanOrEqual(least - 1e-9);
          expect(form.crestMm).toBeLessThanOrEqual(most + 1e-9);
        }
        last = form.crestMm;
      }
    }
    for (const sex of ['male', 'female'] as const)
      if (!standard.sexes.includes(sex)) expect(() => standard.form('1', sex)).toThrow(RangeError);
  }
});

// ISO 7-1 table 1, mm: pitch diameter and minor diameter at the gauge plane (standard-table, recalled); d2 = d - h, d1 = d - 2h.
describe('ISO 7-1 and ISO 228-1 against their printed columns', () => {
  test.each([
    ['1/8', 9.147, 8.566, 28],
    ['1/4', 12.301, 11.445, 19],
    ['3/8', 15.806, 14.95, 19],
    ['1/2', 19.793, 18.631, 14],
    ['3/4', 25.279, 24.117, 14],
    ['1', 31.77, 30.291, 11],
    ['1-1/4', 40.431, 38.952, 11],
    ['1-1/2', 46.324, 44.845, 11],
    ['2', 58.135, 56.656, 11],
    ['2-1/2', 73.705, 72.226, 11],
    ['3', 86.405, 84.926, 11],
    ['4', 111.551, 110.072, 11],
  ] as const)('%s', (size, pitchDiameter, minor, threadsPerInch) => {
    for (const form of [rp.form(size, 'female'), rc.form(size, 'female'), g.form(size, 'female')]) {
      expect(form.pitchDiameterMm).toBeCloseTo(pitchDiameter, 2);
      expect(form.crestMm).toBeCloseTo(minor, 2);
      expect(form.pitchMm).toBeCloseTo(25.4 / threadsPerInch, 9);
    }
    expect(g.form(size, 'male').pitchDiameterMm).toBeCloseTo(pitchDiameter, 2);
  });

  test('the small end of R lies its gauge length before the gauge plane: 1 in, 10.4 mm at 1 in 16', () =>
    expect(r.form('1', 'male').pitchDiameterMm).toBeCloseTo(31.77 - 10.4 / 16, 2));
});

// ASME B1.20.7, 3/4-11.5NH in inches (standard-table, recalled): male 1.0625 over the crests at most, female 0.9595 across at least.
test('garden hose thread against its printed limits', () => {
  expect(nh.form('3/4', 'male').acrossMm[1]).toBeCloseTo(1.0625 * 25.4, 6);
  expect(nh.form('3/4', 'female').acrossMm[0]).toBeCloseTo(0.9595 * 25.4, 6);
});

// ASME B1.20.1: the pitch diameter of the straight series is E1 of NPT; the male lies at or under it, the female at or over it.
test('the straight American pipe threads lie about E1', () => {
  for (const standard of [npsm, npsh, nps])
    for (const size of standard.sizes) {
      const e1 = npt.form(size, 'female').pitchDiameterMm;
      expect(standard.form(size, 'male').pitchDiameterMm).toBeLessThan(e1);
      expect(standard.form(size, 'female').pitchDiameterMm).toBeGreaterThan(e1);
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

test('tails are larger than the bore they are for', () => {
  for (const { sizes } of HOSE_SYSTEMS)
    for (const row of sizes) {
      expect(row.barbCrestMm[0]).toBeGreaterThan(row.boreMm);
      expect(row.outsideOnBarbMm).toBeGreaterThan(row.barbCrestMm[1]);
    }
});

test('wall seals: the usual hole is in its range and smaller than what covers it', () => {
  for (const { sizes } of WALL_SEAL_STYLES)
    for (const row of sizes) {
      expect(row.typicalHoleMm).toBeGreaterThanOrEqual(row.holeMm[0]);
      expect(row.typicalHoleMm).toBeLessThanOrEqual(row.holeMm[1]);
      expect(row.flangeMm).toBeGreaterThan(row.typicalHoleMm);
    }
});
