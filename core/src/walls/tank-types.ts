import { closedDrum, openDrum } from './tank-types/drum';
import { verticalRound } from './tank-types/vertical-round';
import type { TankType } from './tank';

/** Every type of tank Herrero can draw and drill. A new one: its file, and a line here. */
export const TANK_TYPES: readonly TankType[] = [openDrum, closedDrum, verticalRound];

const BY_ID = new Map(TANK_TYPES.map((type) => [type.id, type]));

export const isTankType = (id: string): boolean => BY_ID.has(id);

/** @throws RangeError no type is registered under this id */
export function tankType(id: string): TankType {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`tankType: none called ${id}`);
  return found;
}
