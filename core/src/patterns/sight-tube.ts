import { brim, diameter } from './figures';
import { threaded, uprightTank } from './habits';
import { definePattern } from './pattern';

/** The tank, its valve and its union stand: behind the union the tee goes in, with the valve and the tube on it. */
export const sightTube = definePattern({
  id: 'sight-tube',
  name: 'Sight tube with its own tap on a line that stands',
  says: 'A clear upright tube on the outlet of a tank that stands, behind a valve and a union of its own, open at its top under a loose cap.',
  figures: {
    brimM: brim(1.1),
    diameterM: diameter(1.17),
    outletM: { kind: 'length', least: 0.12, most: 0.3, default: 0.2, words: 'outlet', asked: 'Outlet above its base' },
  },
  build(kit, { brimM, diameterM, outletM }) {
    kit.set({ sunPlan: 'painted', frostPlan: 'drained' });
    const tank = uprightTank(kit, { diameterM, brimM }, { stands: true });
    const outlet = kit.opening({
      tank: tank.id,
      name: 'Outlet',
      roles: ['draw-off', 'sight-tube'],
      size: '1',
      heightM: outletM,
      seals: ['bulkhead'],
      stands: true,
    });
    const [, , tee] = kit.line(outlet.out, [
      { part: 'Lever valve', boreMm: 27, existing: true },
      { part: 'Union', boreMm: 27, existing: true },
      { part: 'Reducing tee', boreMm: 27, points: 'up' },
      { part: 'Hose tap', which: threaded('3/4') },
    ]);
    if (!tee) return;
    kit.line(tee.end('branch'), [
      { part: 'Lever valve', boreMm: 16 },
      { part: 'Union', boreMm: 16 },
      { part: 'Clear pipe', boreMm: 16, lengthM: brimM - outletM, held: true },
      { part: 'Vented cap' },
    ]);
  },
});
