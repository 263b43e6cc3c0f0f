import type { TankDimensions } from '../tank';
import { defineTankType, dimensions, mark, topRing, upBand } from './define';

const SHEETS = 3;
const WAVES = 18;
const ROOF_SHARE = 0.12;

const seams = ({ brimM }: TankDimensions): readonly number[] =>
  Array.from({ length: SHEETS - 1 }, (_, index) => (brimM * (index + 1)) / SHEETS);

/** Corrugated steel with a liner: every wet hole clamps the liner between flanges. */
export const corrugated = defineTankType({
  id: 'corrugated',
  name: 'Corrugated steel, lined',
  shortName: 'corrugated',
  form: 'round',
  material: 'galvanised',
  lined: true,
  assembled: true,
  breathes: true,
  wallKgPerM2: 8,
  defaults: dimensions({
    capacityM3: 31,
    diameterM: 4.3,
    brimM: 2.2,
    heightM: 2.75,
    wallM: 0.0016,
    accessM: 0.55,
  }),
  noDrill: (tank) => [
    ...upBand(['wall'], 0, 0.08, 'foot'),
    ...seams(tank).flatMap((atM) => upBand(['wall'], atM - 0.04, atM + 0.04, 'sheet joint')),
    ...upBand(['wall'], tank.brimM - 0.05, tank.heightM, 'eaves'),
    topRing([tank.diameterM / 2, tank.diameterM / 2], tank.diameterM / 2 - 0.15, tank.diameterM, 'eaves'),
  ],
  outline: (tank) => {
    const radiusM = tank.diameterM / 2;
    const wall = Array.from({ length: WAVES + 1 }, (_, index) => ({
      radiusM: radiusM - (index % 2 === 0 ? 0 : 0.03),
      heightM: (tank.brimM * index) / WAVES,
    }));
    return [
      ...wall,
      { radiusM: radiusM + 0.06, heightM: tank.brimM },
      { radiusM: radiusM * 0.16, heightM: tank.heightM - ROOF_SHARE * 0.4 },
      { radiusM: radiusM * 0.16, heightM: tank.heightM },
      { radiusM: 0, heightM: tank.heightM },
    ];
  },
  marks: (tank) => [
    ...Array.from({ length: WAVES - 1 }, (_, index) => (tank.brimM * (index + 1)) / WAVES).map((y) =>
      mark('thin', [
        [-tank.diameterM / 2 + 0.02, y],
        [tank.diameterM / 2 - 0.02, y],
      ]),
    ),
    mark('object', [
      [-tank.diameterM / 2 - 0.06, tank.brimM],
      [tank.diameterM / 2 + 0.06, tank.brimM],
    ]),
  ],
});
