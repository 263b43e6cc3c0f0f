import { drain, groundWater, houseLine, roof } from './figures';
import { overflowToDaylight, placeAway, rainByDrain, threaded } from './habits';
import { definePattern } from './pattern';

/** Its drains go through the seals it comes with; what is drawn hangs from its top, under the riser. */
export const sunkenTank = definePattern({
  id: 'sunken-tank',
  name: 'Sunken moulded tank',
  says: 'A moulded tank in the ground with a riser: drain in through a settling box, overflow with a flap to daylight, a pump that hangs under its top, vent and cord.',
  figures: {
    coverM: { kind: 'length', least: 0.3, most: 0.55, default: 0.5, words: 'cover', asked: 'Ground over its top' },
    groundWaterM: groundWater(4),
    drainM: drain(4),
    houseM: houseLine(12),
    roofM2: roof(60, 500),
  },
  build(kit, { coverM, groundWaterM, drainM, houseM, roofM2 }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'insulated', groundWaterM });
    const tank = kit.tank('buried', {
      buriedM: 1.6 + coverM,
      riser: { heightM: coverM + 0.1, widthM: 0.6 },
      filledAsBuried: true,
      purposes: ['garden', 'toilets'],
    });
    const end = kit.by({ US: '4 IPS gasket', UK: '110 SOIL gasket', EU: '110 SOIL gasket', ANZ: '100 ANZ-DWV gasket' });
    rainByDrain(kit, kit.port(tank.id, 'inlet-seal', { end }), { areaM2: roofM2, gutterM: 2.6 }, drainM, 0.8);
    overflowToDaylight(kit, kit.port(tank.id, 'outlet-seal', { end }));
    const supply = kit.opening({
      tank: tank.id,
      name: 'Supply',
      roles: ['pump-line'],
      size: '1',
      face: 'top',
      aroundM: 1.35,
      depthM: 0.87,
      seals: ['bulkhead'],
    });
    kit.line(supply.inside(), [
      { part: 'Male adapter', which: threaded('1') },
      { part: 'Pipe', boreMm: 27, lengthM: 0.9 },
      { part: 'Submersible pump' },
    ]);
    kit.line(
      supply.out,
      [
        { part: 'Union', which: threaded('1') },
        { part: 'Spring check valve', which: threaded('1') },
        { part: 'Elbow', which: threaded('1'), points: 'out' },
        { part: 'Polyethylene pipe', boreMm: 26, lengthM: houseM },
      ],
      placeAway(kit, { id: 'house', name: 'house', kind: 'fixture' }, houseM, 0.3),
    );
    kit.opening({
      tank: tank.id,
      name: 'Cord of the pump',
      roles: ['cord-entry'],
      size: '3/4',
      face: 'top',
      aroundM: 2.2,
      depthM: 0.87,
      seals: ['cable-gland'],
    });
    const vent = kit.opening({
      tank: tank.id,
      name: 'Vent',
      roles: ['vent'],
      size: kit.by({ US: '2', else: '50' }),
      face: 'top',
      seals: ['gasket'],
    });
    kit.line(vent.out, [
      { part: 'Pipe', lengthM: coverM + 0.4, lengthKind: 'left-long', trimAt: 'backfill' },
      { part: 'Vent cowl' },
    ]);
  },
});
