import type { TankDimensions } from '../tank';
import { flatLook } from './flat-look';
import type { TankForm } from './form';

const insideRadius = ({ diameterM, wallM }: { readonly diameterM: number; readonly wallM: number }): number =>
  Math.max(0, diameterM / 2 - wallM);

/** Outside radius at a height: straight from base to brim, straight above. */
const radiusAt = ({ diameterM, baseDiameterM, brimM }: TankDimensions, heightM: number): number => {
  const share = Math.min(1, Math.max(0, heightM / brimM));
  return (baseDiameterM + (diameterM - baseDiameterM) * share) / 2;
};

/** How far round a wall a tape has gone [rad]; it is held at the height of the place. */
const angleOf = (aroundM: number, radiusM: number): number => (radiusM > 0 ? aroundM / radiusM : 0);

/** An upright round tank, straight or tapering: a frustum of a cone. */
export const round: TankForm = {
  id: 'round',
  dimensions: [
    { field: 'diameterM', name: 'Diameter at the brim, outside' },
    { field: 'baseDiameterM', name: 'Diameter at the base, outside' },
  ],
  insideM3: (tank, insideM) => {
    const low = insideRadius({ diameterM: tank.baseDiameterM, wallM: tank.wallM });
    const high = insideRadius(tank);
    const level = low + (high - low) * (insideM / Math.max(tank.brimM - tank.wallM, Number.EPSILON));
    return (Math.PI * insideM * (low ** 2 + low * level + level ** 2)) / 3;
  },
  acrossM: ({ diameterM, baseDiameterM }) => Math.max(diameterM, baseDiameterM),
  throughM: ({ diameterM, baseDiameterM }) => Math.max(diameterM, baseDiameterM),
  footM2: ({ baseDiameterM }) => (Math.PI / 4) * baseDiameterM ** 2,
  surfaceM2: ({ diameterM, baseDiameterM, heightM }) =>
    Math.PI * ((diameterM + baseDiameterM) / 2) * heightM + (Math.PI / 4) * (diameterM ** 2 + baseDiameterM ** 2),
  faces: (tank) => {
    const around = Math.PI * Math.max(tank.diameterM, tank.baseDiameterM);
    return [
      { face: 'wall', name: 'Wall', seen: 'wall', round: false, acrossM: around, alongM: tank.heightM },
      { face: 'top', name: 'Top', seen: 'plan', round: true, acrossM: tank.diameterM, alongM: tank.diameterM },
      {
        face: 'bottom',
        name: 'Bottom',
        seen: 'plan',
        round: true,
        acrossM: tank.baseDiameterM,
        alongM: tank.baseDiameterM,
      },
    ];
  },
  radiusM: (tank, face, heightM) => (face === 'wall' ? radiusAt(tank, heightM) : undefined),
  spotOf: (tank, { face, heightM, aroundM, depthM }) => {
    const middle = Math.max(tank.diameterM, tank.baseDiameterM) / 2;
    if (face === 'wall') {
      // The mark is at the back; seen from outside the wall runs from there by the right-hand side to the front.
      const radius = radiusAt(tank, heightM);
      const angle = angleOf(aroundM, radius);
      return { leftM: middle - radius * Math.sin(angle), frontM: middle + radius * Math.cos(angle), upM: heightM };
    }
    const inset = middle - (face === 'bottom' ? tank.baseDiameterM : tank.diameterM) / 2;
    return { leftM: aroundM + inset, frontM: depthM + inset, upM: face === 'bottom' ? 0 : heightM };
  },
  fills: (tank, { leftM, frontM, upM }) => {
    const middle = Math.max(tank.diameterM, tank.baseDiameterM) / 2;
    return upM > 0 && upM < tank.heightM && Math.hypot(leftM - middle, frontM - middle) < radiusAt(tank, upM);
  },
  lookOf: (tank, { face, heightM, aroundM }) => {
    if (face !== 'wall') return flatLook(face);
    const angle = angleOf(aroundM, radiusAt(tank, heightM));
    // Wider above, it looks down by so much.
    const widens = heightM < tank.brimM ? (tank.diameterM - tank.baseDiameterM) / 2 / tank.brimM : 0;
    const level = 1 / Math.hypot(1, widens);
    return { right: -level * Math.sin(angle), behind: level * Math.cos(angle), up: -level * widens };
  },
};
