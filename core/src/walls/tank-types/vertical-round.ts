import { METRES_PER_INCH } from '../../quantity/length';
import { M3_PER_US_GALLON } from '../../quantity/volume';
import type { Rib, TankDimensions } from '../tank';
import { defineTankType, dimensions, ribsAt, topRing, upBand, wallSeam } from './define';

const IN = METRES_PER_INCH;
/** The base curves up over about this height, and the shoulder starts this far under the brim (typical, value from memory). */
const BASE_CURVE_M = 3 * IN;
const RIB_M = 2 * IN;

/** Points of the dome, as shares of its quarter. */
const DOME_STEPS: readonly number[] = [0, 0.15, 0.3, 0.45, 0.6, 0.75, 0.88, 1];

/** Two ribs divide the straight wall (typical of moulded tanks). */
const ribs = ({ brimM }: TankDimensions): readonly Rib[] => ribsAt('level', [0.36 * brimM, 0.69 * brimM], RIB_M);

/** Upright round moulded tank with a domed shoulder and a lid. */
export const verticalRound = defineTankType({
  id: 'vertical-round',
  name: 'Upright round tank',
  shortName: 'upright',
  form: 'round',
  material: 'polyethylene',
  breathes: true,
  defaults: dimensions({
    capacityM3: 305 * M3_PER_US_GALLON,
    diameterM: 46 * IN,
    brimM: 43.5 * IN,
    heightM: 54 * IN,
    wallM: 0.25 * IN,
    accessM: 16 * IN,
  }),
  noDrill: (tank) => [
    ...upBand(['wall'], 0, BASE_CURVE_M, 'base curve'),
    ...upBand(['wall'], tank.brimM, tank.heightM, 'lid and shoulder'),
    ...wallSeam(Math.PI * tank.diameterM),
    topRing([tank.diameterM / 2, tank.diameterM / 2], 0, tank.accessM / 2 + IN, 'lid'),
    topRing([tank.diameterM / 2, tank.diameterM / 2], tank.diameterM / 2 - 2 * IN, tank.diameterM, 'shoulder'),
  ],
  outline: (tank) => {
    const radiusM = tank.diameterM / 2;
    const neckM = radiusM * 0.4;
    const springM = tank.brimM * 0.97;
    const shoulderM = tank.brimM + (tank.heightM - tank.brimM) * 0.66;
    const lidM = tank.heightM - (tank.heightM - tank.brimM) * 0.16;
    /** A quarter of an ellipse from the straight wall to the neck. */
    const dome = DOME_STEPS.map((step) => ({
      radiusM: neckM + (radiusM - neckM) * Math.cos((step * Math.PI) / 2),
      heightM: springM + (shoulderM - springM) * Math.sin((step * Math.PI) / 2),
    }));
    return [
      { radiusM: radiusM - BASE_CURVE_M * 0.4, heightM: 0 },
      { radiusM, heightM: BASE_CURVE_M * 0.4 },
      ...dome,
      { radiusM: neckM, heightM: lidM },
      { radiusM: neckM * 1.06, heightM: lidM },
      { radiusM: neckM * 1.06, heightM: tank.heightM },
      { radiusM: 0, heightM: tank.heightM },
    ];
  },
  ribs,
});
