import { type PlanPoint, angleTo, planDistance, toRadians, turnedBy, wholeTurn } from '../quantity/space';
import { memoize, memoizeBoth } from '../quantity/memoize';
import type { Job } from '../job/job';
import { holeById, tankOf } from '../job/lookup';
import { placeByTapes } from '../site/place-by-tapes';
import { type Reach, anglesByTape } from '../site/tapes';
import { formOf } from '../walls/forms';
import { type PlanRef, type Placed, type Tape, planKey } from '../walls/placing';
import { type Standing, fromMiddle } from '../walls/standing';
import type { Tank } from '../walls/tank';
import { upOf } from './heights';
import type { RunJob } from './run-job';

/** Why a thing has no place on the plan, or one that should not be trusted. */
export type PlaceTrouble =
  /** Nobody has said it. */
  | 'not-placed'
  /** Drawn where it seems to be: nothing is measured. */
  | 'rough'
  /** Beside a tank, but how far from it is not said: drawn a hand off. */
  | 'no-gap'
  /** So far off along its line, but which way is not said. */
  | 'no-direction'
  /** What it was taken from has no place itself. */
  | 'stands-on-nothing'
  /** It was taken from something that was taken from it. */
  | 'in-a-circle'
  /** One tape: it lies somewhere on a circle. */
  | 'one-tape'
  | 'do-not-meet'
  /** The tapes cross too flat. */
  | 'flat'
  /** A tape to a corner or an opening, or a place beside a tank, hangs on a turning that nobody has said. */
  | 'turning-unknown'
  /** The near side of something that is not round: the tape meets a face, and no circle says where. */
  | 'not-round'
  /** A further tape does not agree: which of them is wrong cannot be told. */
  | 'misfit'
  /** One reading is far from where the others, which agree, put it. */
  | 'blunder';

/** A tape as it is drawn and held against the place. */
export interface TapeRead {
  /** Its place among the readings. */
  readonly index: number;
  readonly reach: Reach;
  /** How much longer it was read than the place makes it [m]; undefined where there is no place. */
  readonly offM: number | undefined;
}

/** Where something is on the plan, as it was taken on site. */
export interface PlanPlace {
  readonly at: PlanPoint | undefined;
  /** Was it measured, and all that it hangs on? */
  readonly sure: boolean;
  readonly trouble: PlaceTrouble | undefined;
  /** So much is missing between two tapes that do not meet [m]. */
  readonly shortM: number;
  /** The other place where two tapes cross. */
  readonly other: PlanPoint | undefined;
  readonly tapes: readonly TapeRead[];
  /** Which reading is the blunder, by its place; undefined: none. */
  readonly blunder: number | undefined;
}

/** How a tank is turned [degrees, as `Standing`]; undefined where nobody has said it. */
export interface TankTurn {
  readonly degrees: number | undefined;
  /** The other way a tape could turn it. */
  readonly other: number | undefined;
  readonly trouble: 'not-said' | 'stands-on-nothing' | 'out-of-reach' | undefined;
}

/** Everything of a job that has a place, by `planKey`; tanks also with how they are turned and the ground under them. */
export interface SetOut {
  readonly places: ReadonlyMap<string, PlanPlace>;
  readonly turns: ReadonlyMap<string, TankTurn>;
  /** The ground under a tank over the finished ground at the tanks [m], by its id; absent: that ground itself. */
  readonly groundM: ReadonlyMap<string, number>;
}

/** Between tanks of which nobody has said how far apart they stand [m]: only drawn so. */
const DRAWN_APART_M = 0.1;

const NOWHERE: PlanPlace = {
  at: undefined,
  sure: false,
  trouble: 'not-placed',
  shortM: 0,
  other: undefined,
  tapes: [],
  blunder: undefined,
};
const nowhere = (trouble: PlaceTrouble): PlanPlace => ({ ...NOWHERE, trouble });
const placedAt = (at: PlanPoint, sure: boolean): PlanPlace => ({ ...NOWHERE, at, sure, trouble: undefined });
const NOT_TURNED: TankTurn = { degrees: undefined, other: undefined, trouble: 'not-said' };

