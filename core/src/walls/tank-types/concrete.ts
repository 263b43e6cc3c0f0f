import { defineTankType, dimensions, markBox, topRing, upBand } from './define';

/** The slab on top (typical, value from memory). */
const SLAB_M = 0.12;
const JOINT_HALF_M = 0.15;

/** Precast concrete, round, with a manhole in its slab. Outside dimensions: the wall is thick. */
export const concrete = defineTankType({
  id: 'concrete',
  name: 'Precast concrete',
  shortName: 'concrete',
  form: 'round',
  material: 'concrete',
  madeForGround: true,
  breathes: true,
  base: 'slab',
  wallKgPerM2: 240,
  defaults: dimensions({
    capacityM3: 20,
    diameterM: 3.5,
    // 3.3 m clear: 20 m3 stand 2.338 m over a floor of 100 mm.
    brimM: 2.438,
    heightM: 2.65,
    wallM: 0.1,
    accessM: 0.6,
  }),
  noDrill: (tank) => [
    ...upBand(['wall'], 0, tank.wallM + 0.1, 'floor joint'),
    ...upBand(['wall'], tank.heightM - SLAB_M - JOINT_HALF_M, tank.heightM, 'slab joint'),
    topRing([tank.diameterM / 2, tank.diameterM / 2], 0, tank.accessM / 2 + 0.15, 'manhole'),
    topRing([tank.diameterM / 2, tank.diameterM / 2], tank.diameterM / 2 - 0.25, tank.diameterM, 'edge'),
  ],
  outline: (tank) => {
    const radiusM = tank.diameterM / 2;
    return [
      { radiusM, heightM: 0 },
      { radiusM, heightM: tank.heightM - SLAB_M },
      { radiusM: radiusM + 0.04, heightM: tank.heightM - SLAB_M },
      { radiusM: radiusM + 0.04, heightM: tank.heightM },
      { radiusM: 0, heightM: tank.heightM },
    ];
  },
  marks: (tank) => [
    // The wall in section on both sides, and the floor.
    ...([-1, 1] as const).map((side) =>
      markBox(
        'object',
        [(side * tank.diameterM) / 2, 0, side * (tank.diameterM / 2 - tank.wallM), tank.heightM - SLAB_M],
        'block',
      ),
    ),
    markBox('object', [-tank.diameterM / 2, 0, tank.diameterM / 2, tank.wallM], 'block'),
    markBox(
      'object',
      [-tank.diameterM / 2 - 0.04, tank.heightM - SLAB_M, tank.diameterM / 2 + 0.04, tank.heightM],
      'block',
    ),
    markBox('object', [-tank.accessM / 2, tank.heightM, tank.accessM / 2, tank.heightM + 0.08], 'sheet'),
  ],
});
