import type { Catalogue } from '../fittings/catalogue';
import { AS_ASKED, type EndRef, type Job, type Joint, type Penetration, refKey } from '../job/job';
import { holeById, holesOf } from '../job/lookup';
import { freePlace, flangeRadiusM } from '../walls/no-drill';
import { faceOf } from '../walls/forms';
import { type Placed, type Turned, planKey } from '../walls/placing';
import type { Tank } from '../walls/tank';
import { type Result, err, ok } from '../result';
import { indexJob, otherSide } from '../derived/run';
import { setOutOf } from '../derived/set-out';
import type { Edit } from './edits';
import { freshIds } from './fresh-id';
import { setField } from './change-field';

/** Edits that make one more like something that is there, and what they leave to be said of it. */
export interface OneMore {
  readonly edits: readonly Edit[];
  /** The id of what was made. */
  readonly id: string;
  /** Where the first goes and this one does not: a tank it is linked to, a place that takes one end only. */
  readonly leftOpen: readonly string[];
}

type Ids = (base: string) => string;
const JOINT_FIELDS = Object.keys(AS_ASKED) as readonly (keyof typeof AS_ASKED)[];

/** How a joint is made, where it is not as it asks. */
const madeAlike = (joint: Joint, id: string): readonly Edit[] =>
  JOINT_FIELDS.filter((field) => joint[field] !== AS_ASKED[field]).map((field) => ({
    ...setField('joints', { ...joint, ...AS_ASKED }, field, joint[field]),
    id,
  })) as readonly Edit[];

/** The runs of some openings once more, on others that are like them. */
function copyRuns(
  job: Job,
  catalogue: Catalogue,
  holes: ReadonlyMap<string, string>,
  ids: Ids,
): Pick<OneMore, 'edits' | 'leftOpen'> {
  const index = indexJob(job, catalogue);
  const edits: Edit[] = [];
  const leftOpen: string[] = [];
  const parts = new Map<string, string>();
  const done = new Set<string>();
  const copied = (ref: EndRef): EndRef | undefined => {
    const id = (ref.of === 'part' ? parts : holes).get(ref.id);
    return id === undefined ? undefined : { ...ref, id };
  };
  const follow = (ref: EndRef): void => {
    const joint = index.jointAt(ref);
    const at = copied(ref);
    if (!joint || !at || done.has(joint.id)) return;
    done.add(joint.id);
    const other = otherSide(joint, ref);
    const jointId = ids(joint.id);
    const placed = other.of === 'part' ? index.placed(other.id) : undefined;
    if (other.of === 'part' && placed && !parts.has(other.id)) {
      const id = ids(other.id);
      parts.set(other.id, id);
      edits.push(
        { type: 'add-part', part: { ...placed.placed, id }, at, partEnd: other.end, jointId },
        ...madeAlike(joint, jointId),
      );
      for (const end of placed.part.ends.keys()) follow({ of: 'part', id: other.id, end });
      return;
    }
    const terminal = other.of === 'terminal' ? job.terminals.find(({ id }) => id === other.id) : undefined;
    // Daylight takes any number of ends; every other place takes one.
    const to = other.of === 'terminal' ? (terminal?.offers === null ? other : undefined) : copied(other);
    if (to) edits.push({ type: 'join-ends', jointId, a: at, b: to }, ...madeAlike(joint, jointId));
    else leftOpen.push(terminal?.name ?? holeById(job, other.id)?.label ?? refKey(other));
  };
  for (const id of holes.keys()) follow({ of: 'hole', id });
  return { edits, leftOpen };
}

/** Turned as the first is, by however much that came out. */
const turnedAlike = ({ id, turned }: Tank, job: Job): Turned | null => {
  const degrees = turned?.by === 'degrees' ? turned.degrees : setOutOf(job).turns.get(id)?.degrees;
  return degrees === undefined ? null : { by: 'degrees', degrees };
};

/**
 * Where one more of a tank stands: on in the row, as far from the last of it as that from its neighbour; else to the right of it,
 * and the gap is asked. Beside a tank that has no place it has none.
 */
function placeOfOneMore({ id, placed }: Tank, job: Job): Placed | null {
  if (setOutOf(job).places.get(planKey({ of: 'tank', id }))?.at === undefined) return null;
  const { side, gapM } = placed?.by === 'beside' ? placed : ({ side: 'right', gapM: null } as const);
  const nextTo = (tankId: string): string | undefined =>
    job.tanks.find((one) => one.placed?.by === 'beside' && one.placed.tankId === tankId && one.placed.side === side)
      ?.id;
  const row = [id];
  for (let next = nextTo(id); next !== undefined && !row.includes(next); next = nextTo(next)) row.push(next);
  return { by: 'beside', tankId: row.at(-1) ?? id, side, gapM };
}

