import { fourDrums } from '../test/layouts';
import { contextInSpace } from '../plan/context-in-space';
import { expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from '../derived/context';
import { tankWith } from '../test/sample-jobs';
import { centreToCentre } from './centre-to-centre';

const between = (
  parts: Parameters<typeof tankWith>[0] extends { readonly holes?: readonly (infer H)[] } ? H : never,
) => {
  const job = tankWith({ holes: [parts] });
  const pipe = job.parts.find(({ lengthM }) => lengthM !== null);
  return centreToCentre(pipe?.id ?? '', contextOf(job, shippedCatalogue));
};

/** Socket depth of a 1-1/2 in Schedule 40 fitting (ASTM D2466, least): 1.09 in, 27.7 mm. */
const DEPTH_M = 0.0277;

test('from a gasket to the middle of an elbow: half the elbow more, its socket less', () => {
  const run = between({
    size: '1-1/2',
    heightM: 0.5,
    parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.6 }, { code: 'ES-150', points: 'up' }],
  });
  const elbow = shippedCatalogue.byCode.get('ES-150');
  const halfM = (elbow?.body ?? []).reduce((sum, { lengthMm }) => sum + lengthMm, 0) / 2000;
  const gasketM = run!.allowanceM - (halfM - DEPTH_M);
  expect(run?.from).toEqual({ of: 'face', name: 'Push-through gasket' });
  expect(run?.to).toEqual({ of: 'middle', name: elbow?.name });
  expect(run?.madeM).toBeCloseTo(0.6 + halfM - DEPTH_M + gasketM, 3);
  // What is in the gasket is taken off, and nothing is added for it.
  expect(gasketM).toBeLessThanOrEqual(0);
  // Dry, the pipe stands out of the one socket by a third to two thirds of its depth (ASTM D2855).
  expect(run?.dryM?.[0]).toBeCloseTo(run!.madeM + DEPTH_M / 3, 3);
  expect(run?.dryM?.[1]).toBeCloseTo(run!.madeM + (2 * DEPTH_M) / 3, 3);
});

test('a hose on its tails is measured from face to face, and is the same dry', () => {
  const run = between({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }] });
  expect(run).toMatchObject({ from: { of: 'face', name: 'Hose tail' }, to: { of: 'end', name: '' }, dryM: undefined });
  expect(run!.madeM).toBeLessThan(3);
});

test('a piece of no known length measures nothing', () =>
  expect(between({ parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM: null }] })).toBeUndefined());

test('on the branch of a tee it is measured from the middle of the tee: a drop of 250 mm, middle to middle', () => {
  // 221.4 mm of pipe and 14.29 mm at each end, 0.5625 in for a 3/4 in Schedule 40 socket (value from memory).
  const drop = centreToCentre('B1.2', contextInSpace(fourDrums(), shippedCatalogue));
  expect(drop?.madeM).toBeCloseTo(0.25, 4);
  expect(drop).toMatchObject({ from: { of: 'middle', name: 'Tee' }, to: { of: 'middle' } });
});
