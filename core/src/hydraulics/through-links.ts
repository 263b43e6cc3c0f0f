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

/** A line from tank to tank, as the water goes through it. */
type Line = readonly Reach[];

/** What a line from tank to tank loses at a flow [m]; all of its velocity is lost in the tank where it ends. */
const lostIn = (line: Line, flowM3s: number): number =>
  line.reduce((sum, reach) => sum + lossM(reach, flowM3s), velocityHeadM(flowM3s, line.at(-1)?.boreM ?? Infinity));

/** What goes through a line at a head, and no more than so much [m3/s]. */
const carriesM3s = (line: Line, headM: number, mostM3s: number): number =>
  lostIn(line, mostM3s) <= headM ? mostM3s : rootOf((flow) => headM - lostIn(line, flow), 0, mostM3s);

/** What lines side by side from one tank to the next lose [m]: the head at which together they carry the flow. */
function lostSideBySide(lines: readonly Line[], flowM3s: number): number {
  const alone = Math.min(...lines.map((line) => lostIn(line, flowM3s)));
  return lines.length === 1 || flowM3s <= 0
    ? alone
    : rootOf((headM) => flowM3s - lines.reduce((sum, line) => sum + carriesM3s(line, headM, flowM3s), 0), 0, alone);
}

/** One tank further: all the links that lead there. */
type Step = readonly Link[];

/** The fewest steps that lead from a tank to each other one that its water comes to, by the tank they lead to. */
function waysFrom(tankId: string, links: readonly Link[]): ReadonlyMap<string, readonly Step[]> {
  const ways = new Map<string, readonly Step[]>([[tankId, []]]);
  for (const [from, way] of ways)
    for (const { to } of links.filter((link) => link.from.tankId === from))
      if (!ways.has(to.tankId))
        ways.set(to.tankId, [
          ...way,
          links.filter((link) => link.from.tankId === from && link.to.tankId === to.tankId),
        ]);
  ways.delete(tankId);
  return ways;
}

/** What comes from a tank that stands at its brim through links in series to an overflow of another, and out of it [m3/s]. */
function throughM3s(tank: Tank, overflow: Penetration, way: readonly Step[], context: CheckContext): number {
  const headM = tank.brimM + baseLevelM(tank, context.job) - passesAtM(overflow, context);
  if (headM <= 0) return 0;
  const steps = way.map((step) => step.map(({ run, strand }) => strandPath(run, strand).map(lineReachOf)));
  const bore = boreM(overflow, context);
  const law = overflowLawOf(overflow, context).flowM3s;
  const most = law(bore, headM);
  const left = (flow: number): number =>
    law(bore, headM - steps.reduce((sum, lines) => sum + lostSideBySide(lines, flow), 0)) - flow;
  return rootOf(left, 0, most);
}

/**
 * What leaves by the overflows of other tanks while this one stands at its brim [m3/s]: by links in series, and side by side, with their
 * friction, their fittings and the head that each overflow needs for itself. A bound on the safe side: of overflows behind one and the same first step the
 * largest alone is counted, and nothing is made of the time in which tanks even out.
 */
export function byLinksM3s(tank: Tank, context: CheckContext): number {
  const most = new Map<string, number>();
  for (const [tankId, way] of waysFrom(tank.id, linksOf(context))) {
    const first = way[0]?.[0]?.to.tankId;
    if (first === undefined) continue;
    for (const overflow of workingHoles(context, tankId, 'overflow'))
      most.set(first, Math.max(most.get(first) ?? 0, throughM3s(tank, overflow, way, context)));
  }
  return [...most.values()].reduce((sum, flow) => sum + flow, 0);
}
