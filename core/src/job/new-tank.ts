import { tankType } from '../walls/tank-types';
import type { Tank } from '../walls/tank';
import type { AddPenetration } from './edits/add-penetration';
import type { AddTank } from './edits/add-tank';
import type { Penetration } from './job';

/** A tank of a type with its usual dimensions, to be changed afterwards. */
export function newTank(id: string, typeId: string): Omit<Tank, 'label'> {
  const type = tankType(typeId);
  return {
    id,
    type: typeId,
    ...type.defaults,
    metered: [],
    base: type.base,
    ratedKg: null,
    planks: null,
    contents: null,
    foodGrade: null,
    cleaning: null,
    dark: type.dark,
    filledAsBuried: false,
    braced: false,
    anchorKg: 0,
    pump: null,
  };
}

/** An opening with nothing said of it but where it is and what it is for. */
export const newPenetration = (
  given: Pick<Penetration, 'id' | 'tankId' | 'name' | 'roles' | 'size' | 'face' | 'heightM' | 'aroundM'> &
    Partial<Penetration>,
): Omit<Penetration, 'label'> => ({
  depthM: 0,
  holeM: null,
  port: null,
  portId: null,
  portUse: null,
  drawnIn: false,
  supported: false,
  shutsM: null,
  comesApart: null,
  ...given,
});

/**
 * The edits that set out a tank with the openings it comes with. With several ways on at a port the first is taken until
 * the installer says which; what becomes of it is not said.
 */
export function setOutTank(id: string, typeId: string): readonly (AddTank | AddPenetration)[] {
  const tank = newTank(id, typeId);
  return [
    { type: 'add-tank', tank },
    ...tankType(typeId)
      .ports(tank)
      .map((port): AddPenetration => ({
        type: 'add-penetration',
        penetration: newPenetration({
          id: `${id}-${port.id}`,
          tankId: id,
          name: port.name,
          roles: [port.role],
          size: port.size,
          face: port.face,
          heightM: port.heightM,
          aroundM: port.aroundM,
          depthM: port.depthM,
          port: port.ways[0]?.end ?? null,
          portId: port.id,
        }),
      })),
  ];
}
