import type { Weighing } from './leans';
import type { Passage, WayIndex } from './way-index';

/** What every lane costs, by its cheapest passage; infinite where none may be used. */
export interface LaneCosts {
  readonly costs: Float64Array;
  readonly chosen: readonly (Passage | undefined)[];
}

/** Weighs every part once and every lane by the cheapest that goes along it. */
export function laneCosts({ passers, lanes }: WayIndex, weighing: Weighing): LaneCosts {
  const ofPasser = new Float64Array(passers.length);
  for (const [passer, { traits }] of passers.entries()) ofPasser[passer] = weighing.ofPart(traits);
  const costs = new Float64Array(lanes.length);
  const chosen = lanes.map(({ passages }, lane) => {
    let best: Passage | undefined;
    let least = Number.POSITIVE_INFINITY;
    for (const passage of passages) {
      const cost = ofPasser[passage.passer] ?? least;
      if (cost < least) [best, least] = [passage, cost];
    }
    costs[lane] = least;
    return best;
  });
  return { costs, chosen };
}
