import { endsClosed } from '../../../derived/shut';
import { holeById } from '../../../job/lookup';
import { can } from '../../../fittings/capability';
import { isByLength } from '../../../fittings/part';
import { pipeOf } from '../../../connections/standards/pipes';
import type { CheckContext } from '../../../derived/context';
import type { Run, Strand } from '../../../derived/run';
import { type Report, defineCheck } from '../../define-check';
import { atPart, atPenetration } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/no-stub',
    severity: 'advice',
    toDo: 'Leave a stub: one socket for its fitting, one for the cap that is sawn off, one for the coupling.',
    sources: [{ document: 'a stub for the next tank, long enough for a coupling', provenance: 'common-practice' }],
    messages: {
      none: {
        title: 'Nothing to extend from',
        text: 'The manifold joins {count} tanks and ends without a capped stub: for one more tank it must be cut.',
      },
      short: {
        title: 'Stub too short',
        text: 'The stub before the cap is {length}: when the cap is cut off, less than the {least} that a coupling takes is left.',
      },
    },
  },
  check: (context) => {
    const seen = new Set<string>();
    return context.runs.flatMap((run): readonly Report<'none' | 'short'>[] => {
      const tanks = tanksOn(run, context);
      if (tanks.size < LEAST_TANKS || !run.strands.some(({ items }) => items.some(({ part }) => can(part, 'branch'))))
        return [];
      const key = [...tanks].sort().join();
      if (seen.has(key)) return [];
      seen.add(key);
      const stubs = run.strands.flatMap((strand) => stubOf(strand) ?? []);
      if (stubs.length === 0)
        return [{ messageId: 'none' as const, at: atPenetration(run.penetration), data: { count: tanks.size } }];
      const long = stubs.some(({ lengthM, leastM }) => lengthM === null || lengthM >= leastM);
      const [first] = stubs;
      return long || !first
        ? []
        : [
            {
              messageId: 'short' as const,
              at: atPart(first.id, run.penetration),
              data: { length: { lengthM: first.lengthM ?? 0 }, least: { lengthM: first.leastM } },
            },
          ];
    });
  },
});

const LEAST_TANKS = 2;

/** The tanks that a run reaches by its strands. */
const tanksOn = ({ penetration, strands }: Run, { job }: CheckContext): ReadonlySet<string> =>
  new Set([
    penetration.tankId,
    ...strands.flatMap(({ end }) => (end.at === 'hole' ? (holeById(job, end.id)?.tankId ?? []) : [])),
  ]);

/** A capped piece of pipe at the end of a strand; a cap on the fitting itself leaves nothing to go on from. */
function stubOf(
  strand: Strand,
): { readonly id: string; readonly lengthM: number | null; readonly leastM: number } | undefined {
  const pipe = strand.items.at(-2);
  if (!pipe || !endsClosed(strand) || !isByLength(pipe.part)) return undefined;
  const [pipeEnd] = pipe.part.ends;
  if (pipeEnd?.end.kind !== 'pipe') return undefined;
  // In its own fitting, in the cap that is sawn off, and in the coupling that comes then.
  const leastM = (3 * pipeOf(pipeEnd.end).socketDepthMm) / 1000;
  return { id: pipe.placed.id, lengthM: pipe.placed.lengthM, leastM };
}
