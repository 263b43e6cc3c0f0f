import {
  airThroughTop,
  both,
  hoseTo,
  overflowThroughSide,
  placeAway,
  rainByDiverter,
  smallDrainSize,
  threaded,
} from './habits';
import type { Step } from './find-part';
import { definePattern } from './pattern';

/** The outlet thread is what the counter of each region takes crates for; whoever holds another says so at Holes. */
export const crateOutlet = definePattern({
  id: 'crate-outlet',
  name: 'Caged crate, drawn at its outlet valve',
  says: 'A crate on blocks, its outlet valve in place: a second valve, a hose tap and a hose to a bed; rain in at the top, overflow and air.',
  figures: {
    standM: { kind: 'length', least: 0, most: 1, default: 0.4, words: 'stand', asked: 'Its pallet stands up' },
    hoseM: { kind: 'length', least: 1, most: 60, default: 10, words: 'hose', asked: 'Hose to the bed' },
    roofM2: { kind: 'area', above: 0, most: 200, default: 12, words: 'roof', asked: 'Roof that falls into it' },
  },
  build: (kit, { standM, hoseM, roofM2 }) => {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const crate = kit.tank(kit.by({ US: 'crate-us', UK: 'crate-eu', EU: 'crate-eu', ANZ: 'crate-eu' }), {
      base: 'blocks',
      plinthM: 0.135 + standM,
      dark: true,
      purposes: ['garden'],
    });
    const outlet = kit.port(crate.id, 'outlet', {
      end: kit.by({ US: '2 NPT M', UK: 'S60x6 M', EU: 'S60x6 M', ANZ: '2 G M' }),
      name: 'Outlet valve',
    });
    const bed = placeAway(kit, { id: 'bed', name: 'bed', kind: 'hose-bay' }, hoseM, 0.3);
    const line = kit.line(outlet.out, [
      ...kit.by<readonly Step[]>({
        US: [
          { part: 'Coupling', which: threaded('2') },
          { part: 'Hex bushing', which: both('2', '3/4') },
        ],
        UK: [{ part: 'Container adapter', which: threaded('3/4', 'male') }],
        EU: [{ part: 'Container adapter', which: threaded('3/4', 'male') }],
        ANZ: [
          { part: 'Swivel adapter', which: threaded('2') },
          { part: 'Reducing coupling', which: both('2', '1') },
        ],
      }),
      { part: 'Lever valve', which: threaded('3/4') },
    ]);
    const valve = line.at(-1);
    if (valve) hoseTo(kit, valve.on, bed, hoseM, crate.plinthM + 0.4);
    const overflow = overflowThroughSide(kit, crate, smallDrainSize(kit));
    airThroughTop(kit, crate);
    rainByDiverter(kit, crate, overflow, { areaM2: roofM2, gutterM: crate.plinthM + crate.heightM + 1 }, 2);
  },
});
