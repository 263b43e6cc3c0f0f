import { box } from './forms/box';
import type { FaceShape, Look, Spot, TankForm } from './forms/form';
import { lying, lyingDomed } from './forms/lying';
import { round } from './forms/round';
import { tankType } from './tank-types';
import type { Face, Tank, WallPlace } from './tank';
import type { FormId } from './tank-type';

/** Every form of tank. A new one: its file, and a line here. */
const FORMS: Readonly<Record<FormId, TankForm>> = { round, box, lying, 'lying-domed': lyingDomed };

export const formOf = (tank: Pick<Tank, 'type'>): TankForm => FORMS[tankType(tank.type).form];

export const facesOf = (tank: Tank): readonly FaceShape[] => formOf(tank).faces(tank);

/** The face of a tank; undefined where its form has no such face. */
export const faceOf = (tank: Tank, face: Face): FaceShape | undefined =>
  facesOf(tank).find((shape) => shape.face === face);

/** The upright faces, where a height says where the water is. */
export const isUpright = (face: Face): boolean => face !== 'top' && face !== 'bottom';

export const spotOf = (tank: Tank, place: WallPlace): Spot => formOf(tank).spotOf(tank, place);

/** The way the wall looks at a place. */
export const lookOf = (tank: Tank, place: WallPlace): Look => formOf(tank).lookOf(tank, place);

/** Radius of the wall at a place [m]; undefined on a flat face. */
export const wallRadiusM = (tank: Tank, { face, heightM }: Pick<WallPlace, 'face' | 'heightM'>): number | undefined =>
  formOf(tank).radiusM(tank, face, heightM);

/** From left to right as seen from the front [m]. */
export const acrossM = (tank: Tank): number => formOf(tank).acrossM(tank);

/** Clear distance from the rim of a round top, or from the nearest edge of another, to a place on it [m]. */
export function fromRimM(tank: Tank, place: WallPlace): number | undefined {
  const shape = faceOf(tank, place.face);
  if (shape?.seen !== 'plan') return undefined;
  if (shape.round)
    return shape.acrossM / 2 - Math.hypot(place.aroundM - shape.acrossM / 2, place.depthM - shape.alongM / 2);
  return Math.min(place.aroundM, shape.acrossM - place.aroundM, place.depthM, shape.alongM - place.depthM);
}

export type { FaceShape, Spot, TankForm };
