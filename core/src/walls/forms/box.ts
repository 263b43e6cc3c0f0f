import { flatLook } from './flat-look';
import type { TankForm } from './form';

/** A box: a crate container, a slim tank, a trough. */
export const box: TankForm = {
  id: 'box',
  dimensions: [
    { field: 'lengthM', name: 'Length, outside' },
    { field: 'widthM', name: 'Width, outside' },
  ],
  insideM3: ({ lengthM, widthM, wallM }, insideM) =>
    Math.max(0, lengthM - 2 * wallM) * Math.max(0, widthM - 2 * wallM) * insideM,
  acrossM: ({ lengthM }) => lengthM,
  throughM: ({ widthM }) => widthM,
  footM2: ({ lengthM, widthM }) => lengthM * widthM,
  surfaceM2: ({ lengthM, widthM, heightM }) => 2 * (lengthM * widthM + (lengthM + widthM) * heightM),
  faces: ({ lengthM, widthM, heightM }) => [
    { face: 'front', name: 'Front', seen: 'side', round: false, acrossM: lengthM, alongM: heightM },
    { face: 'right', name: 'Right side', seen: 'side', round: false, acrossM: widthM, alongM: heightM },
    { face: 'back', name: 'Back', seen: 'side', round: false, acrossM: lengthM, alongM: heightM },
    { face: 'left', name: 'Left side', seen: 'side', round: false, acrossM: widthM, alongM: heightM },
    { face: 'top', name: 'Top', seen: 'plan', round: false, acrossM: lengthM, alongM: widthM },
    { face: 'bottom', name: 'Bottom', seen: 'plan', round: false, acrossM: lengthM, alongM: widthM },
  ],
  radiusM: () => undefined,
  spotOf: ({ lengthM, widthM }, { face, heightM, aroundM, depthM }) => {
    switch (face) {
      case 'front':
        return { leftM: aroundM, frontM: 0, upM: heightM };
      case 'right':
        return { leftM: lengthM, frontM: aroundM, upM: heightM };
      case 'back':
        return { leftM: lengthM - aroundM, frontM: widthM, upM: heightM };
      case 'left':
        return { leftM: 0, frontM: widthM - aroundM, upM: heightM };
      case 'bottom':
        return { leftM: aroundM, frontM: depthM, upM: 0 };
      default:
        return { leftM: aroundM, frontM: depthM, upM: heightM };
    }
  },
  lookOf: (_, { face }) => flatLook(face),
  fills: ({ lengthM, widthM, heightM }, { leftM, frontM, upM }) =>
    leftM > 0 && leftM < lengthM && frontM > 0 && frontM < widthM && upM > 0 && upM < heightM,
};
