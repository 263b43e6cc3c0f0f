import {
  type CheckContext,
  FILLS,
  type Mark,
  type Roof,
  type Tank,
  type Terminal,
  acrossM,
  awayM,
  baseLevelM,
  groundAtM,
  gutterUpM,
  levelsOf,
  placeUpM,
  sharingWith,
  upOf,
} from '@herrero/core';

/** The sheet of the fall line [px]: a pole, roofs, tanks and the places where water goes, from left to right. */
export const FALL_LINE = {
  width: 812,
  pole: 44,
  roofs: 62,
  roofWidth: 150,
  tankRoom: 210,
  top: 26,
  foot: 30,
  mostHeight: 400,
} as const;

const MOST_PX_PER_M = 150;
const GAP = 8;
/** Over a gutter that much of the roof is drawn, and this much is left over and under everything else [m]. */
const ROOF_RISE_M = 0.7;
const MARGIN_M = 0.25;

export interface RoofSpot {
  readonly roof: Roof;
  /** The gutter [px]. */
  readonly x: number;
  /** undefined: nobody has read it; it is drawn over the tanks, dotted. */
  readonly gutterM: number | undefined;
  readonly drawnM: number;
}

export interface TankSpot {
  readonly tank: Tank;
  readonly axis: number;
  /** Width as a share of its true width at the scale of the heights. */
  readonly narrowed: number;
  readonly baseM: number;
}

export interface PlaceSpot {
  readonly place: Terminal;
  readonly x: number;
  readonly upM: number | undefined;
  /** Where it is drawn: as read, or on its ground. */
  readonly drawnM: number;
  readonly groundM: number;
  /** How far off it is from the opening of its run, level [m]; undefined where that is not known. */
  readonly awayM: number | undefined;
}

export interface FallLine {
  readonly pxPerM: number;
  readonly height: number;
  readonly topM: number;
  readonly footM: number;
  /** Height over the finished ground [m] to the sheet [px]. */
  readonly y: (upM: number) => number;
  /** Height of the base of the first tank, from which figures are said [m over the ground]. */
  readonly datumM: number;
  readonly roofs: readonly RoofSpot[];
  readonly tanks: readonly TankSpot[];
  readonly places: readonly PlaceSpot[];
  readonly marks: readonly { readonly mark: Mark; readonly upM: number }[];
  /** Full and lowest usable water of the tanks that share it with the first; undefined without a tank. */
  readonly fullM: number | undefined;
  readonly lowM: number | undefined;
  /** Where the tanks end and the ground may fall [px]. */
  readonly slopeX: number;
  /** Do the places stand as far from the tanks as they are, to one scale of their own? */
  readonly distancesTrue: boolean;
}

/** Two places nearer than this would be written over each other [px]. */
const PLACE_ROOM = 74;
const PLACES_FROM = 30;

/**
 * Where places stand when each is as far from the tanks as it is, to one scale, the nearest first; undefined where that is not
 * known of all, or two would be written over each other.
 */
function byDistance<Place extends { readonly awayM: number | undefined }>(
  places: readonly Place[],
  slopeX: number,
): readonly (Place & { readonly x: number })[] | undefined {
  const known = places.flatMap((place) => (place.awayM === undefined ? [] : [{ place, awayM: place.awayM }]));
  const mostM = Math.max(...known.map(({ awayM }) => awayM));
  if (known.length === 0 || known.length < places.length || mostM <= 0) return undefined;
  const from = slopeX + PLACES_FROM;
  const pxPerM = (FALL_LINE.width - PLACE_ROOM - from) / mostM;
  const spots = known
    .toSorted((a, b) => a.awayM - b.awayM)
    .map(({ place, awayM }) => ({ ...place, x: from + awayM * pxPerM }));
  const apart = spots.every(({ x }, index) => x - (spots[index - 1]?.x ?? from - PLACE_ROOM / 2) >= PLACE_ROOM / 2);
  const clear = spots.every(({ x }, index) => index < 2 || x - (spots[index - 2]?.x ?? 0) >= PLACE_ROOM);
  return apart && clear ? spots : undefined;
}

/**
 * Lays the section of a site out: heights to one true scale, distances to a scale of their own where all are known, else as there
 * is room; how far off a place is, is written.
 */
