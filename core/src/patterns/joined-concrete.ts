import { drain, groundWater, roof } from './figures';
import type { Step } from './find-part';
import {
  buriedConcrete,
  concreteInlet,
  concreteOverflow,
  overflowToDaylight,
  rainByDrain,
  supplyPipe,
  threaded,
} from './habits';
import { definePattern } from './pattern';

/** One line in the trench joins them; what is drawn tees off it and comes up beside. */
export const joinedConcrete = definePattern({
  id: 'joined-concrete',
  name: 'Concrete tanks joined underground',
  says: 'Two precast tanks in the ground on one buried line, with a branch up to a pump coupling and a riser with a tap; rain into the first, overflow out of it.',
  figures: {
    apartM: { kind: 'length', least: 1.5, most: 20, default: 3, words: 'line', asked: 'Line from tank to tank' },
    groundWaterM: groundWater(5),
    roofM2: roof(120, 1000),
    drainM: drain(5),
  },
  build(kit, { apartM, groundWaterM, roofM2, drainM }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained', groundWaterM });
    const tanks = [1, 2].map(() => buriedConcrete(kit, ['garden']));
    const [first, second] = tanks;
    if (!first || !second) return;
    const [a, b] = tanks.map(({ id }, index) =>
      kit.opening({
        tank: id,
        name: 'Link',
        roles: index === 0 ? ['link', 'draw-off'] : ['link'],
        size: kit.by({ US: '2', else: '63' }),
        heightM: 0.4,
        seals: ['link-seal'],
      }),
    );
    if (!a || !b) return;
    const pipe: Step = { part: supplyPipe(kit), boreMm: 51 };
    const tee: Step = { part: 'Tee with threaded branch', boreMm: 51, points: 'up' };
    const link = kit.line(
      a.out,
      [{ ...pipe, lengthM: 0.6 }, tee, { ...pipe, lengthM: apartM - 1.2 }, tee, { ...pipe, lengthM: 0.6 }],
      b.out,
    );
    const up: Step = { part: supplyPipe(kit), boreMm: 40, lengthM: 1.8 };
    const [, pump, , riser] = link;
    if (!pump || !riser) return;
    kit.line(pump.end('branch'), [
      up,
      { part: 'Lever valve', boreMm: 41 },
      { part: 'Cam adapter', boreMm: 41 },
      { part: 'Cam dust cap' },
    ]);
    kit.line(riser.end('branch'), [
      { ...up, boreMm: 27 },
      { part: 'Lever valve', boreMm: 27 },
      { part: 'Hose tap', which: threaded('3/4') },
    ]);
    overflowToDaylight(kit, concreteOverflow(kit, first));
    rainByDrain(kit, concreteInlet(kit, first), { areaM2: roofM2, gutterM: 3 }, drainM, 0.5);
  },
});
