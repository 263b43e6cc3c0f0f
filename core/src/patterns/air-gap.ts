import { roof } from './figures';
import { overflowThroughSide, placeAway, rainThroughTop, supplyInto, hoseTo } from './habits';
import { definePattern } from './pattern';

/** The mains end in the open over a tundish: between them there is air, whatever happens below. */
export const airGap = definePattern({
  id: 'air-gap',
  name: 'Mains or bore top-up through an air gap',
  says: 'A rain tank that a supply tops up when it runs low, through a tundish with an air gap over it; overflow for rain and supply together.',
  figures: {
    gapM: {
      kind: 'length',
      least: 0.025,
      most: 0.3,
      default: 0.06,
      words: 'air gap',
      asked: 'Air gap over the spill level',
    },
    boreM: { kind: 'length', above: 0.005, most: 0.05, default: 0.02, words: 'supply', asked: 'Bore of the supply' },
    rateM3s: { kind: 'flow', above: 0, most: 0.002, default: 0.0003, words: 'supply', asked: 'The supply brings' },
    roofM2: roof(40, 500),
  },
  build(kit, { gapM, boreM, rateM3s, roofM2 }) {
    kit.set({ sunPlan: 'painted', frostPlan: 'drained' });
    const tank = kit.tank('vertical-round', { base: 'slab', plinthM: 0.3, purposes: ['garden'] });
    const tundish = kit.opening({
      tank: tank.id,
      name: 'Tundish of the top-up',
      roles: ['inlet'],
      size: '4',
      face: 'top',
      seals: ['drop-grate'],
    });
    supplyInto(kit, tundish, { kind: 'mains', rateM3s, airGapM: gapM, boreM });
    const outlet = kit.opening({
      tank: tank.id,
      name: 'Outlet',
      roles: ['draw-off'],
      size: '1',
      heightM: 0.2,
      seals: ['bulkhead'],
    });
    const bed = placeAway(kit, { id: 'bed', name: 'bed', kind: 'hose-bay' }, 10, 0.2);
    const [valve] = kit.line(outlet.out, [{ part: 'Lever valve', boreMm: 27 }]);
    if (valve) hoseTo(kit, valve.on, bed, 10, 0.7);
    const size = kit.by({ US: '4', UK: '110', EU: '110', ANZ: '90' } as const);
    overflowThroughSide(kit, tank, size);
    rainThroughTop(kit, tank, { areaM2: roofM2, gutterM: tank.heightM + 1.5 }, size);
  },
});
