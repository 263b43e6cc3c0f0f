import { bears } from './figures';
import { overflowThroughSide, placeAway, threaded } from './habits';
import { definePattern } from './pattern';

/** Filled at a standpipe, emptied at the place: everything that is undone on the way is a cam coupling. */
export const trailerTank = definePattern({
  id: 'trailer-tank',
  name: 'Trailer tank on quick couplings',
  says: 'A lying tank on a trailer, filled through its top and drawn at its end by cam couplings with caps, for a hose that is carried along.',
  figures: {
    ratedKg: bears(1500, 'The trailer may carry'),
    hoseM: { kind: 'length', least: 1, most: 30, default: 6, words: 'hose', asked: 'Hose at the place' },
  },
  build(kit, { ratedKg, hoseM }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const tank = kit.tank('trailer', { ratedKg, dark: true, purposes: ['wash'] });
    const outlet = kit.port(tank.id, 'outlet', {
      end: kit.by({ US: '1-1/2 NPT F', else: '1-1/2 G F' }),
      name: 'Outlet',
      comesApart: true,
    });
    const place = placeAway(kit, { id: 'place', name: 'where it is emptied', kind: 'other' }, hoseM, 0);
    kit.line(
      outlet.out,
      [
        { part: 'Lever valve', boreMm: 41 },
        { part: 'Cam adapter', which: threaded('1-1/2') },
        { part: 'Cam coupler', boreMm: 41 },
        { part: 'Hose', boreMm: 38, lengthM: hoseM, slope: { by: 'rise', riseM: -tank.plinthM } },
      ],
      place,
    );
    const fill = kit.opening({
      tank: tank.id,
      name: 'Standpipe fill',
      roles: ['tanker-fill'],
      size: '2',
      face: 'top',
      seals: ['bulkhead'],
    });
    kit.line(fill.out, [{ part: 'Cam adapter', which: threaded('2') }, { part: 'Cam dust cap' }]);
    kit.opening({ tank: tank.id, name: 'Breather', roles: ['vent'], size: '3', face: 'top', seals: ['insect-screen'] });
    overflowThroughSide(kit, tank, kit.by({ US: '2', else: '50' }));
  },
});
