import { wallSealSizeOf } from '../connections/standards/wall-seals';
import { type NominalSize, sizeInInches } from '../quantity/size';
import { type FaceShape, faceOf, facesOf, isUpright } from '../walls/forms';
import { type HoleRoom, apartM, flangeRadiusM, freePlace, leastApartM } from '../walls/no-drill';
import { POURS_IN, type Role, SPILLS_BY } from '../walls/roles';
import type { Tank, WallPlace } from '../walls/tank';
import type { Job, Penetration } from './job';
import { newPenetration } from './new-tank';

/** What an opening is usually made as, so that a new one stands where most people would put it. */
export interface HoleKind {
  readonly role: Role;
  readonly name: string;
  /** Usual size where inches are the measure, and where millimetres are. */
  readonly size: readonly [NominalSize, NominalSize];
  readonly on: 'side' | 'top';
  /** Where on a side, as a share of the height to the brim (common practice). */
  readonly heightShare: number;
}

export const HOLE_KINDS: readonly HoleKind[] = [
  { role: 'draw-off', name: 'Outlet', size: ['3/4', '3/4'], on: 'side', heightShare: 0.1 },
  { role: 'overflow', name: 'Overflow', size: ['1-1/2', '50'], on: 'side', heightShare: 1 },
  { role: 'inlet', name: 'Inlet', size: ['3', '110'], on: 'top', heightShare: 1 },
  { role: 'vent', name: 'Vent', size: ['2', '50'], on: 'top', heightShare: 1 },
  { role: 'link', name: 'Link', size: ['1-1/2', '1'], on: 'side', heightShare: 0.1 },
  { role: 'drain', name: 'Drain', size: ['1-1/2', '1'], on: 'side', heightShare: 0 },
  { role: 'pump-line', name: 'Pump line', size: ['1', '1'], on: 'top', heightShare: 1 },
  { role: 'cord-entry', name: 'Cord entry', size: ['3/4', '3/4'], on: 'top', heightShare: 1 },
  {
    role: 'float-fill',
    name: 'Float fill',
    size: ['1/2', '1/2'],
    on: 'side',
    heightShare: 0.96,
  },
  { role: 'tanker-fill', name: 'Tanker fill', size: ['2', '2'], on: 'top', heightShare: 1 },
  {
    role: 'sight-tube',
    name: 'Sight tube',
    size: ['1/2', '1/2'],
    on: 'side',
    heightShare: 0.12,
  },
  { role: 'access', name: 'Access', size: ['6', '6'], on: 'top', heightShare: 1 },
  { role: 'clearance', name: 'Clearance hole', size: ['1', '1'], on: 'side', heightShare: 1 },
  { role: 'spare', name: 'Spare', size: ['3/4', '3/4'], on: 'side', heightShare: 0.2 },
];

/** @throws RangeError no kind of opening has this role */
export function holeKind(role: Role): HoleKind {
  const found = HOLE_KINDS.find((kind) => kind.role === role);
  if (!found) throw new RangeError(`holeKind: none for ${role}`);
  return found;
}

/** The usual size of a kind where the work is; of an overflow the size of the largest inlet of its tank, where that is larger. */
export function usualSize(
  { role, size: [inInches, inMillimetres] }: HoleKind,
  { measures, penetrations }: Pick<Job, 'measures' | 'penetrations'>,
  tank?: Tank,
): NominalSize {
  const usual = measures === 'mm-l' ? inMillimetres : inInches;
  if (role !== 'overflow') return usual;
  const poured = penetrations.filter(
    ({ tankId, roles }) => tankId === tank?.id && roles.some((one) => POURS_IN.includes(one)),
  );
  return poured
    .map(({ size }) => size)
    .reduce((largest, size) => (sizeInInches(size) > sizeInInches(largest) ? size : largest), usual);
}

/**
 * A new opening of a kind: on the flat nearest to its usual place, where there is most room.
 * @param room    what it needs of the face; not said: what a bulkhead of its size does
 * @param roomOf  what one that is there needs
 */
export function setOutHole(
  id: string,
  kind: HoleKind,
  tank: Tank,
  job: Pick<Job, 'penetrations' | 'measures'>,
  size: NominalSize = usualSize(kind, job, tank),
  room: HoleRoom = bulkheadRoom({ size, holeM: null }),
  roomOf: (hole: Penetration) => HoleRoom = bulkheadRoom,
): Omit<Penetration, 'label'> {
  const side = facesOf(tank).find(({ seen }) => seen !== 'plan');
  const shape = (kind.on === 'top' ? faceOf(tank, 'top') : side) ?? side;
  if (!shape) throw new RangeError(`setOutHole: ${tank.label} has no face`);
  const place = placeOn(shape, tank.brimM * kind.heightShare, { roles: [kind.role], room, roomOf }, tank, job);
  return newPenetration({ id, tankId: tank.id, name: kind.name, roles: [kind.role], size, ...place });
}

