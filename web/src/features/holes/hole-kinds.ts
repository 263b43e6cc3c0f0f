import {
  type Job,
  type NominalSize,
  type Penetration,
  type Role,
  type Tank,
  faceOf,
  facesOf,
  flangeRadiusM,
  nearestFree,
  newPenetration,
  noDrillZones,
} from '@herrero/core';

/** What an opening is usually made as, so that a new one stands where most people would put it. */
export interface HoleKind {
  readonly role: Role;
  readonly name: string;
  readonly says: string;
  /** Usual size where inches are the measure, and where millimetres are. */
  readonly size: readonly [NominalSize, NominalSize];
  readonly on: 'side' | 'top';
  /** Where on a side, as a share of the height to the brim (common practice). */
  readonly heightShare: number;
}

export const HOLE_KINDS: readonly HoleKind[] = [
  { role: 'draw-off', name: 'Outlet', says: 'a tap, a hose', size: ['3/4', '3/4'], on: 'side', heightShare: 0.1 },
  { role: 'overflow', name: 'Overflow', says: 'surplus leaves', size: ['1-1/2', '50'], on: 'side', heightShare: 1 },
  { role: 'inlet', name: 'Inlet', says: 'rain comes in', size: ['3', '110'], on: 'top', heightShare: 1 },
  { role: 'vent', name: 'Vent', says: 'air in and out', size: ['2', '50'], on: 'top', heightShare: 1 },
  { role: 'link', name: 'Link', says: 'to the next tank', size: ['1-1/2', '1-1/2'], on: 'side', heightShare: 0.1 },
  { role: 'drain', name: 'Drain', says: 'empties for cleaning', size: ['1-1/2', '1'], on: 'side', heightShare: 0 },
  { role: 'pump-line', name: 'Pump line', says: 'pressure or suction', size: ['1', '1'], on: 'top', heightShare: 1 },
  { role: 'cord-entry', name: 'Cord entry', says: 'cable of a pump', size: ['3/4', '3/4'], on: 'top', heightShare: 1 },
  {
    role: 'float-fill',
    name: 'Float fill',
    says: 'tops up by itself',
    size: ['1/2', '1/2'],
    on: 'side',
    heightShare: 0.96,
  },
  { role: 'tanker-fill', name: 'Tanker fill', says: 'filled by a lorry', size: ['2', '2'], on: 'top', heightShare: 1 },
  {
    role: 'sight-tube',
    name: 'Sight tube',
    says: 'shows the level',
    size: ['1/2', '1/2'],
    on: 'side',
    heightShare: 0.12,
  },
  { role: 'access', name: 'Access', says: 'a hand gets in', size: ['6', '6'], on: 'top', heightShare: 1 },
  { role: 'clearance', name: 'Clearance hole', says: 'something passes', size: ['1', '1'], on: 'side', heightShare: 1 },
  { role: 'spare', name: 'Spare', says: 'capped for later', size: ['3/4', '3/4'], on: 'side', heightShare: 0.2 },
];

/** A new opening of a kind: on the flat nearest to its usual place, where there is most room. */
export function setOutHole(
  id: string,
  kind: HoleKind,
  tank: Tank,
  job: Pick<Job, 'penetrations' | 'measures'>,
): Omit<Penetration, 'label'> {
  const size = kind.size[job.measures === 'mm-l' ? 1 : 0];
  const radiusM = flangeRadiusM(size, undefined);
  const zones = noDrillZones(tank);
  const own = job.penetrations.filter(({ tankId }) => tankId === tank.id);
  const side = facesOf(tank).find(({ seen }) => seen !== 'plan');
  const shape = (kind.on === 'top' ? faceOf(tank, 'top') : side) ?? side;
  if (!shape) throw new RangeError(`setOutHole: ${tank.label} has no face`);
  const others = own.filter(({ face }) => face === shape.face).map(({ aroundM }) => aroundM);
  const wanted = {
    face: shape.face,
    heightM: shape.seen === 'plan' ? tank.heightM : tank.brimM * kind.heightShare,
    aroundM: roomiest(shape.acrossM, others),
    depthM: shape.seen === 'plan' ? shape.alongM / 2 : 0,
  };
  const place = nearestFree(zones, wanted, radiusM, tank.heightM) ?? wanted;
  const onFace = place.aroundM <= shape.acrossM && place.depthM <= shape.alongM;
  return newPenetration({
    id,
    tankId: tank.id,
    name: kind.name,
    roles: [kind.role],
    size,
    ...(onFace ? place : wanted),
  });
}

/** The middle of the widest gap between the openings of a face, counted from its middle. */
function roomiest(acrossM: number, taken: readonly number[]): number {
  if (taken.length === 0) return acrossM / 2;
  const stops = [0, ...taken.toSorted((a, b) => a - b), acrossM];
  const gaps = stops.slice(1).map((to, index) => ({ from: stops[index] ?? 0, to }));
  const widest = gaps.toSorted((a, b) => b.to - b.from - (a.to - a.from))[0] ?? { from: 0, to: acrossM };
  return (widest.from + widest.to) / 2;
}
