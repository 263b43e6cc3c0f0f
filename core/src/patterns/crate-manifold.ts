import { bears, pallet, roof } from './figures';
import type { Step } from './find-part';
import { crateFilled, crateOutletValve, crateUp, placeAway } from './habits';
import { definePattern } from './pattern';

/** High enough that the hoses run by themselves, low enough that the gutter still fills it. */
export const crateManifold = definePattern({
  id: 'crate-manifold',
  name: 'Crate above the beds, by a diverter, on hose lines',
  says: 'A crate on a stand above the place of use that a diverter in the downpipe fills and stops by itself; hose lines from a manifold, each with its own valve.',
  figures: {
    standM: pallet(0.8, 0.2, 1.5),
    ratedKg: bears(1500, 'Its stand may carry'),
    hoseM: { kind: 'length', least: 2, most: 60, default: 15, words: 'hose', asked: 'Each hose line' },
    roofM2: roof(12, 200),
  },
  build(kit, { standM, ratedKg, hoseM, roofM2 }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const crate = crateUp(kit, standM, { base: 'stand', ratedKg });
    const [manifold] = kit.line(crateOutletValve(kit, crate), [{ part: 'Manifold, 2 hoses' }]);
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
    crateFilled(kit, crate, roofM2);
  },
});
