import { brim, diameter, houseLine, roof } from './figures';
import {
  cutToGutter,
  ofDownpipe,
  overflowThroughSide,
  uprightTank,
  placeAway,
  roofInto,
  supplyPipe,
  threaded,
} from './habits';
import { definePattern } from './pattern';

/** The first water off the roof waits in a chamber and drains away; the pump stands dry beside the tank, with a nut on either side. */
export const pumpHousing = definePattern({
  id: 'pump-housing',
  name: 'Moulded tank with first flush, sand filter, pump housing',
  says: 'Rain by a first flush and a sand filter into a moulded tank; a pump in a dry housing beside it, a union on either side of it.',
  figures: {
    diameterM: diameter(1.8),
    brimM: brim(1.8),
    roofM2: roof(50, 500),
    houseM: houseLine(12),
  },
  build(kit, { diameterM, brimM, roofM2, houseM }) {
    kit.set({ sunPlan: 'painted', frostPlan: 'drained' });
    const tank = uprightTank(kit, { diameterM, brimM });
    const housing = kit.tank('own-cylinder', {
      diameterM: 0.9,
      baseDiameterM: 0.9,
      brimM: 0.75,
      heightM: 0.8,
      accessM: 0.8,
      wallM: 0.008,
      dark: true,
    });
    const size = kit.by({ US: '3', UK: '110', EU: '110', ANZ: '90' } as const);
    const drain = { part: 'Pipe', boreMm: 103.5, held: true } as const;
    const inlet = kit.opening({ tank: tank.id, name: 'Inlet', roles: ['inlet'], size, face: 'top', seals: ['gasket'] });
    const line = kit.line(inlet.out, [
      { ...drain, lengthM: 0.3 },
      { part: 'Elbow', points: 'left' },
      { ...drain, lengthM: 0.5 },
      { part: 'Sand filter', held: true },
      { ...drain, lengthM: 0.3 },
      { part: 'Elbow', points: 'up' },
      { ...drain, lengthM: 0.3 },
      { part: 'Downpipe adapter', which: ofDownpipe(kit.by({ US: '3', UK: '68', EU: '100', ANZ: '90' })) },
      { part: 'First flush with chamber', held: true },
      { part: 'Downpipe', lengthM: 1, held: true },
      { part: 'Leaf head with mesh' },
    ]);
    roofInto(kit, inlet, { areaM2: roofM2, gutterM: tank.heightM + 3 });
    cutToGutter(kit, inlet, line[9]);
    overflowThroughSide(kit, tank, size);
    const hole = (id: string, name: string, heightM: number) =>
      kit.opening({ tank: id, name, roles: ['pump-line'], size: '1-1/4', face: 'side', heightM, seals: ['bulkhead'] });
    const outlet = hole(tank.id, 'Suction', 0.2);
    const into = hole(housing.id, 'Suction into the housing', 0.3);
    const out = hole(housing.id, 'Line out of the housing', 0.3);
    kit.line(
      outlet.out,
      [
        { part: 'Lever valve', boreMm: 35 },
        { part: 'Union', boreMm: 35 },
        { part: 'Pipe', boreMm: 35, lengthM: 0.8 },
      ],
      into.out,
    );
    kit.line(
      into.inside(),
      [
        { part: 'Union', which: threaded('1') },
        { part: 'Self-priming pump' },
        { part: 'Union', which: threaded('1') },
        { part: 'Lever valve', which: threaded('1') },
      ],
      out.inside(),
    );
    kit.line(
      out.out,
      [
        { part: 'Spring check valve', which: threaded('1') },
        { part: supplyPipe(kit), boreMm: 26, lengthM: houseM, slope: { by: 'rise', riseM: -0.6 } },
      ],
      placeAway(kit, { id: 'house', name: 'house', kind: 'fixture' }, houseM, 0.3),
    );
    kit.opening({
      tank: housing.id,
      name: 'Cord of the pump',
      roles: ['cord-entry'],
      size: '3/4',
      face: 'side',
      heightM: 0.6,
      seals: ['cable-gland'],
    });
  },
});
