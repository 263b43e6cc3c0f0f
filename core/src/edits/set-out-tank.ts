import { newPenetration, newTank } from '../job/new-tank';
import type { Region } from '../region';
import { tankType, waysOn } from '../walls/tank-types';
import type { AddPenetration } from './add-penetration';
import type { AddTank } from './add-tank';

/**
 * The edits that set out a tank with the openings it comes with. With several ways on at a port the first that is usual in
 * the region is taken until the installer says which; what becomes of it is not said.
 */
export function setOutTank(
  id: string,
  typeId: string,
  region: Region | null = null,
): readonly (AddTank | AddPenetration)[] {
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
          port: waysOn(port, region)[0]?.end ?? null,
          portId: port.id,
        }),
      })),
  ];
}
