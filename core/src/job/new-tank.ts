import { omitField } from '../record/field';
import type { GivenOf } from '../record/field';
import { makeRecord } from '../record/make-record';
import { TANK, type Tank } from '../walls/tank';
import { tankType } from '../walls/tank-types';
import { PENETRATION, type Penetration } from './job';

/** A tank or an opening comes without its label: the job gives it the next free one. */
export const NEW_TANK = omitField(TANK, 'label');
export const NEW_PENETRATION = omitField(PENETRATION, 'label');

/** A tank of a type with its usual dimensions, to be changed afterwards. */
export function newTank(id: string, typeId: string): Omit<Tank, 'label'> {
  const { defaults, base, dark, riser = null } = tankType(typeId);
  return makeRecord(NEW_TANK, { id, type: typeId, ...defaults, base, dark, riser });
}

/** An opening with nothing said of it but where it is and what it is for. */
export const newPenetration = (given: GivenOf<typeof NEW_PENETRATION>): Omit<Penetration, 'label'> =>
  makeRecord(NEW_PENETRATION, given);
