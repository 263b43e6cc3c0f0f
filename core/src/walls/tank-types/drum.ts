import type { Role } from '../roles';
import type { Rib, TankDimensions } from '../tank';
import type { Port, TankType } from '../tank-type';
import { block, defineTankType, dimensions, mark, markBox, ribsAt, topRing, upBand, wallSeam } from './define';

/** The chime and the curve above it; the hoops stand out this much to either side (typical, value from memory). */
const CHIME_M = 0.045;
const HOOP_M = 0.04;
/** The fixed head lies flat inside this much of its rim. */
const HEAD_RIM_M = 0.03;
const BUNG_RADIUS_M = 0.04;
/** The bungs stand opposite one another, this share of the radius from the middle. */
const BUNG_AT = 0.72;

const hoops = ({ heightM }: TankDimensions): readonly Rib[] =>
  ribsAt('level', [0.34 * heightM, 0.66 * heightM], HOOP_M);

const wallZones: TankType['noDrill'] = (tank) => [
  ...upBand(['wall'], 0, CHIME_M, 'foot'),
  ...upBand(['wall'], tank.brimM, tank.heightM, 'rim'),
  ...wallSeam(Math.PI * tank.diameterM),
];

const bungAt = (tank: TankDimensions, side: -1 | 1): readonly [number, number] => [
  (tank.diameterM / 2) * (1 + side * BUNG_AT),
  tank.diameterM / 2,
];

const headZones = (tank: TankDimensions) => [
  topRing([tank.diameterM / 2, tank.diameterM / 2], tank.diameterM / 2 - HEAD_RIM_M, tank.diameterM, 'rim'),
  topRing(bungAt(tank, -1), 0, BUNG_RADIUS_M, 'bung'),
  topRing(bungAt(tank, 1), 0, BUNG_RADIUS_M, 'bung'),
];

const FINE: Port['ways'][number] = {
  end: '2 NPS F',
  name: 'Fine thread, 2 NPS',
  tell: '11-1/2 crests to the inch; a 2 in pipe nipple starts by hand',
};
const FINE_G: Port['ways'][number] = {
  end: '2 G F',
  name: 'Fine thread, G 2',
  tell: '11 crests to the inch, round at crest and root; a 2 in BSP plug starts by hand',
};
const COARSE: Port['ways'][number] = {
  end: '2 buttress F',
  name: 'Coarse thread, 2 in buttress',
  tell: 'about 5 crests to the inch, one side steep; often a 3/4 NPT knock-out in the bung',
};
const COARSE_EU: Port['ways'][number] = {
  end: '56x4 F',
  name: 'Coarse thread, 56 by 4',
  tell: 'crests 4 mm apart, 56 mm across',
};

/** Two bungs in the fixed head: one fine, one coarse. */
const bungs = (tank: TankDimensions, role: readonly [Role, Role], face: Port['face'] = 'top'): readonly Port[] =>
  ([-1, 1] as const).map((side, index) => {
    const [leftM, frontM] = bungAt(tank, side);
    return {
      id: index === 0 ? 'fine-bung' : 'coarse-bung',
      name: index === 0 ? 'Fine bung' : 'Coarse bung',
      ways: index === 0 ? [FINE_G, FINE, COARSE_EU] : [COARSE, COARSE_EU, FINE_G, FINE],
      size: '2',
      role: role[index] ?? 'spare',
      face,
      heightM: face === 'bottom' ? 0 : tank.heightM,
      aroundM: leftM,
      depthM: frontM,
      closedBy: 'bung',
    };
  });

const defaults = dimensions({
  capacityM3: 0.208,
  diameterM: 0.585,
  brimM: 0.845,
  heightM: 0.89,
  wallM: 0.0035,
});

const shared = {
  form: 'round',
  material: 'polyethylene',
  secondHand: true,
  ribs: hoops,
  ribName: 'hoop',
} as const;

const closedOutline: TankType['outline'] = (tank) => {
  const radiusM = tank.diameterM / 2;
  return [
    { radiusM: radiusM * 0.93, heightM: 0 },
    { radiusM: radiusM * 0.97, heightM: CHIME_M * 0.3 },
    { radiusM, heightM: CHIME_M },
    { radiusM, heightM: tank.heightM - CHIME_M },
    { radiusM: radiusM * 0.97, heightM: tank.heightM - CHIME_M * 0.3 },
    { radiusM: radiusM * 0.93, heightM: tank.heightM },
    { radiusM: radiusM * 0.9, heightM: tank.heightM - CHIME_M * 0.5 },
    { radiusM: 0, heightM: tank.heightM - CHIME_M * 0.5 },
  ];
};

/** The two bungs seen from the side, up or down. */
const bungMarks = (tank: TankDimensions, atM: number, up: 1 | -1) =>
  ([-1, 1] as const).map((side) =>
    markBox(
      'object',
      [
        side * BUNG_AT * (tank.diameterM / 2) - 0.035,
        atM,
        side * BUNG_AT * (tank.diameterM / 2) + 0.035,
        atM + up * 0.035,
      ],
      'poly',
    ),
  );

/** Plastic drum with a fixed head and two bungs: no hand gets inside. */
export const closedDrum = defineTankType({
  ...shared,
  id: 'closed-drum',
  name: 'Closed-head drum',
  shortName: 'closed drum',
  defaults,
  noDrill: (tank) => [...wallZones(tank), ...headZones(tank)],
  ports: (tank) => bungs(tank, ['inlet', 'vent']),
  outline: closedOutline,
  marks: (tank) => bungMarks(tank, tank.heightM - CHIME_M * 0.5, 1),
});

