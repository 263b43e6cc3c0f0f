import { WALL_SEAL_SIZES, wallSealSizeOf } from '../connections/standards/wall-seals';
import type { WallSealSize } from '../connections/standards/wall-seals/wall-seal';
import { METRES_PER_INCH, markAbove, markBelow } from '../quantity/length';
import { memoize } from '../quantity/memoize';
import type { NominalSize } from '../quantity/size';
import { type FaceShape, faceOf, facesOf, formOf, isUpright } from './forms';
import { PLACE_FIELDS, type PlaceField, type Rib, type Tank, type WallPlace } from './tank';
import type { NoDrillZone } from './tank-type';
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

/** The ribs and hoops of a tank: as they were measured, or as its type usually has them. */
export const ribsOf = (tank: Tank): readonly Rib[] => tank.ribs ?? tankType(tank.type).ribs(tank);

/** The faces that a rib runs over: level ones go all round, upright ones stand on the long sides; a lying tank has them round it. */
export function ribbedFaces(tank: Tank, { runs }: Pick<Rib, 'runs'>): readonly FaceShape[] {
  const faces = facesOf(tank);
  const walls = faces.filter(({ face }) => isUpright(face));
  if (formOf(tank).id.startsWith('lying')) return runs === 'upright' ? faces.filter(({ seen }) => seen === 'plan') : [];
  return runs === 'level' ? walls : walls.filter(({ face }) => face !== 'left' && face !== 'right');
}

const ribZones = (tank: Tank): NoDrillZone[] =>
  ribsOf(tank).flatMap((rib) =>
    ribbedFaces(tank, rib).map(({ face }) => ({
      shape: 'band' as const,
      face,
      along: rib.runs === 'level' ? ('up' as const) : ('round' as const),
      fromM: rib.atM - rib.widthM / 2,
      toM: rib.atM + rib.widthM / 2,
      reason: tankType(tank.type).ribName,
    })),
  );

/** Where no hole may be drilled: by the type of the tank, and by its own ribs. */
export const noDrillZones: (tank: Tank) => readonly NoDrillZone[] = memoize((tank: Tank) => [
  ...tankType(tank.type).noDrill(tank),
  ...ribZones(tank),
]);

/** The first zone that a flange of this radius at this place reaches into; undefined where it lies flat. */
export const zoneAt = (zones: readonly NoDrillZone[], place: WallPlace, radiusM: number): NoDrillZone | undefined =>
  zones.find((zone) => zone.face === place.face && reaches(zone, place, radiusM));

/** What a move in search of the flat keeps to: the fields it may change, and heights between. Without them the whole face. */
export interface MoveLimits {
  readonly fields?: readonly PlaceField[];
  readonly leastUpM?: number;
  readonly mostUpM?: number;
  /** Marks of a tape so far apart [m]: what is moved comes to stand on one of them, where one is as good. */
  readonly marksM?: number;
}

/**
 * The nearest place on a face at which the flange lies flat: up, down and along past bands, in or out past a ring.
 * Undefined where there is none within the limits.
 */
export function nearestFree(
  zones: readonly NoDrillZone[],
  shape: FaceShape,
  place: WallPlace,
  radiusM: number,
  { fields = PLACE_FIELDS, leastUpM = radiusM, mostUpM = shape.alongM, marksM }: MoveLimits = {},
): WallPlace | undefined {
  const own = zones.filter(({ face }) => face === place.face);
  const plan = shape.seen === 'plan';
  const edges = (along: 'up' | 'round'): number[] =>
    own.flatMap((zone) =>
      zone.shape === 'band' && zone.along === along ? [zone.fromM - radiusM, zone.toM + radiusM] : [],
    );
  const heights = [place.heightM, ...(plan ? [] : edges('up'))];
  const arounds = [place.aroundM, ...edges('round')];
  const past = heights.flatMap((heightM) => arounds.map((aroundM) => ({ ...place, heightM, aroundM })));
  const inside = (one: WallPlace): boolean =>
    one.aroundM >= 0 &&
    one.aroundM <= shape.acrossM &&
    (plan
      ? one.depthM >= 0 && one.depthM <= shape.alongM
      : one.heightM >= leastUpM - TOUCH_M && one.heightM <= mostUpM + TOUCH_M);
  const isFree = (one: WallPlace): boolean => inside(one) && !zoneAt(own, one, radiusM);
  const nearest = (places: readonly WallPlace[], to: WallPlace): WallPlace | undefined =>
    places.filter(isFree).sort((a, b) => apartM(a, to) - apartM(b, to))[0];
  const free = nearest(
    [...past, ...own.flatMap((zone) => (zone.shape === 'ring' ? pastRing(zone, place, radiusM) : []))].filter((one) =>
      PLACE_FIELDS.every((field) => fields.includes(field) || one[field] === place[field]),
    ),
    place,
  );
  return (
    free &&
    (marksM === undefined
      ? free
      : (nearest(
          onMarks(free, { fields: fields.filter((field) => field !== (plan ? 'heightM' : 'depthM')), marksM }),
          free,
        ) ?? free))
  );
}

