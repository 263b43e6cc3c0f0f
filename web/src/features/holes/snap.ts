import {
  type FaceShape,
  type NoDrillZone,
  type PlaceField,
  type WallPlace,
  apartM,
  nearestFree,
  zoneAt,
} from '@herrero/core';

interface SnapContext {
  readonly shape: FaceShape;
  readonly zones: readonly NoDrillZone[];
  /** Half of the flat the opening needs [m]. */
  readonly radiusM: number;
  /** The other openings of the face. */
  readonly others: readonly WallPlace[];
  /** Which fields the drag moves. */
  readonly fields: readonly PlaceField[];
  /** Marks of the tape [m]. */
  readonly stepM: number;
  /** This near a good place draws it in [m]. */
  readonly nearM: number;
}

/** How far a field may go on a face. */
export const mostM = (shape: FaceShape, field: PlaceField): number =>
  field === 'aroundM' ? shape.acrossM : shape.alongM;

/**
 * Where a dragged opening comes to lie: on a mark of the tape; level or in line with another opening, or on the middle of
 * the face, where one of these is near; and clear of a zone where its flange can lie flat nearby.
 */
export function snapPlace(wanted: WallPlace, context: SnapContext): WallPlace {
  const { shape, fields, stepM, nearM, others, zones, radiusM } = context;
  const snapped = fields.reduce<WallPlace>((place, field) => {
    const most = mostM(shape, field);
    const value = Math.min(most, Math.max(0, place[field]));
    const good = [...others.map((other) => other[field]), ...(field === 'aroundM' ? [most / 2] : [])]
      .filter((at) => Math.abs(at - value) <= nearM)
      .toSorted((a, b) => Math.abs(a - value) - Math.abs(b - value))[0];
    return { ...place, [field]: good ?? Math.min(most, Math.round(value / stepM) * stepM) };
  }, wanted);
  if (!zoneAt(zones, snapped, radiusM)) return snapped;
  const free = nearestFree(zones, shape, snapped, radiusM, { fields });
  return free && apartM(free, snapped) <= nearM * 2 ? free : snapped;
}