/** The same on its head: drawn through its own bungs, the whole of it drains. */
export const drumUpsideDown = defineTankType({
  ...shared,
  id: 'drum-upside-down',
  name: 'Drum, upside down',
  shortName: 'drum on its head',
  base: 'blocks',
  defaults: { ...defaults, plinthM: 0.2 },
  noDrill: (tank) => [
    ...wallZones(tank),
    topRing([tank.diameterM / 2, tank.diameterM / 2], tank.diameterM / 2 - HEAD_RIM_M, tank.diameterM, 'rim'),
  ],
  ports: (tank) => bungs(tank, ['draw-off', 'drain'], 'bottom'),
  outline: closedOutline,
  marks: (tank) => bungMarks(tank, CHIME_M * 0.5, -1),
});

/** On its side in cradles; the bungs are in one end, one of them low. */
export const drumOnSide = defineTankType({
  ...shared,
  id: 'drum-on-side',
  name: 'Drum on its side',
  shortName: 'lying drum',
  form: 'lying',
  base: 'stand',
  defaults: dimensions({
    capacityM3: 0.208,
    lengthM: 0.89,
    widthM: 0.585,
    brimM: 0.58,
    heightM: 0.585,
    wallM: 0.0035,
    plinthM: 0.15,
  }),
  noDrill: (tank) => [
    ...upBand(['left', 'right'], 0, CHIME_M, 'rim'),
    ...upBand(['left', 'right'], tank.heightM - CHIME_M, tank.heightM, 'rim'),
  ],
  ports: (tank) => [
    {
      id: 'low-bung',
      name: 'Bung at the bottom',
      ways: [FINE_G, FINE, COARSE, COARSE_EU],
      size: '2',
      role: 'draw-off',
      face: 'right',
      heightM: tank.heightM * 0.14,
      aroundM: tank.widthM / 2,
      depthM: 0,
      closedBy: 'bung',
    },
    {
      id: 'high-bung',
      name: 'Bung at the top',
      ways: [COARSE, FINE_G, FINE, COARSE_EU],
      size: '2',
      role: 'vent',
      face: 'right',
      heightM: tank.heightM * 0.86,
      aroundM: tank.widthM / 2,
      depthM: 0,
      closedBy: 'bung',
    },
  ],
  outline: (tank) => block(tank.lengthM / 2, tank.heightM, CHIME_M * 0.4),
  ribs: () => [],
  marks: (tank) => [
    ...[-0.16, 0.16].map((share) =>
      mark('thin', [
        [tank.lengthM * share, 0.004],
        [tank.lengthM * share, tank.heightM - 0.004],
      ]),
    ),
    ...[0.14, 0.86].map((share) =>
      markBox(
        'object',
        [tank.lengthM / 2, tank.heightM * share - 0.035, tank.lengthM / 2 + 0.035, tank.heightM * share + 0.035],
        'poly',
      ),
    ),
    mark('object', [
      [-tank.lengthM * 0.36, 0],
      [-tank.lengthM * 0.24, 0.07],
      [-tank.lengthM * 0.12, 0],
    ]),
    mark('object', [
      [tank.lengthM * 0.12, 0],
      [tank.lengthM * 0.24, 0.07],
      [tank.lengthM * 0.36, 0],
    ]),
  ],
});

/** The head sawn off and turned over: it lies on the rim as a lid, and a hand gets inside. */
export const cutDrum = defineTankType({
  ...shared,
  id: 'cut-drum',
  name: 'Drum, head cut off as lid',
  shortName: 'cut drum',
  openTop: true,
  breathes: true,
  defaults: { ...defaults, capacityM3: 0.2, brimM: 0.81, heightM: 0.85, accessM: 0.53 },
  noDrill: wallZones,
  // The head keeps its bungs, whether it lies as it was or turned over.
  ports: (tank) => bungs(tank, ['inlet', 'vent']),
  outline: (tank) => {
    const radiusM = tank.diameterM / 2;
    return [
      { radiusM: radiusM * 0.93, heightM: 0 },
      { radiusM, heightM: CHIME_M },
      { radiusM, heightM: tank.heightM - 0.035 },
      { radiusM: radiusM * 1.03, heightM: tank.heightM - 0.035 },
      { radiusM: radiusM * 1.03, heightM: tank.heightM - 0.015 },
      { radiusM: radiusM * 0.8, heightM: tank.heightM },
      { radiusM: 0, heightM: tank.heightM },
    ];
  },
  marks: (tank) => bungMarks(tank, tank.heightM, -1),
});

/** Plastic drum with a lid held by a lever ring: the whole top opens. */
export const openDrum = defineTankType({
  ...shared,
  id: 'open-drum',
  name: 'Open-head drum',
  shortName: 'open drum',
  openTop: true,
  defaults: { ...defaults, diameterM: 0.6, baseDiameterM: 0.6, brimM: 0.88, heightM: 0.93, accessM: 0.55 },
  noDrill: (tank) => [
    ...wallZones(tank),
    topRing([tank.diameterM / 2, tank.diameterM / 2], tank.diameterM / 2 - HEAD_RIM_M, tank.diameterM, 'lever ring'),
  ],
  outline: (tank) => {
    const radiusM = tank.diameterM / 2;
    const lidM = tank.heightM - 0.02;
    return [
      { radiusM: radiusM * 0.93, heightM: 0 },
      { radiusM, heightM: CHIME_M },
      { radiusM, heightM: lidM - 0.03 },
      { radiusM: radiusM * 1.04, heightM: lidM - 0.03 },
      { radiusM: radiusM * 1.04, heightM: lidM },
      { radiusM: radiusM * 0.96, heightM: tank.heightM },
      { radiusM: 0, heightM: tank.heightM },
    ];
  },
});
