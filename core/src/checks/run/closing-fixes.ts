import type { CannotClose } from '../../assembly/closure';
import { flowThrough } from '../../assembly/flow';
import type { CheckContext } from '../../derived/context';
import { insertChain } from '../../routes/chain-edits';
import { waysBetween } from '../../routes/ways-between';
import type { Fix } from '../finding';

/** A union, with what it takes to put it there; more would be another run. */
const MOST_PARTS = 3;

/** A union at one of the joints of a stretch that cannot be closed: the first place at which the catalogue has one. */
export function closingFixes({ stretch }: CannotClose, context: CheckContext): readonly Fix[] {
  for (const { judged, nature } of stretch.joints) {
    const { joint, a, b, service } = judged;
    if (nature === 'in-wall' || !a.end || !b.end) continue;
    const [route] = waysBetween(
      { end: a.end, material: a.material, service },
      { end: b.end, material: b.material, service },
      context,
      {
        require: ['union'],
        mostParts: MOST_PARTS,
        limit: 1,
        home: context.job.region ?? undefined,
        flow: flowThrough(joint, context),
      },
    );
    if (route) return [insertChain(context.job, joint.id, route, 'Put a union in: {parts}')];
  }
  return [];
}
