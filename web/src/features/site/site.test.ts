import { emptyJob, newMark, newRoof, ternPoint } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { CLIMATES, DURATIONS_MIN, standInRain } from '@/server/rainfall';
import { fallWords } from './falls-section';
import { readLaserLine, standInLaser } from './laser';
import { referencesFor } from './reading-form';
import { heightWords, refName } from './site-words';

describe('the stand-in laser level', () => {
  const presses = (count: number) => {
    let seed = 0.37;
    const laser = standInLaser(1.264, () => (seed = (seed * 9301 + 0.49297) % 1));
    return Array.from({ length: count }, () => readLaserLine(laser.press())!);
  };
  test('scatters round what is true, and now and then blunders by a hand', () => {
    const read = presses(400);
    const near = read.filter((value) => Math.abs(value - 1.264) < 0.01);
    expect(near.length).toBeGreaterThan(280);
    expect(near.length).toBeLessThan(400);
    expect(near.reduce((sum, value) => sum + value, 0) / near.length).toBeCloseTo(1.264, 2);
  });
  test('sends lines as a real one would, and what is no line is not taken', () => {
    expect(readLaserLine('1.264 m')).toBe(1.264);
    expect(readLaserLine('4 ft 2 in')).toBeCloseTo(1.27, 9);
    expect(readLaserLine('LOW BATT')).toBeUndefined();
  });
});

describe('words of heights', () => {
  test('from the base of the first tank, up or below', () => {
    expect(heightWords(1.4, 0.4, 'mm-l')).toBe('1000 mm up');
    expect(heightWords(-0.6, 0.4, 'mm-l')).toBe('1000 mm below');
    expect(heightWords(0.4, 0.4, 'in-gal')).toBe('level with it');
  });
  test('falls as they are said on either side of the ocean', () => {
    expect(fallWords(0.01, 'mm-l')).toBe('1 in 100');
    expect(fallWords(1 / 96, 'in-gal')).toBe('0.13 in to the foot');
    expect(fallWords(-0.02, 'mm-l')).toBe('backward 1 in 50');
    expect(fallWords(0, 'mm-l')).toBe('level');
  });
  test('what was read from what', () => {
    const job = ternPoint();
    expect(refName(job, { of: 'roof', id: 'boat-house' })).toBe('gutter of boat house');
    expect(refName(job, { of: 'mark', id: 'gone' })).toBe('something that is gone');
  });
});

test('a height is never offered what hangs on it as its reference', () => {
  const job = {
    ...emptyJob('Chain', 'mm-l'),
    roofs: [newRoof({ id: 'r', name: 'roof', planAreaM2: 1 })],
    marks: [
      newMark({ id: 'a', name: 'a', readings: [{ from: { of: 'roof', id: 'r' }, by: 'tape', downM: 1 }] }),
      newMark({ id: 'b', name: 'b', readings: [{ from: { of: 'mark', id: 'a' }, by: 'tape', downM: 1 }] }),
    ],
  };
  const names = (of: Parameters<typeof referencesFor>[1]) => referencesFor(job, of).map((ref) => refName(job, ref));
  expect(names({ of: 'roof', id: 'r' })).toEqual(['ground at the tanks']);
  expect(names({ of: 'mark', id: 'b' })).toEqual(['ground at the tanks', 'a', 'gutter of roof']);
});

test('the stand-in rain: shorter is harder, and it says that it is made up', () => {
  for (const climate of CLIMATES) {
    const rains = DURATIONS_MIN.map((minutes) => standInRain(climate, minutes).mmPerH);
    expect(rains).toEqual(rains.toSorted((a, b) => b - a));
    expect(standInRain(climate, 10).standIn).toBe(true);
  }
});
