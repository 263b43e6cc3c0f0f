import { describe, expect, test } from 'vitest';
import { ternPoint } from '../../demo/tern-point';
import { shippedCatalogue } from '../../fittings/catalogue';
import { contextOf } from '../../derived/context';
import type { Job } from '../../job/job';
import { type SampleHole, tankWith } from '../../test/sample-jobs';
import { drillHoles } from './drilling';

const drilled = (job: Job, tankIndex = 0) => {
  const tank = job.tanks[tankIndex];
  if (!tank) throw new Error('no tank');
  return drillHoles(tank, contextOf(job, shippedCatalogue));
};
const one = (hole: SampleHole, given: Partial<Parameters<typeof tankWith>[0]> = {}) => {
  const [found] = drilled(tankWith({ ...given, holes: [hole] }));
  if (!found) throw new Error('nothing to drill');
  return found;
};

test('every hole of a tank that is drilled, top first; a moulded port is not', () =>
  expect(drilled(ternPoint(), 1).map(({ hole }) => hole.label)).toEqual(['P7', 'P6', 'P4', 'P6', 'P3']));

describe('a hole', () => {
  // The 3/4 bulkhead asks for 1-3/8 to 1-3/4 in, usually 1-5/8; its flange is (2 + 2.8) / 2 in across (from memory).
  test('has its saw, its flange, its range and its side', () => {
    const found = one({ parts: [{ code: 'BH-075' }] });
    expect(found.diameterM).toBeCloseTo(1.625 * 0.0254, 9);
    expect(found.saw).toEqual({ fit: 'fits', sawM: 1.625 * 0.0254 });
    expect(found.flangeM).toBeCloseTo(2.4 * 0.0254, 9);
    expect(found.side).toBe('nut outside');
    expect(found.steps.join(' ')).toContain('makers ask for 1-3/8 in to 1-3/4 in');
    expect(found.ruledOut).toBe(false);
  });

  // Metric set: 41 mm stands for 41.3. For a measured hole of 42.5 the nearest is 43: 0.5 off.
  test('in millimetres takes the metric set', () => {
    const found = one({ holeM: 0.0425, parts: [{ code: 'BH-075' }] }, { settings: { measures: 'mm-l' } });
    expect(found.saw).toEqual({ fit: 'fits', sawM: 0.043 });
    expect(found.height).toBe('120 mm');
  });

  test('without a saw near it is cut to the template, unless the seal allows the nearest', () => {
    // 78 mm lies between the saws of 76 and 79: 79 is near. 81 lies 2 mm from both 79 and 83, and a 2 in bulkhead takes 73 to 86.
    const metric = { type: 'own-box', settings: { measures: 'mm-l' } } as const;
    const bulkhead = { face: 'front', size: '2', heightM: 0.5, parts: [{ code: 'BH-200' }] } as const;
    expect(one({ ...bulkhead, holeM: 0.081 }, metric).saw).toMatchObject({ fit: 'allowed' });
    expect(one({ face: 'front', size: '2', heightM: 0.5, holeM: 0.2 }, metric).saw).toEqual({ fit: 'template' });
  });

  test('that nothing seals has no size yet, and says so', () => {
    const found = one({});
    expect(found).toMatchObject({ diameterM: undefined, saw: undefined, seal: 'not chosen yet' });
    expect(found.steps.join(' ')).toContain('nothing to cut');
  });

  test('in concrete is cored', () =>
    expect(one({ size: '3', heightM: 1, aroundM: 2, parts: [{ code: 'WLS-300' }] }, { type: 'concrete' }).saw).toEqual({
      fit: 'core',
    }));

  test('that the wall does not suit is ruled out, with its figures', () => {
    const found = one({ size: '3', heightM: 0.48, parts: [{ code: 'BH-300' }] });
    expect(found.ruledOut).toBe(true);
    expect(found.warnings.join(' ')).toContain('stands 3/8 in off');
  });

  test('on dark plastic is scribed, on a white crate marked; on a cord nobody goes in', () => {
    expect(one({ parts: [{ code: 'BH-075' }] }).steps.join(' ')).toContain('scribe');
    const crate = one({ face: 'front', heightM: 0.4, aroundM: 0.6, parts: [{ code: 'BH-075' }] }, { type: 'crate-us' });
    expect(crate.steps.join(' ')).not.toContain('scribe');
    expect(crate.steps.join(' ')).toContain('nobody goes into the tank');
  });

  test('in a top is measured from the rim', () => {
    const found = one({ face: 'top', heightM: 0.93, aroundM: 0.2, depthM: 0.3, parts: [{ code: 'BH-075' }] });
    expect(found).toMatchObject({ height: 'in the top', along: '7-7/8 in from the rim' });
  });
});
