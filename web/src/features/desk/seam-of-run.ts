import { type Plan, type Run, isDoneBare, jointsOfRun, memoize, tankOf } from '@herrero/core';
import { type Seam, seamOf } from '@/ui/seam-glyph';

/** Worst first. */
const ORDER: readonly Seam[] = ['will-not-go', 'starts-then-leaks', 'unknown', 'open', 'fits-unrated'];

/** The one seam that speaks for a run: its worst joint, an open end, or what closes its wall. */
export const seamOfRun = (plan: Plan, penetrationId: string): Seam => seamsOfRuns(plan).get(penetrationId) ?? 'open';

/** That of every run, by its opening: every row of the rack asks at every change. */
const seamsOfRuns = memoize(({ runs, findings, context }: Plan): ReadonlyMap<string, Seam> => {
  const asked = new Set(
    findings.filter(({ check }) => check === 'run/length-not-known').map(({ at }) => at.penetrationId),
  );
  const worst = ({ penetration, strands }: Run): Seam => {
    const seams = jointsOfRun(strands)
      .map(({ id }) => context.judgedOf(id))
      .filter((judged) => judged !== undefined)
      .map(({ mating }) => seamOf(mating));
    const all = new Set<Seam>(seams);
    if (asked.has(penetration.id)) all.add('unknown');
    const bare = strands.every(({ items }) => items.length === 0);
    if (bare && isDoneBare(penetration, tankOf(context.job, penetration))) return 'holds';
    if (strands.some(({ end }) => end.at === 'open')) all.add('open');
    return ORDER.find((seam) => all.has(seam)) ?? seams[0] ?? 'open';
  };
  return new Map(runs.map((run) => [run.penetration.id, worst(run)]));
});
