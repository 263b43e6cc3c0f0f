import type { CheckContext } from '../derived/context';
import { boreM, passesAtM } from '../derived/levels';
import { type Link, linksOf } from '../derived/linked-tanks';
import { strandPath } from '../derived/run';
import { baseLevelM } from '../derived/set-out';
import { workingHoles } from '../derived/shut';
import type { Penetration } from '../job/job';
import { rootOf } from '../quantity/root';
import type { Tank } from '../walls/tank';
import { lineReachOf } from './line-flow';
import { overflowLawOf } from './overflow-law';
import { type Reach, lossM, velocityHeadM } from './pipe-flow';

/** What a line from tank to tank loses at a flow [m]; all of its velocity is lost in the tank where it ends. */
const lostIn = (reaches: readonly Reach[], flowM3s: number): number =>
  reaches.reduce(
    (sum, reach) => sum + lossM(reach, flowM3s),
    velocityHeadM(flowM3s, reaches.at(-1)?.boreM ?? Infinity),
  );

/** The fewest lines that lead from a tank to each other one that its water comes to, by the tank they lead to. */
function waysFrom(tankId: string, lines: readonly Link[]): ReadonlyMap<string, readonly Link[]> {
  const ways = new Map<string, readonly Link[]>([[tankId, []]]);
  for (const [from, way] of ways)
    for (const line of lines)
      if (line.from.tankId === from && !ways.has(line.to.tankId)) ways.set(line.to.tankId, [...way, line]);
  ways.delete(tankId);
  return ways;
}

/** What comes from a tank that stands at its brim through links in series to an overflow of another, and out of it [m3/s]. */
function throughM3s(tank: Tank, overflow: Penetration, way: readonly Link[], context: CheckContext): number {
  const headM = tank.brimM + baseLevelM(tank, context.job) - passesAtM(overflow, context);
  if (headM <= 0) return 0;
  const reaches = way.map(({ run, strand }) => strandPath(run, strand).map(lineReachOf));
  const bore = boreM(overflow, context);
  const law = overflowLawOf(overflow, context).flowM3s;
  const most = law(bore, headM);
  const left = (flow: number): number =>
    law(bore, headM - reaches.reduce((sum, line) => sum + lostIn(line, flow), 0)) - flow;
  return rootOf(left, 0, most);
}

/**
 * What leaves by the overflows of other tanks while this one stands at its brim [m3/s]: by links in series, with their friction, their
 * fittings and the head that each overflow needs for itself. A bound on the safe side: of overflows behind one and the same first line the
 * largest alone is counted, and nothing is made of the time in which tanks even out.
 */
export function byLinksM3s(tank: Tank, context: CheckContext): number {
  const most = new Map<Link, number>();
  for (const [tankId, way] of waysFrom(tank.id, linksOf(context))) {
    const [first] = way;
    if (!first) continue;
    for (const overflow of workingHoles(context, tankId, 'overflow'))
      most.set(first, Math.max(most.get(first) ?? 0, throughM3s(tank, overflow, way, context)));
  }
  return [...most.values()].reduce((sum, flow) => sum + flow, 0);
}
