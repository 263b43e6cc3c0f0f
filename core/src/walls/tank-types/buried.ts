import type { OutlinePoint, PortWay } from '../tank-type';
import { BULGE } from '../forms/lying';
import { defineTankType, dimensions, mark, topRing } from './define';

const STEPS = 9;
/** The riser it comes with (typical: a way in of 600 mm, up to a hand over a metre and a half of ground). */
const RISER = { heightM: 0.6, widthM: 0.6 };
const LID_OVER_M = 0.03;
const LID_M = 0.05;

/** The seals that its drains go through. */
const DRAIN_SEALS: readonly PortWay[] = [
  { end: '4 IPS gasket', name: 'Rubber seal for 4 in pressure pipe', tell: 'pipe of 114 mm outside' },
  { end: '110 SOIL gasket', name: 'Rubber seal for 110 mm soil pipe', tell: 'pipe of 110 mm outside' },
  { end: '100 ANZ-DWV gasket', name: 'Rubber seal for 100 mm drain pipe', tell: 'pipe of 110 mm outside, AS/NZS 1260' },
];

/** A ribbed moulded tank for the ground, with a riser over its way in. Heights without the riser. */
export const buried = defineTankType({
  id: 'buried',
  name: 'Buried tank with riser',
  shortName: 'buried',
  form: 'lying-domed',
  material: 'polyethylene',
  madeForGround: true,
  wallKgPerM2: 9,
  defaults: dimensions({
    capacityM3: 5.678,
    lengthM: 3.5,
    widthM: 1.75,
    brimM: 1.5,
    heightM: 1.6,
    wallM: 0.009,
    buriedM: 2.1,
    accessM: 0.55,
  }),
  riser: RISER,
  noDrill: (tank) => [topRing([tank.lengthM / 2, tank.widthM / 2], 0, tank.accessM / 2 + 0.05, 'riser')],
  ports: (tank) => [
    {
      id: 'inlet-seal',
      name: 'Inlet seal, left end',
      ways: DRAIN_SEALS,
      size: '4',
      role: 'inlet',
      face: 'left',
      heightM: tank.heightM * 0.87,
      aroundM: tank.widthM / 2,
      depthM: 0,
      closedBy: 'cap',
    },
    {
      id: 'outlet-seal',
      name: 'Overflow seal, right end',
      ways: DRAIN_SEALS,
      size: '4',
      role: 'overflow',
      face: 'right',
      heightM: tank.heightM * 0.84,
      aroundM: tank.widthM / 2,
      depthM: 0,
      closedBy: 'cap',
    },
  ],
  outline: (tank): readonly OutlinePoint[] => {
    const deepM = (tank.widthM / 2) * BULGE[tank.heads ?? 'full'];
    const [half, middle] = [tank.heightM / 2, tank.lengthM / 2 - deepM];
    const round = Array.from({ length: 2 * STEPS + 1 }, (_, index) => {
      const angle = -Math.PI / 2 + (index / (2 * STEPS)) * Math.PI;
      return { radiusM: middle + deepM * Math.cos(angle), heightM: half + half * Math.sin(angle) };
    });
    const { riser = RISER } = tank;
    if (riser === null) return [...round, { radiusM: 0, heightM: tank.heightM }];
    const [halfM, topM] = [riser.widthM / 2, tank.heightM + riser.heightM];
    return [
      ...round,
      { radiusM: halfM, heightM: tank.heightM },
      { radiusM: halfM, heightM: topM - LID_M },
      { radiusM: halfM + LID_OVER_M, heightM: topM - LID_M },
      { radiusM: halfM + LID_OVER_M, heightM: topM },
      { radiusM: 0, heightM: topM },
    ];
  },
  marks: (tank) =>
    [-0.3, -0.1, 0.1, 0.3].map((share) =>
      mark('thin', [
        [tank.lengthM * share, tank.heightM * 0.06],
        [tank.lengthM * share, tank.heightM * 0.94],
      ]),
    ),
});
