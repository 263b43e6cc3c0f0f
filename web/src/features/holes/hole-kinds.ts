import {
  type Face,
  type NominalSize,
  type Penetration,
  type Role,
  type Tank,
  circumferenceM,
  flangeRadiusM,
  nearestFreeM,
  tankType,
} from '@herrero/core';

/** What an opening is usually made as, so that a new one stands where most people would put it. */
export interface HoleKind {
  readonly role: Role;
  readonly name: string;
  readonly says: string;
  readonly size: NominalSize;
  readonly face: Face;
  /** Where on the wall, as a share of the height to the brim (common practice). */
  readonly heightShare: number;
}

export const HOLE_KINDS: readonly HoleKind[] = [
  { role: 'draw-off', name: 'Outlet', says: 'a tap, a hose, a pump', size: '3/4', face: 'wall', heightShare: 0.1 },
  { role: 'overflow', name: 'Overflow', says: 'where surplus leaves', size: '1-1/2', face: 'wall', heightShare: 1 },
  { role: 'inlet', name: 'Inlet', says: 'where rain comes in', size: '3', face: 'top', heightShare: 1 },
  { role: 'link', name: 'Link', says: 'to the next tank', size: '1-1/2', face: 'wall', heightShare: 0.1 },
  { role: 'drain', name: 'Drain', says: 'empties for cleaning', size: '1-1/2', face: 'wall', heightShare: 0 },
  { role: 'vent', name: 'Vent', says: 'lets air in and out', size: '2', face: 'top', heightShare: 1 },
  { role: 'sight-tube', name: 'Sight tube', says: 'shows the level', size: '1/2', face: 'wall', heightShare: 0.12 },
  { role: 'spare', name: 'Spare', says: 'capped for later', size: '3/4', face: 'wall', heightShare: 0.2 },
];

/** A new opening of a kind: on the flat nearest to its usual height, where there is most room round the wall. */
export function newPenetration(
  id: string,
  kind: HoleKind,
  tank: Tank,
  others: readonly Penetration[],
): Omit<Penetration, 'label'> {
  const radiusM = flangeRadiusM(kind.size, undefined);
  const bands = tankType(tank.type).noDrill(tank);
  const wanted = tank.brimM * kind.heightShare;
  const heightM = kind.face === 'top' ? tank.heightM : (nearestFreeM(bands, wanted, radiusM, tank.heightM) ?? wanted);
  return {
    id,
    tankId: tank.id,
    name: kind.name,
    roles: [kind.role],
    size: kind.size,
    face: kind.face,
    heightM,
    aroundM: kind.face === 'top' ? tank.diameterM / 2 : roomiest(tank, others),
    holeM: null,
    port: null,
  };
}

/** The middle of the widest gap between holes round the wall, counted from the front. */
function roomiest(tank: Tank, others: readonly Penetration[]): number {
  const around = circumferenceM(tank);
  const taken = others.filter(({ face }) => face === 'wall').map(({ aroundM }) => aroundM);
  if (taken.length === 0) return around / 2;
  const stops = [0, ...taken.toSorted((a, b) => a - b), around];
  const gaps = stops.slice(1).map((to, index) => ({ from: stops[index] ?? 0, to }));
  const widest = gaps.toSorted((a, b) => b.to - b.from - (a.to - a.from))[0] ?? { from: 0, to: around };
  return (widest.from + widest.to) / 2;
}
