import { newMark } from '../job/places';
import { hoseTo, overflowThroughSide, placeAway, threaded } from './habits';
import type { Step } from './find-part';
import { definePattern } from './pattern';

/** The store stands already; only its outlet is new. The float shuts under the overflow, which is there for the day it does not. */
export const slimByFloat = definePattern({
  id: 'slim-by-float',
  name: 'Slim tank filled by a float valve from a higher store',
  says: 'A slim tank on a wall that a float valve keeps full out of a store up the slope, through a long hose; its own overflow and tap.',
  figures: {
    riseM: { kind: 'length', least: 1, most: 12, default: 4, words: 'rise', asked: 'The store stands higher by' },
    hoseM: { kind: 'length', least: 12, most: 150, default: 18, words: 'hose', asked: 'Hose between them' },
  },
  build(kit, { riseM, hoseM }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    kit.edit({
      type: 'add-mark',
      mark: newMark({
        id: 'slope',
        name: 'ground at the store',
        kind: 'ground',
        readings: [{ from: { of: 'ground' }, by: 'laser', downM: -riseM }],
      }),
    });
    const store = kit.tank('vertical-round', { stands: true, groundId: 'slope', purposes: ['garden'] });
    const slim = kit.tank('slimline', { base: 'slab', plinthM: 0.1, purposes: ['garden'] });
    const outlet = kit.opening({
      tank: store.id,
      name: 'Outlet to the slim tank',
      roles: ['draw-off'],
      size: '3/4',
      heightM: 0.15,
      seals: ['bulkhead'],
    });
    const float = kit.opening({
      tank: slim.id,
      name: 'Float valve',
      roles: ['float-fill'],
      size: '3/4',
      heightM: 1.6,
      seals: ['tap-shank'],
    });
    kit.line(
      outlet.out,
      [
        { part: 'Lever valve', which: threaded('3/4') },
        { part: 'Y-strainer', which: threaded('3/4') },
        { part: 'Hose tail', which: threaded('3/4') },
        { part: 'Hose', lengthM: hoseM, slope: { by: 'rise', riseM: 1.6 + 0.1 - riseM - 0.15 } },
        kit.by<Step>({ US: { part: 'Hose swivel' }, else: { part: 'Hose tail with nut', which: threaded('3/4') } }),
      ],
      float.out,
    );
    const tap = kit.opening({
      tank: slim.id,
      name: 'Tap',
      roles: ['draw-off'],
      size: '3/4',
      heightM: 0.2,
      seals: ['bulkhead'],
    });
    const bed = placeAway(kit, { id: 'bed', name: 'bed', kind: 'hose-bay' }, 8, 0.2);
    const [valve] = kit.line(tap.out, [{ part: 'Lever valve', which: threaded('3/4') }]);
    if (valve) hoseTo(kit, valve.on, bed, 8, 0.5);
    overflowThroughSide(kit, slim, kit.by({ US: '2', else: '50' }));
  },
});
