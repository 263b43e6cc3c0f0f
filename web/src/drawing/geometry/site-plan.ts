import {
  type CheckContext,
  type Leg,
  METRES_PER_FOOT,
  type Measures,
  type PlanPlace,
  type PlanPoint,
  type SpacePoint,
  type Tank,
  coursesOf,
  formOf,
  openingIn,
  planKey,
  setOutOf,
  standingOf,
  toSpace,
  turnedBy,
} from '@herrero/core';

/** A point of the drawing [px]: to the right and down. */
export interface PlanDot {
  readonly x: number;
  readonly y: number;
}

/** A thing with a place, as the plan draws it. */
export interface PlanThing {
  readonly key: string;
  readonly of: 'mark' | 'roof' | 'terminal' | 'tank';
  readonly id: string;
  readonly name: string;
  readonly place: PlanPlace;
  readonly at: PlanDot;
}

export interface PlanTank extends PlanThing {
  readonly tank: Tank;
  /** Its outline, turned; of a round one the radius instead. */
  readonly corners: readonly PlanDot[];
  readonly radiusPx: number | undefined;
  readonly turned: boolean;
  /** Where its front looks, from its outline outward. */
  readonly front: readonly [PlanDot, PlanDot];
  readonly openings: readonly PlanOpening[];
}

export interface PlanOpening {
  readonly id: string;
  readonly label: string;
  readonly at: PlanDot;
  /** The way it looks, a step long; undefined where it looks up or down. */
  readonly to: PlanDot | undefined;
}

/** A stretch of a run seen from above. */
export interface PlanLine {
  readonly id: string;
  readonly penetrationId: string;
  readonly points: readonly PlanDot[];
  readonly buried: boolean;
  readonly assumed: boolean;
}

/** A line of which only its two ends are known. */
export interface PlanGuess {
  readonly penetrationId: string;
  readonly label: string;
  readonly from: PlanDot;
  readonly to: PlanDot;
}

export interface SitePlan {
  readonly width: number;
  readonly height: number;
  readonly pxPerM: number;
  readonly dot: (point: PlanPoint) => PlanDot;
  readonly point: (dot: PlanDot) => PlanPoint;
  readonly marks: readonly PlanThing[];
  readonly roofs: readonly PlanThing[];
  readonly places: readonly PlanThing[];
  readonly tanks: readonly PlanTank[];
  readonly walls: readonly {
    readonly id: string;
    readonly from: PlanDot;
    readonly to: PlanDot;
    readonly side: 'left' | 'right' | null;
  }[];
  readonly lines: readonly PlanLine[];
  readonly guesses: readonly PlanGuess[];
  /** Has a place, but not enough is known of it to draw it: by key and name. */
  readonly unplaced: readonly { readonly key: string; readonly name: string }[];
  readonly scale: { readonly metres: number; readonly px: number };
}

export const SITE_PLAN = { width: 816, height: 440, edge: 56 } as const;
/** However little is on it, a plan shows so much [m]. */
const LEAST_M = 3;
const SCALE_PX = 220;
const LOOKS_PX = 16;

/** The longest round figure, 1, 2 or 5 of a power of ten, of metres or of feet, that the scale has room for [m]. */
export function scaleStepM(pxPerM: number, measures: Measures, roomPx = SCALE_PX): number {
  const unitM = measures === 'mm-l' ? 1 : METRES_PER_FOOT;
  const most = roomPx / pxPerM / unitM;
  const power = 10 ** Math.floor(Math.log10(most));
  return ([5, 2, 1].find((step) => step * power <= most) ?? 1) * power * unitM;
}

/** Letters of the references, in their order: A, B ... */
export const letterOf = (index: number): string => String.fromCodePoint(65 + (index % 26));

