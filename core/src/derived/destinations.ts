import type { Penetration, Terminal } from '../job/job';
import type { PlaceKind } from '../site/place-kinds';
import { DRAWS, FILLS, LEAVES, type Role, passesWater } from '../walls/roles';

/** How well a run may finish somewhere: where it is meant to, where it can, where it never should (common practice). */
export type Fits = 'meant' | 'can' | 'never';

/** Water just leaves there, or nobody has said what it is. */
const OPEN_AIR: readonly PlaceKind[] = ['daylight', 'other'];
/** Water is used there, and comes by itself or by a pump. */
const USED: readonly PlaceKind[] = ['hose-bay', 'tap', 'drip-line', 'fixture', 'trough', 'pump', 'fire'];

const has = ({ roles }: Pick<Penetration, 'roles'>, ...some: readonly Role[]): boolean =>
  roles.some((role) => some.includes(role));

/** How a run from an opening fits a place: surplus and air leave to the open, what is drawn goes where it is used. */
export function fitsPlace(hole: Pick<Penetration, 'roles'>, { kind }: Pick<Terminal, 'kind'>): Fits {
  // A duct goes where the cord does: to a switch, a pump, a house.
  if (!passesWater(hole.roles))
    return !has(hole, 'cord-entry') ? 'never' : kind === 'other' ? 'meant' : USED.includes(kind) ? 'can' : 'never';
  if (kind === 'downpipe') return has(hole, 'inlet') ? 'meant' : has(hole, ...LEAVES, 'vent') ? 'never' : 'can';
  if (has(hole, 'overflow', 'vent')) return OPEN_AIR.includes(kind) ? 'meant' : 'never';
  if (has(hole, ...DRAWS)) return USED.includes(kind) || kind === 'other' ? 'meant' : 'can';
  if (has(hole, 'drain')) return OPEN_AIR.includes(kind) ? 'meant' : 'can';
  // A roof, the mains, a tanker: whatever they come from is some other place.
  if (has(hole, ...FILLS)) return kind === 'other' ? 'meant' : USED.includes(kind) ? 'never' : 'can';
  return 'can';
}

/** How a run from an opening fits the open end of another's: link to link, overflow into the next tank or its overflow, air to nothing. */
export function fitsRun(hole: Pick<Penetration, 'roles'>, other: Pick<Penetration, 'roles'>): Fits {
  if (has(hole, 'vent') || has(other, 'vent') || !passesWater(hole.roles) || !passesWater(other.roles)) return 'never';
  if (has(hole, 'overflow')) return has(other, 'inlet', 'overflow') ? 'meant' : 'never';
  if (has(other, 'overflow')) return has(hole, 'inlet') ? 'meant' : 'never';
  if (has(hole, 'link')) return has(other, 'link') ? 'meant' : 'can';
  if (has(hole, ...FILLS)) return has(other, ...DRAWS) ? 'meant' : 'can';
  if (has(other, ...FILLS)) return has(hole, ...DRAWS) ? 'meant' : 'can';
  return 'can';
}
