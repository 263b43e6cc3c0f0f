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
import { definePattern } from './pattern';

/** The outfall is looked at first: everything else hangs on how low it is. */
export const precastCistern = definePattern({
  id: 'precast-cistern',
  name: 'Precast cistern with filter box',
  says: 'A concrete cistern in the ground: two downpipes through a filter box, overflow to daylight with non-return flap and screen, supply below frost with its pump and cable.',
  figures: {
    groundWaterM: {
      kind: 'length',
      least: 0,
      most: 30,
      default: 5,
      words: 'ground water',
      asked: 'Ground water lies down',
    },
    drainM: {
      kind: 'length',
      least: 1,
      most: 30,
      default: 5,
      words: 'drain',
      asked: 'Drain from the further downpipe',
    },
    houseM: { kind: 'length', least: 2, most: 100, default: 10, words: 'line', asked: 'Line to the house' },
    roofM2: { kind: 'area', above: 0, most: 1000, default: 120, words: 'roof', asked: 'Roof that falls into it' },
  },
  build: (kit, { groundWaterM, drainM, houseM, roofM2 }) => {
    kit.set({ sunPlan: 'shaded', frostPlan: 'insulated', groundWaterM });
    const tank = buriedConcrete(kit, { purposes: ['toilets', 'garden'] });
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
    cutToGutter(kit, inlet, line.at(-2));
    const wye = line[3];
    if (wye) kit.line(wye.end('branch'), [{ ...DRAIN, lengthM: 2, slope: COMING_IN }, ...upToGutter(0.5)]);
    const supply = kit.opening({
      tank: tank.id,
      name: 'Supply',
      roles: ['pump-line'],
      size: kit.by({ US: '1', UK: '32', EU: '32', ANZ: '32' }),
      face: 'side',
      heightM: 1.2,
      seals: ['link-seal'],
    });
    kit.line(supply.inside(), [
      { part: 'Elbow', boreMm: 27, points: 'down' },
      { part: supplyPipe(kit), boreMm: 27, lengthM: 0.5 },
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
      size: kit.by({ US: '2', UK: '50', EU: '50', ANZ: '50' }),
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
