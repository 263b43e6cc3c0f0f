import { type Job, contextOf, emptyJob, millRow, shippedCatalogue, ternPoint } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { FALL_LINE, fallLine, poleMarks } from './fall-line';

const lay = (job: Job) => fallLine(contextOf(job, shippedCatalogue));
const IN = 0.0254;

describe('the section of Tern Point', () => {
  const line = lay(ternPoint());

  test('heights are to one scale: what lies higher is drawn higher by as much', () => {
    const [roof] = line.roofs;
    const bay = line.places.find(({ place }) => place.id === 'bay')!;
    expect(line.y(bay.drawnM) - line.y(roof!.drawnM)).toBeCloseTo((114 + 50.125) * IN * line.pxPerM, 6);
    expect(line.datumM).toBeCloseTo(16 * IN, 9);
  });

  test('everything is on the sheet, and the ground falls from left to right', () => {
    for (const { x, drawnM } of line.places) {
      expect(x).toBeLessThan(FALL_LINE.width);
      expect(line.y(drawnM)).toBeLessThan(line.height);
      expect(line.y(drawnM)).toBeGreaterThan(0);
    }
    const grounds = line.places.map(({ groundM }) => groundM);
    expect(grounds).toEqual(grounds.toSorted((a, b) => b - a));
    expect(line.slopeX).toBeGreaterThan(line.tanks.at(-1)!.axis);
  });

  test('where an inlet begins is no place that water goes to', () =>
    expect(line.places.map(({ place }) => place.id)).not.toContain('downpipe'));

  test('the pole counts whole feet from the base of the first tank', () => {
    const marks = poleMarks(line, true);
    const nought = marks.find(({ figure }) => figure === '0')!;
    expect(nought.upM).toBeCloseTo(line.datumM, 9);
    const two = marks.find(({ figure }) => figure === '+2')!;
    expect(two.upM - nought.upM).toBeCloseTo(24 * IN, 9);
  });
});

test('a wide tank is narrowed, never out of its heights', () => {
  const line = lay(millRow());
  const [tank] = line.tanks;
  expect(tank!.narrowed).toBeLessThan(1);
  expect(line.y(tank!.baseM) - line.y(tank!.baseM + tank!.tank.heightM)).toBeCloseTo(
    tank!.tank.heightM * line.pxPerM,
    6,
  );
});

test('an empty job has a sheet with a pole', () => {
  const line = lay(emptyJob('New', 'mm-l'));
  expect(Number.isFinite(line.height)).toBe(true);
  expect(poleMarks(line, false).length).toBeGreaterThan(1);
});

test('how far off a place is, is known where it was said or both stand on the plan', () => {
  const job = ternPoint();
  const said = (distanceM: number | null): Job => ({
    ...job,
    terminals: job.terminals.map((place) => ({
      ...place,
      placed: distanceM === null ? null : ({ by: 'away', distanceM } as const),
    })),
  });
  expect(lay(said(null)).places.map(({ awayM }) => awayM)).not.toContain(9);
  expect(new Set(lay(said(9)).places.map(({ awayM }) => awayM))).toEqual(new Set([9]));
});

test('places stand as far from the tanks as they are, where that is known of all and they can be told apart', () => {
  const job = ternPoint();
  const offs = (distancesM: readonly (number | null)[]) =>
    lay({
      ...job,
      terminals: job.terminals.map((place, index) => {
        const distanceM = distancesM[index] ?? null;
        return { ...place, placed: distanceM === null ? null : ({ by: 'away', distanceM } as const) };
      }),
    });
  const line = offs(job.terminals.map((_, index) => 4 + 4 * index));
  expect(line.distancesTrue).toBe(true);
  // To one scale: equal steps on site are equal steps on the sheet, in the order of the distances.
  const [first, second] = line.places;
  const pxPerM = (second!.x - first!.x) / (second!.awayM! - first!.awayM!);
  for (const { x, awayM } of line.places) expect(x - first!.x).toBeCloseTo((awayM! - first!.awayM!) * pxPerM, 6);
  expect(Math.max(...line.places.map(({ x }) => x))).toBeLessThan(FALL_LINE.width);
  expect(offs(job.terminals.map(() => 9)).distancesTrue).toBe(false);
  const nearest = job.terminals.findIndex(({ id }) => id === first!.place.id);
  expect(offs(job.terminals.map((_, index) => (index === nearest ? null : 4 + 4 * index))).distancesTrue).toBe(false);
});

test('the foot of a downpipe is no place that water goes to, whether a line ends there yet or not', () => {
  const job = ternPoint();
  const [place] = job.terminals;
  if (!place) throw new Error('no place');
  const foot = { ...place, id: 'foot', name: 'foot', kind: 'downpipe' as const };
  expect(lay({ ...job, terminals: [...job.terminals, foot] }).places.map((one) => one.place.id)).not.toContain('foot');
});
