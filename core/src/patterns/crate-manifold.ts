import {
  airThroughTop,
  both,
  overflowThroughSide,
  placeAway,
  rainByDiverter,
  smallDrainSize,
  threaded,
} from './habits';
import type { Step } from './find-part';
import { definePattern } from './pattern';

/** High enough that the hoses run by themselves, low enough that the gutter still fills it. */
export const crateManifold = definePattern({
  id: 'crate-manifold',
  name: 'Crate above the beds, by a diverter, on hose lines',
  says: 'A crate on a stand above the place of use that a diverter in the downpipe fills and stops by itself; hose lines from a manifold, each with its own valve.',
  figures: {
    standM: { kind: 'length', least: 0.2, most: 1.5, default: 0.8, words: 'stand', asked: 'Its pallet stands up' },
    hoseM: { kind: 'length', least: 2, most: 60, default: 15, words: 'hose', asked: 'Each hose line' },
    roofM2: { kind: 'area', above: 0, most: 200, default: 12, words: 'roof', asked: 'Roof over the diverter' },
  },
  build: (kit, { standM, hoseM, roofM2 }) => {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const crate = kit.tank(kit.by({ US: 'crate-us', UK: 'crate-eu', EU: 'crate-eu', ANZ: 'crate-eu' }), {
      base: 'stand',
      ratedKg: 1500,
      plinthM: 0.135 + standM,
      dark: true,
      purposes: ['garden'],
    });
    const outlet = kit.port(crate.id, 'outlet', {
      end: kit.by({ US: '2 NPT M', UK: 'S60x6 M', EU: 'S60x6 M', ANZ: '2 G M' }),
      name: 'Outlet valve',
    });
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
      { part: 'Manifold, 2 hoses' },
    ]);
    const manifold = line.at(-1);
    if (!manifold) return;
    const hose: readonly Step[] = [
      { part: 'Hose swivel' },
      { part: 'Hose', lengthM: hoseM, slope: { by: 'rise', riseM: -(crate.plinthM + 0.1) } },
    ];
    kit.line(manifold.on, hose, placeAway(kit, { id: 'bed-1', name: 'first bed', kind: 'hose-bay' }, hoseM, 0));
    kit.line(
      manifold.end('branch'),
      hose,
      placeAway(kit, { id: 'bed-2', name: 'second bed', kind: 'hose-bay' }, hoseM, 0),
    );
    const overflow = overflowThroughSide(kit, crate, smallDrainSize(kit));
    airThroughTop(kit, crate);
    rainByDiverter(kit, crate, overflow, { areaM2: roofM2, gutterM: crate.plinthM + crate.heightM + 1 }, 2);
  },
});
