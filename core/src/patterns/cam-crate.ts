import { pallet, roof } from './figures';
import { both, crateFilled, crateUp, threaded } from './habits';
import { definePattern } from './pattern';

/** Nothing is screwed on to the valve: the coupler is pulled shut on its grooves and comes off again by hand. */
export const camCrate = definePattern({
  id: 'cam-crate',
  name: 'Cam coupling on a crate',
  says: 'A crate whose valve ends in cam grooves: a coupler, its thread brought down to a tap, under it a block that bears it.',
  figures: {
    standM: pallet(0.4, 0.2, 1),
    roofM2: roof(12, 200),
  },
  build(kit, { standM, roofM2 }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const crate = crateUp(kit, standM, { base: 'blocks' });
    const outlet = kit.port(crate.id, 'outlet', { end: '2 cam adapter', name: 'Outlet valve' });
    kit.line(outlet.out, [
      { part: 'Cam coupler', which: threaded('2', 'female'), held: true },
      { part: 'Hex bushing', which: both('2', '1') },
      { part: 'Lever valve', boreMm: 27 },
      { part: 'Hose tap', which: threaded('3/4') },
    ]);
    crateFilled(kit, crate, roofM2);
  },
});