/** What a place is worked out from. */
interface Lists extends Pick<Job, 'marks' | 'roofs' | 'terminals' | 'tanks' | 'penetrations'> {}

/** Half of a tank in the direction of a plan angle [m]: of a round one its radius, of another as far as it reaches. */
function halfM(tank: Tank, turnDegrees: number, towardsDegrees: number): number {
  const form = formOf(tank);
  const [half, deep] = [form.acrossM(tank) / 2, form.throughM(tank) / 2];
  if (form.id === 'round') return half;
  const off = toRadians(towardsDegrees - turnDegrees);
  return half * Math.abs(Math.cos(off)) + deep * Math.abs(Math.sin(off));
}

/** The corners of a tank, right of its middle and behind it in halves of its size. */
const CORNERS = {
  'front-left': { x: -1, y: -1 },
  'front-right': { x: 1, y: -1 },
  'back-left': { x: -1, y: 1 },
  'back-right': { x: 1, y: 1 },
} as const;
const SIDE_DEGREES = { right: 0, back: 90, left: 180, front: 270 } as const;

/** What hangs on something else is as sure as that is; a word where it has no place. */
type Hung = { readonly at: PlanPoint; readonly sure: boolean } | PlaceTrouble;
type Of<By extends Placed['by']> = Extract<Placed, { by: By }>;

