import type { CannotClose } from '../../assembly/closure';
import type { CheckContext } from '../../derived/context';
import { insertChain } from '../../routes/chain-edits';
import { knownRoutes } from '../../routes/known-routes';
import type { Fix } from '../finding';

/** A union, with what it takes to put it there; more would be another run. */
const MOST_PARTS = 3;

/** A union at one of the joints of a stretch that cannot be closed: the first place at which the catalogue has one. */
export function unionFixes({ stretch }: CannotClose, { job, catalogue }: CheckContext): readonly Fix[] {
  for (const { judged, nature } of stretch.joints) {
    const { joint, a, b } = judged;
    if (nature === 'in-wall' || !a.end || !b.end) continue;
    const [route] = knownRoutes({ end: a.end, material: a.material }, { end: b.end, material: b.material }, catalogue, {
      require: ['union'],
      mostParts: MOST_PARTS,
      limit: 1,
    });
    if (route) return [insertChain(job, joint.id, route, 'Put a union in: {parts}')];
  }
  return [];
}
