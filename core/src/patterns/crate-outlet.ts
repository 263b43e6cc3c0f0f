import { hose, pallet, roof } from './figures';
import { crateFilled, crateOutletValve, crateUp, hoseTo, placeAway } from './habits';
import { definePattern } from './pattern';

/** The outlet thread is what the counter of each region takes crates for; whoever holds another says so at Holes. */
export const crateOutlet = definePattern({
  id: 'crate-outlet',
  name: 'Caged crate, drawn at its outlet valve',
  says: 'A crate on blocks, its outlet valve in place: a second valve, a hose tap and a hose to a bed; rain in at the top, overflow and air.',
  figures: {
    standM: pallet(0.4, 0, 1),
    hoseM: hose(10),
    roofM2: roof(12, 200),
  },
  build(kit, { standM, hoseM, roofM2 }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const crate = crateUp(kit, standM, { base: 'blocks' });
    const bed = placeAway(kit, { id: 'bed', name: 'bed', kind: 'hose-bay' }, hoseM, 0.3);
    hoseTo(kit, crateOutletValve(kit, crate), bed, hoseM, crate.plinthM + 0.4);
    crateFilled(kit, crate, roofM2);
  },
});