export function fallLine(context: CheckContext): FallLine {
  const { job } = context;
  const [first] = job.tanks;
  const tops = job.tanks.map((tank) => baseLevelM(tank, job) + tank.heightM);
  const highestTank = Math.max(0.6, ...tops);
  const gutters = job.roofs.map(({ id }) => gutterUpM(job, id));
  // Where an inlet begins is no place that water goes to; of the others the ground falls from one to the next.
  const sources = new Set(
    context.runs
      .filter(({ penetration }) => penetration.roles.some((role) => FILLS.includes(role)))
      .flatMap(({ strands }) => strands.flatMap(({ end }) => (end.at === 'terminal' ? [end.id] : []))),
  );
  const openings = new Map(
    context.runs.flatMap(({ penetration, strands }) =>
      strands.flatMap(({ end }) => (end.at === 'terminal' ? [[end.id, penetration.id] as const] : [])),
    ),
  );
  const places = job.terminals
    .filter(({ id, kind }) => kind !== 'downpipe' && !sources.has(id))
    .map((place) => {
      const groundM = groundAtM(job, place.id);
      const upM = placeUpM(job, place.id);
      const holeId = openings.get(place.id) ?? job.penetrations[0]?.id;
      return {
        place,
        upM,
        awayM: awayM(place.id, holeId, job),
        groundM: groundM ?? Math.min(0, upM ?? 0),
        drawnM: upM ?? groundM ?? 0,
      };
    })
    .toSorted((a, b) => b.groundM - a.groundM);
  const marks = job.marks.flatMap((mark) => {
    const upM = upOf(job, { of: 'mark', id: mark.id });
    return mark.kind === 'reference' && upM !== undefined ? [{ mark, upM }] : [];
  });
  const drawnGutter = (gutterM: number | undefined): number => gutterM ?? highestTank + ROOF_RISE_M;
  const heights = [
    ...tops,
    ...gutters.map((gutterM) => drawnGutter(gutterM) + ROOF_RISE_M),
    ...places.map(({ drawnM }) => drawnM + MARGIN_M),
    ...marks.map(({ upM }) => upM),
  ];
  const depths = [
    0,
    ...job.tanks.map((tank) => baseLevelM(tank, job)),
    ...places.map(({ drawnM, groundM }) => Math.min(drawnM, groundM)),
    ...marks.map(({ upM }) => upM),
  ];
  const [topM, footM] = [Math.max(1.2, ...heights) + MARGIN_M, Math.min(...depths) - MARGIN_M];
  const pxPerM = Math.min(MOST_PX_PER_M, (FALL_LINE.mostHeight - FALL_LINE.top - FALL_LINE.foot) / (topM - footM));
  const y = (upM: number): number => FALL_LINE.top + (topM - upM) * pxPerM;
  const roofs = job.roofs.map((roof, index): RoofSpot => {
    const wide = FALL_LINE.roofWidth / Math.max(1, job.roofs.length);
    const gutterM = gutters[index];
    return { roof, gutterM, drawnM: drawnGutter(gutterM), x: FALL_LINE.roofs + wide * (index + 1) - 14 };
  });
  const tanksFrom = FALL_LINE.roofs + FALL_LINE.roofWidth + 36;
  const wide = job.tanks.reduce((sum, tank) => sum + acrossM(tank) * pxPerM + GAP, 0);
  const narrowed = Math.min(1, FALL_LINE.tankRoom / Math.max(1, wide));
  let at = tanksFrom;
  const tanks = job.tanks.map((tank): TankSpot => {
    const half = (acrossM(tank) * pxPerM * narrowed) / 2;
    const spot = { tank, axis: at + half, narrowed, baseM: baseLevelM(tank, job) };
    at += 2 * half + GAP;
    return spot;
  });
  const slopeX = Math.max(at + 26, tanksFrom + 120);
  const room = FALL_LINE.width - slopeX - 40;
  const toScale = byDistance(places, slopeX);
  const levels = first && levelsOf(first, context);
  const lows = first
    ? sharingWith(first, context).map((tank) => baseLevelM(tank, job) + levelsOf(tank, context).deadM)
    : [];
  return {
    pxPerM,
    height: FALL_LINE.top + (topM - footM) * pxPerM + FALL_LINE.foot,
    topM,
    footM,
    y,
    datumM: first ? baseLevelM(first, job) : 0,
    roofs,
    tanks,
    places:
      toScale ??
      places.map((spot, index) => ({
        ...spot,
        x: slopeX + 60 + (room / Math.max(1, places.length)) * (index + 0.5) - 30,
      })),
    distancesTrue: toScale !== undefined,
    marks,
    fullM: first && levels ? baseLevelM(first, job) + levels.fullM : undefined,
    lowM: lows.length > 0 ? Math.min(...lows) : undefined,
    slopeX,
  };
}

/** Marks of the pole: whole feet or half metres from the datum, as close as their figures have room for. */
export function poleMarks(
  { topM, footM, datumM, pxPerM }: FallLine,
  inches: boolean,
): readonly { upM: number; figure: string }[] {
  const unit = inches ? 0.3048 : 1;
  const step = [0.5, 1, 2, 5, 10].find((one) => one * unit * pxPerM >= 26 && (!inches || one >= 1)) ?? 10;
  // A figure that would stand on the edge of the pole is left out.
  const edgeM = 9 / pxPerM;
  const [from, to] = [
    Math.ceil((footM + edgeM - datumM) / (step * unit)),
    Math.floor((topM - edgeM - datumM) / (step * unit)),
  ];
  return Array.from({ length: to - from + 1 }, (_, index) => {
    const count = (from + index) * step;
    return { upM: datumM + count * unit, figure: count > 0 ? `+${count}` : count < 0 ? `−${-count}` : '0' };
  });
}
