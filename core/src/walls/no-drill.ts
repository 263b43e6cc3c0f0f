import { WALL_SEAL_SIZES, wallSealSizeOf } from '../connections/standards/wall-seals';
import type { NominalSize } from '../quantity/size';
import type { NoDrillZone, Tank, WallPlace } from './tank';
import { tankType } from './tank-types';

/** Without a seal nobody knows how much flat an opening needs; a bulkhead's flange is the careful guess. */
const GUESSED: NominalSize = '1/2';

/** Half of the flat an opening needs [m]: the flange of what seals it, or of a bulkhead of its size; at least its hole. */
export function flangeRadiusM(size: NominalSize, holeM: number | undefined, style = 'bulkhead'): number {
  const row =
    wallSealSizeOf(style, size) ??
    wallSealSizeOf('bulkhead', size) ??
    wallSealSizeOf('bulkhead', WALL_SEAL_SIZES.includes(size) ? '4' : GUESSED);
  return Math.max((row?.flangeMm ?? 0) / 2000, (holeM ?? 0) / 2);
}

/** A flange may touch a zone. */
const TOUCH_M = 0.0005;

const reaches = (zone: NoDrillZone, place: WallPlace, radiusM: number): boolean => {
  if (zone.shape === 'ring') {
    const off = Math.hypot(place.aroundM - zone.fromLeftM, place.depthM - zone.fromFrontM);
    return off + radiusM > zone.fromM + TOUCH_M && off - radiusM < zone.toM - TOUCH_M;
  }
  const at = zone.along === 'up' ? place.heightM : place.aroundM;
  return at + radiusM > zone.fromM + TOUCH_M && at - radiusM < zone.toM - TOUCH_M;
};

export const noDrillZones = (tank: Tank): readonly NoDrillZone[] => tankType(tank.type).noDrill(tank);

/** The first zone that a flange of this radius at this place reaches into; undefined where it lies flat. */
export const zoneAt = (zones: readonly NoDrillZone[], place: WallPlace, radiusM: number): NoDrillZone | undefined =>
  zones.find((zone) => zone.face === place.face && reaches(zone, place, radiusM));

/**
 * The nearest place on the face at which the flange lies flat: up, down and along past bands, in or out past a ring.
 * Undefined where there is none below `topM`.
 */
export function nearestFree(
  zones: readonly NoDrillZone[],
  place: WallPlace,
  radiusM: number,
  topM: number,
): WallPlace | undefined {
  const own = zones.filter(({ face }) => face === place.face);
  const plan = place.face === 'top' || place.face === 'bottom';
  const edges = (along: 'up' | 'round'): number[] =>
    own.flatMap((zone) =>
      zone.shape === 'band' && zone.along === along ? [zone.fromM - radiusM, zone.toM + radiusM] : [],
    );
  const heights = [place.heightM, ...(plan ? [] : edges('up'))];
  const arounds = [place.aroundM, ...edges('round')];
  const past = heights.flatMap((heightM) => arounds.map((aroundM) => ({ ...place, heightM, aroundM })));
  const distance = (one: WallPlace): number =>
    Math.hypot(one.heightM - place.heightM, one.aroundM - place.aroundM, one.depthM - place.depthM);
  return [...past, ...own.flatMap((zone) => (zone.shape === 'ring' ? pastRing(zone, place, radiusM) : []))]
    .filter(
      (one) =>
        one.aroundM >= 0 &&
        (plan || (one.heightM - radiusM >= -TOUCH_M && one.heightM <= topM)) &&
        !zoneAt(own, one, radiusM),
    )
    .sort((a, b) => distance(a) - distance(b))[0];
}

/** Just inside and just outside of a ring, on the line from its middle; from the middle itself to the left and right. */
function pastRing(zone: Extract<NoDrillZone, { shape: 'ring' }>, place: WallPlace, radiusM: number): WallPlace[] {
  const [dx, dz] = [place.aroundM - zone.fromLeftM, place.depthM - zone.fromFrontM];
  const off = Math.hypot(dx, dz);
  const ways =
    off > 0
      ? [[dx / off, dz / off] as const]
      : ([
          [-1, 0],
          [1, 0],
          [0, 1],
        ] as const);
  return [zone.fromM - radiusM, zone.toM + radiusM]
    .filter((to) => to >= 0)
    .flatMap((to) =>
      ways.map(([x, z]) => ({ ...place, aroundM: zone.fromLeftM + x * to, depthM: zone.fromFrontM + z * to })),
    );
}