const idsIn = ({ tanks, penetrations, parts, joints, extras }: Job): Ids =>
  freshIds([...tanks, ...penetrations, ...parts, ...joints, ...extras]);

const withoutLabel = <Labelled extends { readonly label: string }>({ label: _, ...rest }: Labelled) => rest;

/**
 * A tank with its openings, their runs and what goes with it, once more. What it is linked to and the places its runs end
 * at are left open where they take no second end: they are what differs.
 *
 * @throws RangeError no such tank
 */
export function oneMoreTank(job: Job, catalogue: Catalogue, tankId: string): OneMore {
  const tank = job.tanks.find(({ id }) => id === tankId);
  if (!tank) throw new RangeError(`oneMoreTank: no tank ${tankId}`);
  const ids = idsIn(job);
  const id = ids(tankId);
  const own = holesOf(job, tankId);
  const holes = new Map(own.map((hole) => [hole.id, ids(hole.id)]));
  const runs = copyRuns(job, catalogue, holes, ids);
  const extras = job.extras
    .filter((extra) => extra.tankId === tankId || holes.has(extra.penetrationId ?? ''))
    .map((extra): Edit => ({
      type: 'add-extra',
      extra: {
        ...extra,
        id: ids(extra.id),
        tankId: extra.tankId === null ? null : id,
        penetrationId: holes.get(extra.penetrationId ?? '') ?? null,
      },
    }));
  return {
    id,
    leftOpen: runs.leftOpen,
    edits: [
      // What was seen of the one was not seen of the other.
      // It stands beside it, turned alike.
      {
        type: 'add-tank',
        tank: {
          ...withoutLabel(tank),
          id,
          logbook: [],
          placed: placeOfOneMore(tank, job),
          turned: turnedAlike(tank, job),
        },
      },
      ...own.map((hole): Edit => ({
        type: 'add-penetration',
        penetration: { ...withoutLabel(hole), id: holes.get(hole.id) ?? '', tankId: id },
      })),
      ...runs.edits,
      ...extras,
    ],
  };
}

/**
 * An opening with its run once more, beside it: the nearest place on its face where it is flat and nothing else is.
 *
 * @error  in words, where its face has no room for another
 * @throws RangeError no such opening
 */
export function oneMoreHole(job: Job, catalogue: Catalogue, holeId: string): Result<OneMore, string> {
  const hole = holeById(job, holeId);
  if (!hole) throw new RangeError(`oneMoreHole: no opening ${holeId}`);
  const beside = placeBeside(job, hole);
  if (!beside) return err(`There is no room for another beside ${hole.label}: set it out elsewhere.`);
  const ids = idsIn(job);
  const id = ids(holeId);
  const runs = copyRuns(job, catalogue, new Map([[holeId, id]]), ids);
  return ok({
    id,
    leftOpen: runs.leftOpen,
    edits: [
      { type: 'add-penetration', penetration: { ...withoutLabel(hole), ...beside, id, portId: null } },
      ...runs.edits,
    ],
  });
}

/** The run of an opening once more, on another on which nothing is yet. */
export function oneMoreRun(job: Job, catalogue: Catalogue, fromId: string, toId: string): Omit<OneMore, 'id'> {
  return copyRuns(job, catalogue, new Map([[fromId, toId]]), idsIn(job));
}

/** A flange and a half to either side, further where something is there already. */
const APART = 1.5;
const MOST_STEPS = 40;

function placeBeside(job: Job, hole: Penetration): Pick<Penetration, 'heightM' | 'aroundM' | 'depthM'> | undefined {
  const tank = job.tanks.find(({ id }) => id === hole.tankId);
  const shape = tank && faceOf(tank, hole.face);
  if (!tank || !shape) return undefined;
  const radiusM = flangeRadiusM(hole.size, hole.holeM ?? undefined);
  const others = holesOf(job, tank.id).filter(({ face }) => face === hole.face);
  const { heightM, depthM } = hole;
  for (let step = 1; step <= MOST_STEPS; step++)
    for (const side of [1, -1]) {
      const aroundM = hole.aroundM + side * step * 2 * radiusM * APART;
      const free =
        aroundM - radiusM < 0 || aroundM + radiusM > shape.acrossM
          ? undefined
          : freePlace(tank, { face: hole.face, heightM, aroundM, depthM }, radiusM, { fields: ['aroundM'] });
      const isClear = (place: { readonly aroundM: number }): boolean =>
        others.every(
          (other) =>
            Math.hypot(other.aroundM - place.aroundM, other.heightM - heightM, other.depthM - depthM) >=
            2 * radiusM * APART - 1e-6,
        );
      if (free && isClear(free)) return { heightM, aroundM: free.aroundM, depthM };
    }
  return undefined;
}
