import type { Rib, TankDimensions } from '../tank';
import { block, defineTankType, dimensions, markBox, ribsAt, roundBand, topRing, upBand } from './define';

const SIDES = ['front', 'right', 'back', 'left'] as const;
const RIBS = 5;
/** A moulded rib of the long sides (typical, value from memory). */
const RIB_M = 0.06;
const CORNER_M = 0.1;

const ribs = ({ lengthM }: TankDimensions): readonly Rib[] =>
  ribsAt(
    'upright',
    Array.from({ length: RIBS }, (_, index) => (lengthM * (index + 1)) / (RIBS + 1)),
    RIB_M,
  );

/** A narrow moulded tank for a wall: flat only between its ribs. */
export const slimline = defineTankType({
  id: 'slimline',
  name: 'Slim tank',
  shortName: 'slim',
  form: 'box',
  material: 'polyethylene',
  breathes: true,
  base: 'slab',
  defaults: dimensions({
    capacityM3: 2,
    lengthM: 1.88,
    widthM: 0.65,
    brimM: 1.84,
    heightM: 1.96,
    wallM: 0.006,
    accessM: 0.35,
  }),
  noDrill: (tank) => [
    ...upBand(SIDES, 0, 0.08, 'base curve'),
    ...upBand(SIDES, tank.brimM, tank.heightM, 'shoulder'),
    ...SIDES.flatMap((face) => {
      const across = face === 'front' || face === 'back' ? tank.lengthM : tank.widthM;
      return [...roundBand([face], 0, CORNER_M, 'corner'), ...roundBand([face], across - CORNER_M, across, 'corner')];
    }),
    topRing([tank.lengthM / 2, tank.widthM / 2], 0, tank.accessM / 2 + 0.03, 'lid'),
  ],
  outline: (tank) => block(tank.lengthM / 2, tank.heightM, 0.12),
  ribs,
  marks: (tank) => [
    markBox('object', [-tank.accessM / 2, tank.heightM, tank.accessM / 2, tank.heightM + 0.04], 'poly'),
  ],
});
