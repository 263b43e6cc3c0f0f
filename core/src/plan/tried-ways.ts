import type { CheckContext } from '../derived/context';
import { itemsOfRun } from '../derived/run';
import type { Finding } from '../checks/finding';
import type { Catalogue } from '../fittings/catalogue';
import type { EndRef, Job } from '../job/job';
import { isByLength } from '../fittings/part';
import { lineReachOf } from '../hydraulics/line-flow';
import { lossM } from '../hydraulics/pipe-flow';
import { appendChain } from '../routes/chain-edits';
import type { SpaceWay } from '../routes/space-way';
import { placedBetween, waysInSpace } from '../routes/ways-in-space';
import { contextInSpace } from './context-in-space';
import { tryOut } from './tried-fixes';

/** So many ways are offered. */
const MOST_WAYS = 5;

/** A way that was made on a copy of the job, and what is said of it there that was not said before. */
interface TriedWay {
  readonly way: SpaceWay;
  /** What fails of it, by its title. */
  readonly fails: readonly string[];
  readonly remarks: number;
  readonly bends: number;
  /** Head lost in it at a flow of any line in a garden [m]: to compare ways by. */
  readonly lostM: number;
}

/** What was found between two ends. */
export interface TriedWays {
  /** The best first. */
  readonly ways: readonly SpaceWay[];
  /** Have both ends a place? Where one has none nothing was looked for. */
  readonly placed: boolean;
  /** What fails of those that are not offered, each said once. */
  readonly against: readonly string[];
}

/** A garden hose, wide open [m3/s]. */
const COMPARED_AT_M3S = 0.0003;

const best = (a: TriedWay, b: TriedWay): number =>
  a.remarks - b.remarks ||
  a.way.links.length - b.way.links.length ||
  a.bends - b.bends ||
  a.way.priceUsd - b.way.priceUsd ||
  a.lostM - b.lostM;

/** The best in each pipe and hose before a second in the same: who wants another pipe finds it. */
function oneOfEachFirst(tried: readonly TriedWay[]): readonly SpaceWay[] {
  const ways = tried.map(({ way }) => way);
  const pipeOf = ({ links }: SpaceWay): string | undefined => links.find(({ part }) => isByLength(part))?.part.code;
  const isFirst = (way: SpaceWay): boolean => ways.find((other) => pipeOf(other) === pipeOf(way)) === way;
  return [...ways.filter(isFirst), ...ways.filter((way) => !isFirst(way))];
}

/**
 * Ways in space that can be built: each is made on a copy of the job, which is checked as a job is. One that brings something
 * that fails (a line through a tank, a fall the wrong way, no room to screw it on) is not offered; of the others those come
 * first of which least is said (a dip in which water stands, no fall, nothing to hang it on, little cover, a wall in its way),
 * then by parts, bends, price and head lost; the best in each pipe and hose before a second in the same.
 *
 * @param onFound  told of the best so far whenever one more was tried
 */
export function triedWays(
  job: Job,
  catalogue: Catalogue,
  at: EndRef,
  to: EndRef,
  options: Parameters<typeof waysInSpace>[1],
  onFound: (soFar: TriedWays) => void = () => {},
): TriedWays {
  const between = placedBetween(job, catalogue, at, to);
  if (!between) return { ways: [], placed: false, against: [] };
  const context = contextInSpace(job, catalogue);
  const tried: TriedWay[] = [];
  const soFar = (): TriedWays => ({
    ways: oneOfEachFirst(tried.filter(({ fails }) => fails.length === 0).toSorted(best)).slice(0, MOST_WAYS),
    placed: true,
    against: [...new Set(tried.flatMap(({ fails }) => fails))],
  });
  for (const way of waysInSpace(between, options)) {
    const one = tryWay(way, context, at, to);
    if (!one) continue;
    tried.push(one);
    onFound(soFar());
  }
  return soFar();
}

function tryWay(way: SpaceWay, context: CheckContext, at: EndRef, to: EndRef): TriedWay | undefined {
  const { edits } = appendChain(context.said, at, way, '', to);
  const copy = tryOut(context, edits);
  if (!copy) return undefined;
  // What the opening itself still lacks, a screen say, is asked for however its line goes.
  const more = copy.more.filter(({ check }) => !check.startsWith('hole/'));
  const count = (severity: Finding['severity']): number => more.filter((one) => one.severity === severity).length;
  const put = edits.flatMap((edit) => (edit.type === 'add-part' ? [edit.part.id] : []));
  const items = new Map(
    copy.context.runs.flatMap((run) => itemsOfRun(run)).map((item) => [item.placed.id, item] as const),
  );
  const made = put.flatMap((id) => items.get(id) ?? []);
  // What follows from both ends is known now, with the fall in it.
  const links = way.links.map((link, place) => ({
    ...link,
    followsM: items.get(put[place] ?? '')?.placed.lengthM ?? undefined,
  }));
  return {
    way: { ...way, links },
    fails: more.filter(({ severity }) => severity === 'fails').map(({ title }) => title),
    remarks: count('costs') + count('unknown'),
    bends: made.filter(({ part }) => (part.bendDegrees ?? 0) > 0).length,
    lostM: made.reduce((sum, item) => sum + lossM(lineReachOf(item, 1), COMPARED_AT_M3S), 0),
  };
}
