import { tankType } from '../walls/tank-types';
import type { Tank } from '../walls/tank';

/** A tank of a type with its usual dimensions, to be changed afterwards. */
export const newTank = (id: string, typeId: string): Omit<Tank, 'label'> => ({
  id,
  type: typeId,
  ...tankType(typeId).defaults,
});
