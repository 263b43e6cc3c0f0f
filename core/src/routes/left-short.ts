import type { CheckContext } from '../derived/context';
import { itemsOfRun } from '../derived/run';
import { placeUpM } from '../derived/heights';
import { awayM } from '../derived/set-out';
import { type Part, leadsOn } from '../fittings/part';
import type { EndRef } from '../job/job';
import { placedEnd, runAt } from './space-ends';

/** Fittings alone bridge no more than this [m] (our judgement). */
const FITTINGS_M = 0.5;

/** Two heights are one, as far as a tape and a level tell [m] (our judgement). */
export const AT_ONE_HEIGHT_M = 0.1;

/**
 * How far off a place is, or above or below the end, where that is known and neither the run so far nor what is to go on it has pipe
 * or hose to lead there: joined so it would count as reached. Undefined where it may be reached.
 */
export function leftShortM(
  at: EndRef,
  placeId: string,
  links: readonly { readonly part: Part }[],
  context: CheckContext,
): number | undefined {
  const run = runAt(at, context);
  if (!run) return undefined;
  const leads = [...itemsOfRun(run), ...links].some(({ part }) => leadsOn(part));
  if (leads) return undefined;
  const [upM, endUpM] = [placeUpM(context.job, placeId), placedEnd(at, context)?.at.z];
  const aboveM = upM === undefined || endUpM === undefined ? 0 : Math.abs(upM - endUpM);
  const farM = awayM(placeId, run.penetration.id, context.job) ?? 0;
  const isShort = farM > FITTINGS_M || aboveM > (links.length === 0 ? AT_ONE_HEIGHT_M : FITTINGS_M);
  return isShort ? Math.max(farM, aboveM) : undefined;
}
