import { contextOf, emptyJob, shippedCatalogue } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { crateOverflow, fourDrums } from '../../../../core/src/test/layouts';
import { SITE_PLAN, letterOf, scaleStepM, sitePlan } from './site-plan';

describe('the plan of four drums in a row', () => {
  const plan = sitePlan(contextOf(fourDrums(), shippedCatalogue));

  test('distances are to one scale, and up the plan is up the sheet', () => {
    const [first, second] = plan.tanks;
    expect((second?.at.x ?? 0) - (first?.at.x ?? 0)).toBeCloseTo(0.65 * plan.pxPerM, 6);
    expect(first?.radiusPx).toBeCloseTo(0.3 * plan.pxPerM, 6);
    // The outlets look down the plan.
    expect(first?.openings[0]?.at.y).toBeCloseTo((first?.at.y ?? 0) + 0.3 * plan.pxPerM, 3);
  });

  test('everything is on the sheet', () => {
    for (const { x, y } of [...plan.tanks, ...plan.marks, ...plan.places].map(({ at }) => at)) {
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(SITE_PLAN.width);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(SITE_PLAN.height);
    }
  });

  test('a line that several drums share is drawn once', () => {
    const ids = plan.lines.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toContain('B3');
  });

  test('a point of the sheet is the place that is drawn there', () => {
    const place = plan.point(plan.dot({ x: 1.2, y: -0.7 }));
    expect([place.x, place.y]).toEqual([expect.closeTo(1.2, 9), expect.closeTo(-0.7, 9)]);
  });
});

test('a crate is drawn by its corners, turned as it stands', () => {
  const job = crateOverflow();
  const turned = {
    ...job,
    tanks: job.tanks.map((tank) => ({ ...tank, turned: { by: 'degrees', degrees: 90 } as const })),
  };
  const [crate] = sitePlan(contextOf(turned, shippedCatalogue)).tanks;
  const xs = crate!.corners.map(({ x }) => x);
  const ys = crate!.corners.map(({ y }) => y);
  // Turned by a quarter it is as wide as it was deep: 1.0 to 1.2.
  expect((Math.max(...xs) - Math.min(...xs)) / (Math.max(...ys) - Math.min(...ys))).toBeCloseTo(1 / 1.2, 6);
});

test('an empty job has a plan with nothing on it', () => {
  const plan = sitePlan(contextOf(emptyJob('Empty', 'mm-l'), shippedCatalogue));
  expect([plan.tanks, plan.marks, plan.lines, plan.unplaced]).toEqual([[], [], [], []]);
});

test.each([
  [100, 220, 2],
  [50, 220, 2],
  [44, 220, 5],
  [23, 220, 5],
  [400, 220, 0.5],
])('at %d px a metre in %d px the scale shows %d m', (pxPerM, room, metres) =>
  expect(scaleStepM(pxPerM, 'mm-l', room)).toBeCloseTo(metres, 9),
);

// 220 px at 20 px a metre have room for 36 ft.
test('and in feet where the job is in feet', () => expect(scaleStepM(20, 'in-gal')).toBeCloseTo(20 * 0.3048, 9));

test('references have letters', () => expect([0, 1, 25].map(letterOf)).toEqual(['A', 'B', 'Z']));