/** Places and turnings of all that has one: each is worked out when first asked for, so in whatever order they hang on each other. */
function placesAndTurns({ marks, roofs, terminals, tanks, penetrations }: Lists): Pick<SetOut, 'places' | 'turns'> {
  const records = new Map<string, { readonly placed: Placed | null; readonly tank: Tank | undefined }>([
    ...marks.map(({ id, placed }) => [planKey({ of: 'mark', id }), { placed, tank: undefined }] as const),
    ...roofs.map(({ id, placed }) => [planKey({ of: 'roof', id }), { placed, tank: undefined }] as const),
    ...terminals.map(({ id, placed }) => [planKey({ of: 'terminal', id }), { placed, tank: undefined }] as const),
    ...tanks.map((tank) => [planKey({ of: 'tank', id: tank.id }), { placed: tank.placed, tank }] as const),
  ]);
  const places = new Map<string, PlanPlace>();
  const turns = new Map<string, TankTurn>();
  const asked = new Set<string>();
  const once = <Value>(known: Map<string, Value>, id: string, inCircle: Value, of: () => Value): Value => {
    const found = known.get(id);
    if (found) return found;
    // A turning is asked for by the id of its tank, a place by its key: they are never the same.
    if (asked.has(id)) return inCircle;
    asked.add(id);
    const value = of();
    asked.delete(id);
    known.set(id, value);
    return value;
  };
  const placeOf = (key: string): PlanPlace =>
    once(places, key, nowhere('in-a-circle'), () => {
      const record = records.get(key);
      return record ? placeBy(record.placed, record.tank) : nowhere('stands-on-nothing');
    });
  const turnOf = (tank: Tank): TankTurn =>
    once(turns, tank.id, { ...NOT_TURNED, trouble: 'stands-on-nothing' }, () => turnBy(tank));
  const hung = (ref: PlanRef): Hung => {
    const { at, sure, trouble } = placeOf(planKey(ref));
    return at ? { at, sure } : trouble === 'in-a-circle' ? trouble : 'stands-on-nothing';
  };

  const turnBy = (tank: Tank): TankTurn => {
    const { turned } = tank;
    if (!turned) return NOT_TURNED;
    if (turned.by === 'degrees') return { degrees: turned.degrees, other: undefined, trouble: undefined };
    const [middle, from] = [placeOf(planKey({ of: 'tank', id: tank.id })), placeOf(planKey(turned.from))];
    const hole = holeById({ penetrations }, turned.openingId);
    if (!middle.at || !from.at || hole?.tankId !== tank.id) return { ...NOT_TURNED, trouble: 'stands-on-nothing' };
    const off = fromMiddle(tank, hole, 0);
    const angles = anglesByTape(middle.at, Math.hypot(off.x, off.y), from.at, turned.tapeM);
    if (!angles) return { ...NOT_TURNED, trouble: 'out-of-reach' };
    const [left, right] = angles.map((angle) => wholeTurn(angle - angleTo({ x: 0, y: 0 }, off)));
    return turned.side === 'left'
      ? { degrees: left, other: right, trouble: undefined }
      : { degrees: right, other: left, trouble: undefined };
  };

  const byWall = ({ from, towards, alongM, offM }: Of<'wall'>): PlanPlace => {
    const [a, b] = [hung(from), hung(towards)];
    if (typeof a === 'string') return nowhere(a);
    if (typeof b === 'string') return nowhere(b);
    const long = planDistance(a.at, b.at);
    if (long === 0) return nowhere('stands-on-nothing');
    const off = turnedBy({ x: alongM, y: offM }, angleTo(a.at, b.at));
    return placedAt({ x: a.at.x + off.x, y: a.at.y + off.y }, a.sure && b.sure);
  };

  const beside = ({ tankId, side, gapM }: Of<'beside'>, tank: Tank): PlanPlace => {
    const neighbour = tanks.find(({ id }) => id === tankId);
    const from = hung({ of: 'tank', id: tankId });
    if (typeof from === 'string' || !neighbour) return nowhere(typeof from === 'string' ? from : 'stands-on-nothing');
    const { degrees } = turnOf(neighbour);
    const own = formOf(tank).id === 'round' ? 0 : turnOf(tank).degrees;
    if (degrees === undefined || own === undefined) return nowhere('turning-unknown');
    const towards = degrees + SIDE_DEGREES[side];
    const apartM = halfM(neighbour, degrees, towards) + (gapM ?? DRAWN_APART_M) + halfM(tank, own, towards);
    const off = turnedBy({ x: apartM, y: 0 }, towards);
    const at = { x: from.at.x + off.x, y: from.at.y + off.y };
    return gapM === null ? { ...placedAt(at, false), trouble: 'no-gap' } : placedAt(at, from.sure);
  };

  /** A tape as a circle about which the middle lies; a word where it cannot be one. */
  const reachOf = (
    { from, tapeM, to, openingId }: Tape,
    tank: Tank | undefined,
  ): (Reach & { readonly sure: boolean }) | PlaceTrouble => {
    const held = hung(from);
    if (typeof held === 'string') return held;
    const { at, sure } = held;
    if (to === 'middle' || !tank) return { at, radiusM: tapeM, sure };
    const form = formOf(tank);
    // To the near side of a box the tape meets a face, and no circle says where.
    if (to === 'near-side')
      return form.id === 'round' ? { at, radiusM: tapeM + form.acrossM(tank) / 2, sure } : 'not-round';
    const { degrees } = turnOf(tank);
    if (degrees === undefined) return 'turning-unknown';
    const hole = holeById({ penetrations }, openingId ?? undefined);
    if (to === 'opening' && hole?.tankId !== tank.id) return 'stands-on-nothing';
    const off =
      to === 'opening' && hole
        ? fromMiddle(tank, hole, degrees)
        : cornerOf(tank, to === 'opening' ? 'front-left' : to, degrees);
    return { at: { x: at.x - off.x, y: at.y - off.y }, radiusM: tapeM, sure };
  };

  const byTapes = ({ readings, side }: Of<'tapes'>, tank: Tank | undefined): PlanPlace => {
    const reaches = readings.map((tape) => reachOf(tape, tank));
    const usable = reaches.flatMap((reach, index) => (typeof reach === 'string' ? [] : [{ index, reach }]));
    const unusable = reaches.find((reach) => typeof reach === 'string');
    const { at, trouble, shortM, other, offM, blunder } = placeByTapes(
      usable.map(({ reach }) => reach),
      side,
    );
    return {
      at,
      sure: usable.every(({ reach }) => reach.sure) && (trouble === undefined || trouble === 'blunder'),
      trouble: at === undefined ? (unusable ?? trouble) : trouble,
      shortM,
      other,
      tapes: usable.map(({ index, reach }, place) => ({ index, reach, offM: offM[place] })),
      blunder: blunder === undefined ? undefined : usable[blunder]?.index,
    };
  };

  const placeBy = (placed: Placed | null, tank: Tank | undefined): PlanPlace => {
    switch (placed?.by) {
      case undefined:
        return NOWHERE;
      case 'origin':
        return placedAt({ x: 0, y: 0 }, true);
      case 'line':
        return placed.alongM === null ? NOWHERE : placedAt({ x: placed.alongM, y: 0 }, true);
      case 'rough':
        return { ...placedAt({ x: placed.xM, y: placed.yM }, false), trouble: 'rough' };
      case 'away':
        return nowhere('no-direction');
      case 'wall':
        return byWall(placed);
      case 'beside':
        return tank ? beside(placed, tank) : NOWHERE;
      case 'tapes':
        return byTapes(placed, tank);
    }
  };

  for (const key of records.keys()) placeOf(key);
  for (const tank of tanks) turnOf(tank);
  return { places, turns };
}

