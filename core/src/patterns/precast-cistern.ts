import { drain, groundWater, houseLine, roof } from './figures';
import {
  COMING_IN,
  DRAIN,
  buriedConcrete,
  concreteInlet,
  concreteOverflow,
  cutToGutter,
  overflowToDaylight,
  placeAway,
  roofInto,
  supplyPipe,
  threaded,
  upToGutter,
} from './habits';
import type { Step } from './find-part';
import { definePattern } from './pattern';

/** The outfall is looked at first: everything else hangs on how low it is. */
export const precastCistern = definePattern({
  id: 'precast-cistern',
  name: 'Precast cistern with settling box',
  says: 'A concrete cistern in the ground: two downpipes through a settling box with a basket, overflow to daylight with a non-return flap, supply below frost with its pump and cable.',
  figures: {
    groundWaterM: groundWater(5),
    drainM: drain(5),
    houseM: houseLine(10),
    roofM2: roof(120, 1000),
  },
  build(kit, { groundWaterM, drainM, houseM, roofM2 }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'insulated', groundWaterM });
    const tank = buriedConcrete(kit, ['toilets', 'garden']);
    overflowToDaylight(kit, concreteOverflow(kit, tank));
    const inlet = concreteInlet(kit, tank);
    const line = kit.line(inlet.out, [
      { ...DRAIN, lengthM: 0.6, slope: COMING_IN },
      { part: 'Settling box with basket' },
      { ...DRAIN, lengthM: 1, slope: COMING_IN },
      { part: 'Wye', points: 'right' },
      { ...DRAIN, lengthM: drainM, slope: COMING_IN },
      ...upToGutter(0.5),
    ]);
    roofInto(kit, inlet, { areaM2: roofM2, gutterM: 3 });
    const lengthM = cutToGutter(kit, inlet, line.at(-2));
    const wye = line[3];
    // As long as the other, but for the fall between them: taken on site before it is cut.
    const second = { lengthM, lengthKind: 'measured' } as const;
    if (wye) kit.line(wye.end('branch'), [{ ...DRAIN, lengthM: 2, slope: COMING_IN }, ...upToGutter(0.5, second)]);
    const supply = kit.opening({
      tank: tank.id,
      name: 'Supply',
      roles: ['pump-line'],
      size: kit.by({ US: '1', else: '32' }),
      face: 'side',
      heightM: 1.2,
      seals: ['link-seal'],
    });
    kit.line(supply.inside(), [
      { part: 'Elbow', boreMm: 27, points: 'down' },
      // It comes apart below the way in, or the pump never comes up again: what is pushed into a nut does so by itself.
      ...kit.by<readonly Step[]>({
        US: [
          { part: 'Union', boreMm: 27 },
          { part: supplyPipe(kit), boreMm: 27, lengthM: 0.3 },
        ],
        else: [{ part: supplyPipe(kit), boreMm: 27, lengthM: 0.5 }],
      }),
      { part: 'Submersible pump' },
    ]);
    kit.line(
      supply.out,
      [
        { part: supplyPipe(kit), boreMm: 27, lengthM: houseM, slope: { by: 'rise', riseM: 0.75 } },
        { part: 'Spring check valve', which: threaded('1') },
        { part: 'Lever valve', which: threaded('1') },
      ],
      placeAway(kit, { id: 'house', name: 'house', kind: 'fixture' }, houseM, 1),
    );
    const duct = kit.opening({
      tank: tank.id,
      name: 'Cable duct',
      roles: ['cord-entry'],
      size: kit.by({ US: '2', else: '50' }),
      face: 'side',
      heightM: 2.25,
      seals: ['link-seal'],
    });
    kit.line(
      duct.out,
      [{ part: supplyPipe(kit), boreMm: 45, lengthM: houseM, slope: { by: 'rise', riseM: 0.4 } }],
      placeAway(kit, { id: 'switch', name: 'switch of the pump', kind: 'other' }, houseM, 0.3),
    );
  },
});
