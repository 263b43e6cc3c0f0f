import type { Weighing } from './leans';
import type { Passage, WayIndex } from './way-index';

/** What every edge costs, by its cheapest passage; infinite where none may be used. */
export interface EdgeCosts {
  readonly costs: Float64Array;
  readonly chosen: readonly (Passage | undefined)[];
}

/** Weighs every part once and every edge by the cheapest that goes along it. */
export function edgeCosts({ passers, edges }: WayIndex, weighing: Weighing): EdgeCosts {
  const ofPasser = new Float64Array(passers.length);
  for (const [passer, { traits }] of passers.entries()) ofPasser[passer] = weighing.ofPart(traits);
  const costs = new Float64Array(edges.length);
  const chosen = edges.map(({ passages }, edge) => {
    let best: Passage | undefined;
    let least = Number.POSITIVE_INFINITY;
    for (const passage of passages) {
      const cost = ofPasser[passage.passer] ?? least;
      if (cost < least) [best, least] = [passage, cost];
    }
    costs[edge] = least;
    return best;
  });
  return { costs, chosen };
}