/** Where an opening that is there goes on another face of its tank: as high as it is, or as is usual where it stood in a top. */
export function placeOnFace(
  hole: Penetration,
  shape: FaceShape,
  tank: Tank,
  job: Pick<Job, 'penetrations'>,
): WallPlace {
  const upM = isUpright(hole.face) ? hole.heightM : tank.brimM * holeKind(hole.roles[0] ?? 'spare').heightShare;
  const others = { penetrations: job.penetrations.filter(({ id }) => id !== hole.id) };
  return placeOn(shape, upM, { roles: hole.roles, room: bulkheadRoom(hole), roomOf: bulkheadRoom }, tank, others);
}

/** What is asked of a place: what the opening is for, what it needs of the face, and what those that are there need. */
interface Asked {
  readonly roles: readonly Role[];
  readonly room: HoleRoom;
  readonly roomOf: (hole: Penetration) => HoleRoom;
}

/** The flat nearest to a height on a face, where there is most room beside what is there. */
function placeOn(
  shape: FaceShape,
  wantedUpM: number,
  { roles, room, roomOf }: Asked,
  tank: Tank,
  job: Pick<Job, 'penetrations'>,
): WallPlace {
  const plan = shape.seen === 'plan';
  const mostUpM = roles.includes('overflow') ? lowestAboveM(tank, job) - room.flatM : Infinity;
  const others = job.penetrations.filter(({ tankId, face }) => tankId === tank.id && face === shape.face);
  const taken = others.map(({ aroundM }) => aroundM);
  const heightM = shape.face === 'bottom' ? 0 : plan ? tank.heightM : Math.max(0, Math.min(wantedUpM, mostUpM));
  const at = (aroundM: number, depthM: number): WallPlace => ({ face: shape.face, heightM, aroundM, depthM });
  const isClear = (place: WallPlace): boolean =>
    others.every((other) => apartM(place, other) >= leastApartM(room, roomOf(other)));
  const wanted = at(roomiest(shape.acrossM, taken), plan ? shape.alongM / 2 : 0);
  const elsewhere = SHARES.flatMap((across) =>
    plan ? SHARES.map((along) => at(across * shape.acrossM, along * shape.alongM)) : [at(across * shape.acrossM, 0)],
  );
  const free = [wanted, ...elsewhere].flatMap(
    (place) => freePlace(tank, place, room.flatM, plan ? {} : { mostUpM }) ?? [],
  );
  return free.find(isClear) ?? free[0] ?? wanted;
}

const bulkheadRoom = ({ size, holeM }: Pick<Penetration, 'size' | 'holeM'>): HoleRoom => ({
  flatM: flangeRadiusM(size, holeM ?? undefined),
  holeM: holeM ?? (wallSealSizeOf('bulkhead', size)?.typicalHoleMm ?? 0) / 1000,
});

/** Where else on a face there may be room, as shares of it. */
const SHARES = [0.25, 0.75, 0.5, 0.12, 0.88, 0.37, 0.63] as const;

/** Where else surplus water would leave: the brim, or the lower edge of what stands in a side below it [m]. */
const lowestAboveM = (tank: Tank, { penetrations }: Pick<Job, 'penetrations'>): number =>
  penetrations
    .filter(
      ({ tankId, face, roles }) =>
        tankId === tank.id && isUpright(face) && roles.some((role) => SPILLS_BY.includes(role)),
    )
    .reduce((least, { heightM, size }) => Math.min(least, heightM - flangeRadiusM(size, undefined)), tank.brimM);

/** The middle of the widest gap between the openings of a face, counted from its middle. */
function roomiest(acrossM: number, taken: readonly number[]): number {
  if (taken.length === 0) return acrossM / 2;
  const stops = [0, ...taken.toSorted((a, b) => a - b), acrossM];
  const gaps = stops.slice(1).map((to, index) => ({ from: stops[index] ?? 0, to }));
  const widest = gaps.toSorted((a, b) => b.to - b.from - (a.to - a.from))[0] ?? { from: 0, to: acrossM };
  return (widest.from + widest.to) / 2;
}
