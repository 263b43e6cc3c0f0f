import type { TankDimensions } from '../tank';
import type { Port, PortWay, TankMark, TankType } from '../tank-type';
import { block, defineTankType, dimensions, mark, markBox, roundBand, topRing, upBand } from './define';

const SIDES = ['front', 'right', 'back', 'left'] as const;
/** Pallet under the bottle, cage bars and their spacing (typical, value from memory). */
const BARS = 8;
const BAR_HALF_M = 0.014;
const BARS_UP = 5;
const CORNER_M = 0.09;

const VALVE_WAYS: readonly PortWay[] = [
  {
    end: 'S60x6 M',
    name: 'Coarse outlet thread, S60x6',
    tell: 'crests 6 mm apart, 60 mm across; flat washer on the end',
    valve: 'before',
  },
  {
    end: '2 G M',
    name: 'Fine outlet thread, G 2',
    tell: 'crests 2.3 mm apart, 59.6 mm across; flat washer',
    valve: 'before',
  },
  {
    end: '2 NPT M',
    name: 'Tapered outlet thread, 2 NPT',
    tell: '11-1/2 crests to the inch, narrower at the tip; tape',
    valve: 'before',
  },
  {
    end: '2 cam adapter',
    name: 'Cam grooves, 2 in',
    tell: 'one smooth groove all round, 63 mm across; gasket in the coupler',
    valve: 'before',
  },
  {
    end: 'S75x6 M',
    name: 'Bare neck behind the valve, S75x6',
    tell: 'valve off, tank empty: crests 6 mm apart, 75 mm across',
    valve: 'behind',
  },
  {
    end: 'container neck',
    name: 'Bare neck, not measured',
    tell: 'valve off, tank empty: makers differ, measure it',
    valve: 'behind',
  },
];
/** The outlet thread between the two, on some containers of the continent. */
const MIDDLE_WAY: PortWay = {
  end: 'S70x6 M',
  name: 'Coarse outlet thread, S70x6',
  tell: 'crests 6 mm apart, 70 mm across; flat washer on the end',
  valve: 'before',
};
/** The larger outlet that some containers have. */
const LARGE_WAY: PortWay = {
  end: 'S100x8 M',
  name: 'Large outlet thread, S100x8',
  tell: 'crests 8 mm apart, 100 mm across; on containers with an 80 mm valve',
  valve: 'before',
};

const ports =
  (large: boolean): TankType['ports'] =>
  (tank): readonly Port[] => [
    {
      id: 'outlet',
      name: 'Outlet valve',
      ways: large ? [...VALVE_WAYS.slice(0, 4), MIDDLE_WAY, LARGE_WAY, ...VALVE_WAYS.slice(4)] : VALVE_WAYS,
      size: '2',
      role: 'draw-off',
      face: 'front',
      heightM: 0.1,
      aroundM: tank.lengthM / 2,
      depthM: 0,
      closedBy: 'valve',
    },
    {
      id: 'lid-bung',
      name: 'Bung in the lid',
      ways: [
        { end: '2 G F', name: 'G 2 female', tell: 'crests 2.3 mm apart; straight' },
        { end: '2 NPS F', name: '2 NPS female', tell: '11-1/2 crests to the inch; straight' },
      ],
      size: '2',
      role: 'vent',
      face: 'top',
      heightM: tank.heightM,
      aroundM: tank.lengthM / 2,
      depthM: tank.widthM / 2,
      closedBy: 'bung',
    },
  ];

const noDrill: TankType['noDrill'] = (tank) => [
  ...upBand(SIDES, 0, 0.05, 'base curve'),
  ...upBand(SIDES, tank.brimM - 0.06, tank.heightM, 'shoulder'),
  ...bars(tank).flatMap(([face, atM]) => roundBand([face], atM - BAR_HALF_M, atM + BAR_HALF_M, 'cage bar')),
  ...rails(tank).flatMap((atM) => upBand(SIDES, atM - BAR_HALF_M, atM + BAR_HALF_M, 'cage rail')),
  ...SIDES.flatMap((face) => {
    const across = face === 'front' || face === 'back' ? tank.lengthM : tank.widthM;
    return [...roundBand([face], 0, CORNER_M, 'corner'), ...roundBand([face], across - CORNER_M, across, 'corner')];
  }),
  topRing([tank.lengthM / 2, tank.widthM / 2], 0.05, tank.accessM / 2 + 0.03, 'lid'),
];

/** Uprights of the cage on each side, clear of the outlet in the middle of the front. */
const bars = (tank: TankDimensions) =>
  SIDES.flatMap((face) => {
    const across = face === 'front' || face === 'back' ? tank.lengthM : tank.widthM;
    return Array.from({ length: BARS }, (_, index) => [face, (across * (index + 0.5)) / BARS] as const);
  });
const rails = (tank: TankDimensions): readonly number[] =>
  Array.from({ length: BARS_UP - 1 }, (_, index) => (tank.heightM * (index + 1)) / BARS_UP + 0.03);

/** Cage, pallet feet, lid and outlet: what everybody knows a crate by. */
const marks = (tank: TankDimensions): readonly TankMark[] => {
  const half = tank.lengthM / 2;
  return [
    ...Array.from({ length: BARS }, (_, index) => -half + (tank.lengthM * (index + 0.5)) / BARS).map((x) =>
      mark('thin', [
        [x, 0],
        [x, tank.heightM],
      ]),
    ),
    ...rails(tank).map((y) =>
      mark('thin', [
        [-half, y],
        [half, y],
      ]),
    ),
    markBox('object', [-half - 0.01, -0.02, half + 0.01, 0], 'block'),
    ...[-half, -0.07, half - 0.14].map((x) => markBox('object', [x, -0.13, x + 0.14, -0.02], 'block')),
    markBox('object', [-0.09, tank.heightM, 0.09, tank.heightM + 0.04], 'poly'),
    markBox('object', [-0.05, 0.06, 0.05, 0.15], 'sheet'),
  ];
};

const shared = {
  shortName: 'crate',
  form: 'box',
  material: 'polyethylene',
  secondHand: true,
  dark: false,
  noDrill,
  outline: (tank: TankDimensions) => block(tank.lengthM / 2, tank.heightM, 0.03),
  marks,
} as const;

/** Caged crate of North America. */
export const crateUs = defineTankType({
  ...shared,
  id: 'crate-us',
  name: 'Crate, 275 gal',
  usualIn: ['US'],
  defaults: dimensions({
    capacityM3: 1.041,
    lengthM: 1.219,
    widthM: 1.016,
    brimM: 1.0,
    heightM: 1.03,
    wallM: 0.002,
    plinthM: 0.135,
    accessM: 0.14,
  }),
  ports: ports(false),
});

/** Caged crate of Europe: some have the larger outlet. */
export const crateEu = defineTankType({
  ...shared,
  id: 'crate-eu',
  name: 'Crate, 1000 L',
  usualIn: ['UK', 'EU', 'ANZ'],
  defaults: dimensions({
    capacityM3: 1,
    lengthM: 1.2,
    widthM: 1,
    brimM: 0.985,
    heightM: 1.015,
    wallM: 0.002,
    plinthM: 0.135,
    accessM: 0.14,
  }),
  ports: ports(true),
});
