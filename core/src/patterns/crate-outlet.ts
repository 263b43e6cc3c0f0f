import { crateFilled, crateOutletValve, crateUp, hoseTo, placeAway } from './habits';
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
    const crate = crateUp(kit, standM, { base: 'blocks' });
    const bed = placeAway(kit, { id: 'bed', name: 'bed', kind: 'hose-bay' }, hoseM, 0.3);
    hoseTo(kit, crateOutletValve(kit, crate), bed, hoseM, crate.plinthM + 0.4);
    crateFilled(kit, crate, roofM2);
  },
});