/** The marks of a tape about a place, in the fields that may move: below and above. */
const onMarks = (
  place: WallPlace,
  { fields, marksM }: { readonly fields: readonly PlaceField[]; readonly marksM: number },
): readonly WallPlace[] =>
  fields.reduce<readonly WallPlace[]>(
    (places, field) =>
      places.flatMap((one) =>
        [markBelow, markAbove].map((toMark) => ({ ...one, [field]: toMark(one[field], marksM) })),
      ),
    [place],
  );

/** What an opening takes of its face round its middle: half of the flat that what seals it needs, and its hole [m]. */
export interface HoleRoom {
  readonly flatM: number;
  readonly holeM: number;
}

/** What a way to seal takes in one of its sizes. */
export const roomOf = ({ flangeMm, typicalHoleMm }: WallSealSize): HoleRoom => ({
  flatM: flangeMm / 2000,
  holeM: typicalHoleMm / 1000,
});

/** A wrench goes between two flanges [m] (common practice). */
const BETWEEN_M = METRES_PER_INCH;

/** How far apart two openings are at least [m]: half of both flanges and an inch; between the edges of the holes the larger hole. */
export const leastApartM = (a: HoleRoom, b: HoleRoom): number =>
  Math.max(a.flatM + b.flatM + BETWEEN_M, a.holeM / 2 + b.holeM / 2 + Math.max(a.holeM, b.holeM));

/** From one place to another of the same face [m]. */
export const apartM = (a: WallPlace, b: WallPlace): number =>
  Math.hypot(a.heightM - b.heightM, a.aroundM - b.aroundM, a.depthM - b.depthM);

/** The nearest place on its face of a tank at which a flange lies flat. */
export function freePlace(
  tank: Tank,
  place: WallPlace,
  radiusM: number,
  limits: MoveLimits = {},
): WallPlace | undefined {
  const shape = faceOf(tank, place.face);
  return shape && nearestFree(noDrillZones(tank), shape, place, radiusM, limits);
}

/** How far a flange is clear of a band, and what that band is. */
export interface Clearance {
  readonly reason: string;
  readonly gapM: number;
}

/** How far a flange is clear of what is above and below it, and to its sides. */
export function clearances(zones: readonly NoDrillZone[], place: WallPlace, radiusM: number): readonly Clearance[] {
  const bands = zones.flatMap((zone) => (zone.shape === 'band' && zone.face === place.face ? [zone] : []));
  return (['up', 'round'] as const).flatMap((along) => {
    const at = along === 'up' ? place.heightM : place.aroundM;
    const own = bands.filter((band) => band.along === along);
    const below = own.filter(({ toM }) => toM <= at).toSorted((a, b) => b.toM - a.toM)[0];
    const above = own.filter(({ fromM }) => fromM >= at).toSorted((a, b) => a.fromM - b.fromM)[0];
    return [
      ...(above ? [{ reason: above.reason, gapM: above.fromM - at - radiusM }] : []),
      ...(below ? [{ reason: below.reason, gapM: at - radiusM - below.toM }] : []),
    ];
  });
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
