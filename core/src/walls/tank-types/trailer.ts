import type { OutlinePoint, TankMark } from '../tank-type';
import { block, defineTankType, dimensions, mark, markBox, topRing, upBand } from './define';

const WHEEL_M = 0.3;
const WHEEL_STEPS = 20;

/** A lying tank on a trailer, everything on quick couplings. Its weight full is for the trailer's plate to bear. */
export const trailer = defineTankType({
  id: 'trailer',
  name: 'Trailer tank',
  shortName: 'trailer',
  form: 'lying',
  material: 'polyethylene',
  breathes: true,
  base: 'trailer',
  defaults: dimensions({
    capacityM3: 0.946,
    lengthM: 1.7,
    widthM: 0.95,
    brimM: 0.86,
    heightM: 0.9,
    wallM: 0.006,
    plinthM: 0.55,
    accessM: 0.3,
  }),
  noDrill: (tank) => [
    ...upBand(['left', 'right'], 0, 0.06, 'base curve'),
    ...upBand(['left', 'right'], tank.heightM - 0.08, tank.heightM, 'shoulder'),
    topRing([tank.lengthM / 2, tank.widthM / 2], 0, tank.accessM / 2 + 0.03, 'lid'),
  ],
  ports: (tank) => [
    {
      id: 'outlet',
      name: 'Moulded outlet',
      ways: [
        { end: '1-1/2 NPT F', name: '1-1/2 NPT female', tell: '11-1/2 crests to the inch, narrower inside' },
        { end: '1-1/2 G F', name: 'G 1-1/2 female', tell: '11 crests to the inch, straight' },
      ],
      size: '1-1/2',
      role: 'draw-off',
      face: 'right',
      heightM: 0.08,
      aroundM: tank.widthM / 2,
      depthM: 0,
      closedBy: 'cap',
    },
  ],
  outline: (tank): readonly OutlinePoint[] => block(tank.lengthM / 2, tank.heightM, 0.1),
  marks: (tank): readonly TankMark[] => [
    markBox('object', [-tank.accessM / 2, tank.heightM, tank.accessM / 2, tank.heightM + 0.05], 'poly'),
    markBox('object', [-tank.lengthM / 2 - 0.05, -0.09, tank.lengthM / 2 + 0.05, 0], 'block'),
    mark('object', [
      [-tank.lengthM / 2 - 0.05, -0.06],
      [-tank.lengthM / 2 - 0.6, -0.06],
    ]),
    mark(
      'object',
      Array.from({ length: WHEEL_STEPS + 1 }, (_, index) => {
        const angle = (index / WHEEL_STEPS) * 2 * Math.PI;
        return [0.15 + WHEEL_M * Math.cos(angle), -0.25 + WHEEL_M * Math.sin(angle)] as const;
      }),
      'block',
    ),
  ],
});
