import { expect, test } from 'vitest';
import { contextOf } from '../derived/context';
import { shippedCatalogue } from '../fittings/catalogue';
import { OVERFLOW, type SampleHole, TOP_INLET, tankWith } from '../test/sample-jobs';
import { sideOverflowM3s } from './free-flow';
import { inflowM3s, overflowM3s, stormLevelM } from './overflow';

const GRATE: SampleHole = { ...TOP_INLET, id: 'g', size: '4', aroundM: 0.4, parts: [{ code: 'WDG-400' }] };

function levelOf(roofM2: number, ...holes: readonly SampleHole[]) {
  const context = contextOf(tankWith({ ...(roofM2 > 0 && { roofM2 }), holes }), shippedCatalogue);
  const [tank] = context.job.tanks;
  if (!tank) throw new Error('no tank');
  return { levelM: stormLevelM(tank, context), inflow: inflowM3s([tank], context), context };
}

// The bore of 1-1/2 Schedule 40 is 40.89 mm (ASTM D1785): its lowest point lies at 800 - 20.4 mm.
const LOWEST_M = 0.8 - 0.04089 / 2;

test('where nothing comes the water stands at the lowest point of the overflow; without one nowhere', () => {
  expect(levelOf(0, OVERFLOW).levelM).toBeCloseTo(LOWEST_M, 4);
  expect(levelOf(20, TOP_INLET).levelM).toBeUndefined();
});

test('in a storm it stands as high as the overflow needs, and no higher than the brim', () => {
  const { levelM = 0, inflow } = levelOf(10, OVERFLOW, TOP_INLET);
  expect(inflow).toBeGreaterThan(0);
  expect(sideOverflowM3s(0.04089, levelM - LOWEST_M) / inflow).toBeCloseTo(1, 2);
  expect(levelOf(500, OVERFLOW, TOP_INLET).levelM).toBe(0.88);
});

// A grate in the lid lets surplus out once the water comes to it: below it takes nothing of what the overflow has to carry.
test('a grate in the lid does not lower the water that stands below it', () =>
  expect(levelOf(10, OVERFLOW, TOP_INLET, GRATE).levelM).toBeCloseTo(levelOf(10, OVERFLOW, TOP_INLET).levelM ?? 0, 9));

// 0.4 of an orifice: 0.6 A sqrt(2 g 0.05 m).
test('what a grate passes', () => {
  const { context } = levelOf(10, GRATE);
  const [hole] = context.job.penetrations;
  const boreM = (shippedCatalogue.byCode.get('WDG-400')?.boreMm ?? 0) / 1000;
  expect(hole && overflowM3s(hole, context)).toBeCloseTo(
    0.4 * 0.6 * (Math.PI / 4) * boreM ** 2 * Math.sqrt(2 * 9.80665 * 0.05),
    9,
  );
});
