import { overflowThroughSide, uprightTank, rainThroughTop, threaded } from './habits';
import { definePattern } from './pattern';

/** The tank and its line stand; the tee, the valve and the tube are cut in. */
export const sightTube = definePattern({
  id: 'sight-tube',
  name: 'Sight tube with its own tap on a line that stands',
  says: 'A clear upright tube on the outlet of a tank, behind a valve and a union of its own, open at its top under a loose cap.',
  figures: {
    brimM: {
      kind: 'length',
      least: 0.6,
      most: 2.5,
      default: 1.1,
      words: 'brim',
      asked: 'Brim of the tank above its base',
    },
    diameterM: { kind: 'length', least: 0.8, most: 3, default: 1.17, words: 'diameter', asked: 'Diameter of the tank' },
    outletM: { kind: 'length', least: 0.12, most: 0.3, default: 0.2, words: 'outlet', asked: 'Outlet above its base' },
  },
  build: (kit, { brimM, diameterM, outletM }) => {
    kit.set({ sunPlan: 'painted', frostPlan: 'drained' });
    const tank = uprightTank(kit, { diameterM, brimM });
    const outlet = kit.opening({
      tank: tank.id,
      name: 'Outlet',
      roles: ['draw-off', 'sight-tube'],
      size: '1',
      heightM: outletM,
      seals: ['bulkhead'],
    });
    const line = kit.line(outlet.out, [
      { part: 'Lever valve', boreMm: 27 },
      { part: 'Union', boreMm: 27 },
      { part: 'Reducing tee', boreMm: 27, points: 'up' },
      { part: 'Hose tap', which: threaded('3/4') },
    ]);
    const [, , tee, tap] = line;
    if (!tee || !tap) return;
    const highestM = brimM - outletM;
    kit.line(tee.end('branch'), [
      { part: 'Lever valve', boreMm: 16 },
      { part: 'Union', boreMm: 16 },
      { part: 'Clear pipe', boreMm: 16, lengthM: highestM, held: true },
      { part: 'Vented cap' },
    ]);
    overflowThroughSide(kit, tank, kit.by({ US: '3', UK: '110', EU: '75', ANZ: '90' }));
    rainThroughTop(
      kit,
      tank,
      { areaM2: 30, gutterM: tank.heightM + 1.3 },
      kit.by({ US: '3', UK: '110', EU: '75', ANZ: '90' }),
    );
  },
});
