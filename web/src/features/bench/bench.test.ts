// @vitest-environment jsdom
import { identifyThread, parseEnd, threadForm } from '@herrero/core';
import { beforeEach, describe, expect, test } from 'vitest';
import { NOTHING_READ, readingOf, useBench } from './bench-store';
import { STAND_IN_PARTS, middleOf, readCaliperLine, standInCaliper } from './which/caliper';

describe('a caliper', () => {
  test.each([
    ['26.48 mm', 26.48],
    ['26.48', 26.48],
    ['1.0425 in', 26.4795],
    ['1-1/32"', 26.194],
    ['26,5', 26.5],
  ])('%s is %d mm', (line, mm) => expect(readCaliperLine(line)).toBeCloseTo(mm, 2));
  test('in an inch field a bare number is inches', () => expect(readCaliperLine('1.043', 'in')).toBeCloseTo(26.492, 2));
  test('what is no length is not read', () => expect(readCaliperLine('wet')).toBeUndefined());
  test('the middle of readings', () => {
    expect(middleOf([26.5, 26.44, 26.9])).toBe(26.5);
    expect(middleOf([1, 2])).toBe(1.5);
  });

  /** A fixed run of numbers from 0 to 1, so that the test reads the same each time. */
  const steady = (): (() => number) => {
    let state = 7;
    return () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
  };
  test.each(STAND_IN_PARTS)('the stand-in reads $end with scatter, over the path a real one would use', ({ end }) => {
    const parsed = parseEnd(end);
    if (!parsed.ok || parsed.value.kind !== 'thread') throw new Error(end);
    const { acrossMm, pitchMm } = threadForm(parsed.value);
    const caliper = standInCaliper(end, 'thread', steady());
    const lines = Array.from({ length: 40 }, () => caliper.press());
    for (const line of lines) expect(line).toMatch(/^\d+\.\d\d mm$/);
    const readings = lines.map((line) => readCaliperLine(line) ?? 0);
    expect(new Set(readings).size).toBeGreaterThan(5);
    expect(middleOf(readings)).toBeGreaterThan(acrossMm[0] - 0.05);
    expect(middleOf(readings)).toBeLessThan(acrossMm[1] + 0.05);
    const found = identifyThread({ sex: parsed.value.sex, diameterMm: middleOf(readings), pitchMm });
    expect(found.ok && found.value.candidates[0]?.fit).not.toBe('does-not-fit');
  });
});

describe('what lies on the bench', () => {
  beforeEach(() => useBench.setState(useBench.getInitialState(), true));
  const bench = () => useBench.getState();

  test('numbers of ends never move', () => {
    bench().lay('3/4 NPT M');
    bench().lay('1 G F');
    bench().pickUp(1);
    bench().lay('2 NPS F');
    expect(bench().ends.map(({ number, end }) => `E${number} ${end}`)).toEqual(['E3 2 NPS F', 'E2 1 G F']);
  });
  test('a reading no thread can have leaves the last good one standing', () => {
    bench().read({ diameterMm: 26.5, crests: 10, overMm: 18.1 });
    bench().read({ diameterMm: 2.65 });
    expect(bench().reading.diameterMm).toBe(2.65);
    expect(bench().lastGood?.diameterMm).toBe(26.5);
    bench().clearReading();
    expect(bench()).toMatchObject({ reading: NOTHING_READ, lastGood: null });
  });
  test('what is not read narrows nothing; five readings give their own scatter', () => {
    expect(readingOf(NOTHING_READ, 'US')).toBeUndefined();
    const read = { ...NOTHING_READ, diameterMm: 26.5, crests: 10, overMm: 18 };
    expect(readingOf(read, 'US')).toMatchObject({ pitchMm: 1.8, runs: undefined, seat: undefined, region: 'US' });
    expect(readingOf({ ...read, taken: [26.4, 26.5, 26.5, 26.6, 26.7] }, null)?.scatterMm).toBeCloseTo(0.3, 9);
    expect(readingOf({ ...read, taken: [26.5, 26.5, 26.5, 26.5, 26.5] }, null)?.scatterMm).toBe(0.1);
  });
  test('a pair looked at twice, either way round, is remembered once', () => {
    bench().remember('1 R M', '1 Rp F');
    bench().remember('1 Rp F', '1 R M');
    for (const size of ['1/2', '3/4', '1', '2', '3']) bench().remember(`${size} NPT M`, `${size} NPT F`);
    expect(bench().checked).toHaveLength(5);
    expect(bench().checked[0]).toEqual(['3 NPT M', '3 NPT F']);
  });
  test('another pair forgets what the last one was made with', () => {
    bench().join({ madeWith: ['tape'] });
    bench().join({ a: '1 R M' });
    expect(bench().together.madeWith).toBeNull();
  });
});
