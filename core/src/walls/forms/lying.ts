import type { Heads, TankDimensions } from '../tank';
import type { FormId } from '../tank-type';
import { flatLook } from './flat-look';
import type { TankForm } from './form';

/** Area of a circle of radius `radiusM` below `levelM` above its lowest point [m2]. */
export function circleBelowM2(radiusM: number, levelM: number): number {
  const level = Math.min(2 * radiusM, Math.max(0, levelM));
  const off = radiusM - level;
  return radiusM ** 2 * Math.acos(off / radiusM) - off * Math.sqrt(Math.max(0, radiusM ** 2 - off ** 2));
}

/** Volume of a sphere of radius `radiusM` below `levelM` above its lowest point [m3]. */
export function sphereBelowM3(radiusM: number, levelM: number): number {
  const level = Math.min(2 * radiusM, Math.max(0, levelM));
  return (Math.PI * level ** 2 * (3 * radiusM - level)) / 3;
}

/** How far the shell stands over the axis of the tank, so far from its front [m]. */
const shellM = (widthM: number, heightM: number, depthM: number): number =>
  (heightM / 2) * Math.sqrt(Math.max(0, 1 - ((2 * depthM) / widthM - 1) ** 2));

/** How far an end bulges, as a share of half of the width: an ellipse of 2:1 is half as deep as a half round one. */
export const BULGE: Readonly<Record<Heads, number>> = { flat: 0, shallow: 0.5, full: 1 };

/** Half of the clear height. */
const insideHalfM = ({ heightM, wallM }: TankDimensions): number => Math.max(Number.EPSILON, heightM / 2 - wallM);

/** A lying cylinder of circular or oval section; its ends flat, or each half an ellipsoid, as is said or as is usual. */
const lyingForm = (id: FormId, usual: Heads): TankForm => ({
  id,
  dimensions: [
    { field: 'lengthM', name: 'Length, outside' },
    { field: 'widthM', name: 'Width, outside' },
  ],
  insideM3: (tank, insideM) => {
    const half = insideHalfM(tank);
    const halfWidth = Math.max(0, tank.widthM / 2 - tank.wallM);
    const deep = halfWidth * BULGE[tank.heads ?? usual];
    const straight = Math.max(0, tank.lengthM - 2 * tank.wallM - 2 * deep);
    // A circle and a sphere of the height, stretched to the width, and the sphere to the depth of the ends.
    const ends = (sphereBelowM3(half, insideM) * halfWidth * deep) / half ** 2;
    return circleBelowM2(half, insideM) * (halfWidth / half) * straight + ends;
  },
  acrossM: ({ lengthM }) => lengthM,
  throughM: ({ widthM }) => widthM,
  // It lies on about a third of its width (bedding or cradles; common practice).
  footM2: ({ lengthM, widthM }) => (lengthM * widthM) / 3,
  surfaceM2: ({ lengthM, widthM, heightM }) =>
    (Math.PI / 2) * (widthM + heightM) * lengthM + (Math.PI / 2) * widthM * heightM,
  faces: ({ lengthM, widthM, heightM }) => [
    { face: 'left', name: 'Left end', seen: 'side', round: true, acrossM: widthM, alongM: heightM },
    { face: 'right', name: 'Right end', seen: 'side', round: true, acrossM: widthM, alongM: heightM },
    { face: 'top', name: 'Top', seen: 'plan', round: false, acrossM: lengthM, alongM: widthM },
    { face: 'bottom', name: 'Bottom', seen: 'plan', round: false, acrossM: lengthM, alongM: widthM },
  ],
  // Radius of an ellipse at the end of its upright axis.
  radiusM: ({ widthM, heightM }, face) =>
    face === 'top' || face === 'bottom' ? (widthM / 2) ** 2 / (heightM / 2) : undefined,
  spotOf: ({ lengthM, widthM, heightM }, { face, heightM: upM, aroundM, depthM }) => {
    if (face === 'left') return { leftM: 0, frontM: widthM - aroundM, upM };
    if (face === 'right') return { leftM: lengthM, frontM: aroundM, upM };
    const overM = shellM(widthM, heightM, depthM);
    return { leftM: aroundM, frontM: depthM, upM: face === 'bottom' ? heightM / 2 - overM : heightM / 2 + overM };
  },
  fills: ({ lengthM, widthM, heightM, heads }, { leftM, frontM, upM }) => {
    const halfWidth = widthM / 2;
    const deep = halfWidth * BULGE[heads ?? usual];
    const intoEnd = deep > 0 ? Math.max(0, deep - leftM, leftM - (lengthM - deep)) / deep : 0;
    const section = Math.hypot(frontM / halfWidth - 1, upM / (heightM / 2) - 1, intoEnd);
    return leftM > 0 && leftM < lengthM && section < 1;
  },
  lookOf: ({ widthM, heightM }, { face, depthM }) => {
    if (face !== 'top' && face !== 'bottom') return flatLook(face);
    // Square to an ellipse: its coordinates over the squares of its half axes.
    const [behind, up] = [
      (depthM - widthM / 2) / (widthM / 2) ** 2,
      shellM(widthM, heightM, depthM) / (heightM / 2) ** 2,
    ];
    const long = Math.hypot(behind, up);
    return long === 0 ? flatLook(face) : { right: 0, behind: behind / long, up: (face === 'bottom' ? -up : up) / long };
  },
});

export const lying = lyingForm('lying', 'flat');
export const lyingDomed = lyingForm('lying-domed', 'full');