/** From the middle of a tank to one of its corners [m], as it stands. */
const cornerOf = (tank: Tank, corner: keyof typeof CORNERS, turnDegrees: number): PlanPoint => {
  const form = formOf(tank);
  const { x, y } = CORNERS[corner];
  return turnedBy({ x: (x * form.acrossM(tank)) / 2, y: (y * form.throughM(tank)) / 2 }, turnDegrees);
};

const placesOf = memoizeBoth((tanks: Job['tanks'], penetrations: Job['penetrations']) =>
  memoizeBoth((terminals: Job['terminals'], marks: Job['marks']) =>
    memoize((roofs: Job['roofs']) => placesAndTurns({ tanks, penetrations, terminals, marks, roofs })),
  ),
);

const isWhole = (job: RunJob): job is Job => 'marks' in job;

/** Where everything of a job is on the plan; worked out once. */
export const setOutOf = memoize((job: RunJob): SetOut => {
  if (!isWhole(job)) throw new RangeError('setOutOf: asked of a part of a job that was told none');
  const { tanks, penetrations, terminals, marks, roofs } = job;
  const groundM = new Map(
    tanks.flatMap(({ id, groundId }) => {
      const ground = groundId === null ? undefined : marks.find((mark) => mark.id === groundId);
      const upM = ground && (ground.finishedM ?? upOf(job, { of: 'mark', id: ground.id }));
      return upM === undefined ? [] : [[id, upM] as const];
    }),
  );
  return { ...placesOf(tanks, penetrations)(terminals, marks)(roofs), groundM };
});

/** Says where the things of a job are that shows a part of another: it follows from what it does not show. */
export const giveSetOut = (job: RunJob, setOut: SetOut): void => setOutOf.know(job, setOut);

/** How high the base of a tank stands over the finished ground at the tanks [m]; below it negative. */
export const baseLevelM = (tank: Tank, job: RunJob): number =>
  (setOutOf(job).groundM.get(tank.id) ?? 0) + tank.plinthM - tank.buriedM;

/** How a tank stands on the plan; undefined where its place or its turning is not known. */
export function standingOf(tank: Tank, job: RunJob): (Standing & { readonly sure: boolean }) | undefined {
  const { places, turns } = setOutOf(job);
  const place = places.get(planKey({ of: 'tank', id: tank.id }));
  const degrees = turns.get(tank.id)?.degrees;
  return place?.at && degrees !== undefined
    ? { at: place.at, turnDegrees: degrees, baseM: baseLevelM(tank, job), sure: place.sure }
    : undefined;
}

/** How far off a place is from an opening, level [m]: by the plan, or as somebody has said it; undefined where neither is known. */
export function awayM(placeId: string, holeId: string | undefined, job: RunJob): number | undefined {
  const terminal = job.terminals.find(({ id }) => id === placeId);
  if (terminal?.placed?.by === 'away') return terminal.placed.distanceM;
  const { places } = setOutOf(job);
  const [hole, at] = [holeById(job, holeId), places.get(planKey({ of: 'terminal', id: placeId }))?.at];
  const tank = tankOf(job, hole);
  const standing = tank && standingOf(tank, job);
  if (!at || !hole || !tank || !standing) return undefined;
  const off = fromMiddle(tank, hole, standing.turnDegrees);
  return planDistance({ x: standing.at.x + off.x, y: standing.at.y + off.y }, at);
}
