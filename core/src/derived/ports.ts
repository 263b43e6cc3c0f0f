import type { OwnSeal, Penetration } from '../job/job';
import type { Tank } from '../walls/tank';
import { portOf } from '../walls/tank-types';
import type { JobIndex } from './run';

/** Is it closed by something that came with the tank and can stay: a bung, a lid, a cap? A valve is there to be used. */
export const comesClosed = (hole: Penetration, tank: Tank): boolean => {
  const closedBy = portOf(tank, hole)?.closedBy;
  return closedBy !== undefined && closedBy !== 'nothing' && closedBy !== 'valve';
};

/** Does it want nothing on it: it stands and works, alone or with its tank, or has in it what somebody chose himself? */
export const isSaidDone = ({ stands, ownSeal, portId, portUse }: Penetration, tank: Tank | undefined): boolean =>
  stands || ownSeal !== null || (tank?.stands === true && portId !== null && portUse !== 'use');

/** What somebody put into a drilled hole himself; undefined where a part stands in it, or where it is there and works. */
export const ownSealIn = ({ id, ownSeal, stands, port }: Penetration, index: JobIndex): OwnSeal | undefined =>
  stands || port !== null || index.jointAt({ of: 'hole', id }) !== undefined ? undefined : (ownSeal ?? undefined);

/** Is it a port of the tank that stays closed: plugged, or left as it came and it came closed? */
export const staysClosed = (hole: Penetration, tank: Tank | undefined): boolean =>
  hole.portUse === 'plug' || (hole.portUse === 'leave' && tank !== undefined && comesClosed(hole, tank));

/** Is it done with nothing on it: closed as it came or plugged, or said to be done? */
export const isDoneBare = (hole: Penetration, tank: Tank | undefined): boolean =>
  isSaidDone(hole, tank) || staysClosed(hole, tank);
