import { brim, diameter, houseLine, roof } from './figures';
import { overflowThroughSide, uprightTank, placeAway, rainThroughTop, threaded } from './habits';
import type { Step } from './find-part';
import { definePattern } from './pattern';

/** The suction lies under water and rises to the pump without a hump; behind it vessel, controller and filter on one rail. */
export const surfacePump = definePattern({
  id: 'surface-pump',
  name: 'Tank drawn by a surface pump',
  says: 'A pump on a pad beside the tank: valve and union on the suction, check valve, pressure vessel, controller that stops it dry, filter, and the line to the house.',
  figures: {
    diameterM: diameter(1.8),
    brimM: brim(1.8),
    houseM: houseLine(12),
    roofM2: roof(60, 500),
  },
  build(kit, { diameterM, brimM, houseM, roofM2 }) {
    kit.set({ sunPlan: 'painted', frostPlan: 'insulated' });
    const tank = uprightTank(kit, { diameterM, brimM });
    const suction = kit.opening({
      tank: tank.id,
      name: 'Suction',
      roles: ['pump-line'],
      size: '1-1/4',
      face: 'side',
      heightM: 0.13,
      seals: ['bulkhead'],
    });
    const pipe = { part: 'Pipe', boreMm: 35, held: true } as const;
    const steps: readonly Step[] = [
      { part: 'Lever valve', boreMm: 35 },
      { part: 'Union', boreMm: 35 },
      { ...pipe, lengthM: 0.8 },
      { part: 'Union', which: threaded('1') },
      { part: 'Self-priming pump' },
      { part: 'Union', which: threaded('1') },
      { part: 'Spring check valve', boreMm: 27 },
      { part: 'Tee', boreMm: 27, points: 'up', which: threaded('1') },
      { part: 'Pump controller, dry-run protected' },
      { part: 'Screen filter', boreMm: 27 },
      { part: 'Lever valve', boreMm: 27 },
      { part: 'Pipe', boreMm: 27, lengthM: houseM, held: true },
    ];
    const house = placeAway(kit, { id: 'house', name: 'house', kind: 'fixture' }, houseM, -0.3);
    const line = kit.line(suction.out, steps, house);
    const vessel = line[7];
    if (vessel) kit.line(vessel.end('branch'), [{ part: 'Pressure vessel', boreMm: 27, held: true }]);
    const size = kit.by({ US: '4', UK: '110', EU: '110', ANZ: '90' } as const);
    overflowThroughSide(kit, tank, size);
    rainThroughTop(kit, tank, { areaM2: roofM2, gutterM: tank.heightM + 1.3 }, size);
  },
});
