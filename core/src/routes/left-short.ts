import type { CheckContext } from '../derived/context';
import { itemsOfRun } from '../derived/run';
import { awayM } from '../derived/set-out';
import { type Part, isByLength } from '../fittings/part';
import type { EndRef } from '../job/job';
import { runAt } from './space-ends';

/** Fittings alone bridge no more than this [m] (our judgement). */
const FITTINGS_M = 0.5;

/**
 * How far off a place is, where that is known and neither the run so far nor what is to go on it has pipe or hose to lead there:
 * joined so it would count as reached. Undefined where it may be reached.
 */
export function leftShortM(
  at: EndRef,
  placeId: string,
  links: readonly { readonly part: Part }[],
  context: CheckContext,
): number | undefined {
  const run = runAt(at, context);
  const farM = run && awayM(placeId, run.penetration.id, context.job);
  if (!run || farM === undefined || farM <= FITTINGS_M) return undefined;
  const leads = [...itemsOfRun(run), ...links].some(({ part }) => isByLength(part) || part.readyM !== undefined);
  return leads ? undefined : farM;
}
