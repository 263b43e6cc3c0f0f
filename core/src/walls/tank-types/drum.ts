import type { Tank, TankType } from '../tank';

/** The chime and the curve above it; the hoops stand out this much to either side (typical, value from memory). */
const CHIME_M = 0.045;
const HOOP_HALF_M = 0.02;

const hoops = (tank: Tank): readonly number[] => [0.34, 0.66].map((share) => tank.heightM * share);

const noDrill: TankType['noDrill'] = (tank) => [
  { fromM: 0, toM: CHIME_M, reason: 'foot' },
  ...hoops(tank).map((heightM) => ({ fromM: heightM - HOOP_HALF_M, toM: heightM + HOOP_HALF_M, reason: 'hoop' })),
  { fromM: tank.brimM, toM: tank.heightM, reason: 'rim' },
];

const defaults: TankType['defaults'] = {
  capacityM3: 0.208,
  diameterM: 0.585,
  brimM: 0.845,
  heightM: 0.89,
  wallM: 0.0035,
  plinthM: 0,
};

/** Plastic drum with a fixed head and two bungs: no hand gets inside. */
export const closedDrum: TankType = {
  id: 'closed-drum',
  name: 'Closed-head drum',
  shortName: 'closed drum',
  material: 'polyethylene',
  openTop: false,
  defaults,
  noDrill,
  outline: (tank) => {
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
  },
  ribsM: hoops,
};

/** Plastic drum with a lid held by a lever ring: the whole top opens. */
export const openDrum: TankType = {
  ...closedDrum,
  id: 'open-drum',
  name: 'Open-head drum',
  shortName: 'open drum',
  openTop: true,
  defaults: { ...defaults, diameterM: 0.6, brimM: 0.88, heightM: 0.93 },
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
};