/** The site from above at true distances, as large as the sheet allows. */
export function sitePlan(
  context: CheckContext,
  { width, height, edge }: { readonly width: number; readonly height: number; readonly edge: number } = SITE_PLAN,
): SitePlan {
  const { job } = context;
  const { places } = setOutOf(job);
  const placeOf = (key: string): PlanPlace | undefined => places.get(key);
  const listed = [
    ...job.marks
      .filter(({ kind }) => kind === 'reference')
      .map(({ id, name }) => ({ of: 'mark' as const, id, name, tank: undefined })),
    ...job.roofs.map(({ id, name }) => ({ of: 'roof' as const, id, name, tank: undefined })),
    ...job.tanks.map((tank) => ({ of: 'tank' as const, id: tank.id, name: tank.label, tank })),
    ...job.terminals.map(({ id, name }) => ({ of: 'terminal' as const, id, name, tank: undefined })),
  ].map((one) => ({ ...one, key: planKey(one) }));
  const placed = listed.flatMap((one) => {
    const place = placeOf(one.key);
    return place?.at ? [{ ...one, place, point: place.at }] : [];
  });
  const courses = [...coursesOf(context)].flatMap(([penetrationId, course]) => {
    const hole = job.penetrations.find(({ id }) => id === penetrationId);
    const tank = job.tanks.find(({ id }) => id === hole?.tankId);
    if (!hole || !tank || !standingOf(tank, job)) return [];
    return [{ hole, legs: course.strands.flat(), space: (at: Leg['from']): SpacePoint => toSpace(at, course.frame) }];
  });
  const reach = placed.flatMap(({ point, tank, place }) => {
    const half = tank ? Math.max(formOf(tank).acrossM(tank), formOf(tank).throughM(tank)) / 2 : 0;
    const tapes = place.tapes.map(({ reach: { at } }) => at);
    return [{ x: point.x - half, y: point.y - half }, { x: point.x + half, y: point.y + half }, ...tapes];
  });
  const drawn = courses.flatMap(({ legs, space }) => legs.flatMap((leg) => [space(leg.from), space(leg.to)]));
  const points: readonly PlanPoint[] = [...reach, ...drawn];
  const box = (of: (point: PlanPoint) => number) => {
    const values = points.length > 0 ? points.map(of) : [0];
    return { low: Math.min(...values), high: Math.max(...values) };
  };
  const [xs, ys] = [box(({ x }) => x), box(({ y }) => y)];
  const pxPerM = Math.min(
    (width - 2 * edge) / Math.max(LEAST_M, xs.high - xs.low),
    (height - 2 * edge) / Math.max(LEAST_M * (height / width), ys.high - ys.low),
  );
  const middle = { x: (xs.low + xs.high) / 2, y: (ys.low + ys.high) / 2 };
  const dot = ({ x, y }: PlanPoint): PlanDot => ({
    x: width / 2 + (x - middle.x) * pxPerM,
    y: height / 2 - (y - middle.y) * pxPerM,
  });
  const point = ({ x, y }: PlanDot): PlanPoint => ({
    x: middle.x + (x - width / 2) / pxPerM,
    y: middle.y - (y - height / 2) / pxPerM,
  });
  const things = (of: PlanThing['of']): readonly PlanThing[] =>
    placed
      .filter((one) => one.of === of)
      .map(({ key, id, name, place, point: at }) => ({ key, of, id, name, place, at: dot(at) }));
  const tanks = placed.flatMap(({ key, id, name, place, point: at, tank }) =>
    tank ? [tankOf(tank, { key, of: 'tank', id, name, place, at: dot(at) }, context, pxPerM, dot)] : [],
  );
  const metres = scaleStepM(pxPerM, job.measures);
  const run = new Set<string>();
  return {
    width,
    height,
    pxPerM,
    dot,
    point,
    marks: things('mark'),
    roofs: things('roof'),
    places: things('terminal'),
    tanks,
    walls: job.marks.flatMap(({ id, wallTo, wallSide }) => {
      const [from, to] = [placeOf(`mark ${id}`)?.at, wallTo === null ? undefined : placeOf(`mark ${wallTo}`)?.at];
      return from && to ? [{ id, from: dot(from), to: dot(to), side: wallSide }] : [];
    }),
    lines: courses.flatMap(({ hole, legs, space }) =>
      legs.flatMap((leg) => {
        // A line that several openings share is drawn once.
        if (run.has(leg.placed.id)) return [];
        run.add(leg.placed.id);
        return [
          {
            id: leg.placed.id,
            penetrationId: hole.id,
            points: [leg.from, leg.through, leg.to].map((at) => dot(space(at))),
            buried: Math.max(leg.from.up, leg.to.up) < 0,
            assumed: !leg.sure || leg.assumed.length > 0,
          },
        ];
      }),
    ),
    guesses: guessesOf(context, tanks, dot),
    unplaced: listed.filter(({ key }) => !placeOf(key)?.at).map(({ key, name }) => ({ key, name })),
    scale: { metres, px: metres * pxPerM },
  };
}

function tankOf(
  tank: Tank,
  thing: PlanThing,
  { job }: CheckContext,
  pxPerM: number,
  dot: (point: PlanPoint) => PlanDot,
): PlanTank {
  const form = formOf(tank);
  const standing = standingOf(tank, job);
  const degrees = standing?.turnDegrees ?? 0;
  const [half, deep] = [form.acrossM(tank) / 2, form.throughM(tank) / 2];
  const at = thing.place.at ?? { x: 0, y: 0 };
  const from = (off: PlanPoint): PlanDot => {
    const { x, y } = turnedBy(off, degrees);
    return dot({ x: at.x + x, y: at.y + y });
  };
  const step = LOOKS_PX / pxPerM;
  return {
    ...thing,
    tank,
    turned: standing !== undefined,
    corners: [
      { x: -half, y: -deep },
      { x: half, y: -deep },
      { x: half, y: deep },
      { x: -half, y: deep },
    ].map(from),
    radiusPx: form.id === 'round' ? half * pxPerM : undefined,
    front: [from({ x: 0, y: -deep }), from({ x: 0, y: -deep - step })],
    openings: standing
      ? job.penetrations
          .filter(({ tankId }) => tankId === tank.id)
          .map((hole) => {
            const { at: spot, looks } = openingIn(tank, hole, standing);
            const level = Math.hypot(looks.x, looks.y);
            return {
              id: hole.id,
              label: hole.label,
              at: dot(spot),
              to:
                level < 0.5
                  ? undefined
                  : dot({ x: spot.x + (looks.x / level) * step, y: spot.y + (looks.y / level) * step }),
            };
          })
      : [],
  };
}

/** Lines that end at a place on the plan, while nothing is laid between. */
const guessesOf = (
  context: CheckContext,
  tanks: readonly PlanTank[],
  dot: (point: PlanPoint) => PlanDot,
): readonly PlanGuess[] =>
  context.runs.flatMap(({ penetration, strands }) => {
    const from = tanks.flatMap(({ openings }) => openings).find(({ id }) => id === penetration.id)?.at;
    return strands.flatMap((strand) => {
      const { end } = strand;
      const at = end.at === 'terminal' ? setOutOf(context.job).places.get(`terminal ${end.id}`)?.at : undefined;
      const last = coursesOf(context).get(penetration.id)?.along.get(strand)?.at(-1);
      const known = last !== undefined && last.sure && last.assumed.length === 0;
      return from && at && !known
        ? [{ penetrationId: penetration.id, label: penetration.label, from, to: dot(at) }]
        : [];
    });
  });
