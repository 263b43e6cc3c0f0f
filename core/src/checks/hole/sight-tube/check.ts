import { endsClosed } from '../../../derived/shut';
import { holeById, holesOf } from '../../../job/lookup';
import { strandsOf } from '../../../derived/strands';
import type { CheckContext } from '../../../derived/context';
import type { Penetration } from '../../../job/job';
import { levelsOf } from '../../../derived/levels';
import type { Tank } from '../../../walls/tank';
import { atPenetration } from '../../places';
import { type Report, defineCheck } from '../../define-check';

/** Over the highest water. */
const OVER_M = 0.05;

export default defineCheck({
  meta: {
    id: 'hole/sight-tube',
    severity: 'fails',
    toDo: 'Lengthen the tube, or lead it back in above the water.',
    sources: [
      { document: 'the open end stands at least 50 mm above the highest water', provenance: 'common-practice' },
    ],
    messages: {
      short: {
        title: 'Sight tube too short',
        text: '{hole} ends at {top}; the water stands to {full}: it needs {least}.',
      },
      closed: {
        title: 'Sight tube closed',
        text: '{hole} is closed at the top: without air the level in it stays where it was.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const { fullM } = levelsOf(tank, context);
      return lowestOfEach(holesOf(context.job, tank.id, 'sight-tube')).flatMap((hole): Report<'short' | 'closed'>[] => {
        const top = topOf(hole, tank, context);
        if (top === undefined) return [];
        const at = atPenetration(hole);
        if (top === 'closed') return [{ messageId: 'closed' as const, at, data: { hole: hole.label } }];
        // A tube that comes back into the tank is open to its air above the water.
        const leastM = top.backIn ? fullM : fullM + OVER_M;
        return top.atM >= leastM - 0.0005
          ? []
          : [
              {
                messageId: 'short' as const,
                at,
                data: {
                  hole: hole.label,
                  top: { lengthM: top.atM },
                  full: { lengthM: fullM },
                  least: { lengthM: leastM },
                },
              },
            ];
      });
    }),
});

/** Of the openings that share a label the lowest: the other is where the tube comes back in. */
const lowestOfEach = (holes: readonly Penetration[]): Penetration[] =>
  [...new Set(holes.map(({ label }) => label))].flatMap(
    (label) => holes.filter((hole) => hole.label === label).toSorted((a, b) => a.heightM - b.heightM)[0] ?? [],
  );

/** How high the tube ends; undefined where it has no run yet, or one whose length is not known. */
function topOf(
  hole: Penetration,
  tank: Tank,
  { runs, job }: CheckContext,
): 'closed' | { readonly atM: number; readonly backIn: boolean } | undefined {
  const strand = strandsOf(hole, runs)[0];
  if (!strand || strand.items.length < 2) return undefined;
  const { end } = strand;
  if (end.at === 'hole') {
    const back = holeById(job, end.id);
    return back?.tankId === tank.id
      ? { atM: back.face === 'top' ? tank.heightM : back.heightM, backIn: true }
      : undefined;
  }
  if (endsClosed(strand)) return 'closed';
  const lengths = strand.items.filter(({ part }) => part.sale.by === 'length').map(({ placed }) => placed.lengthM);
  if (lengths.length === 0 || lengths.includes(null)) return undefined;
  // The longest piece is the upright one.
  return { atM: hole.heightM + Math.max(...lengths.map((length) => length ?? 0)), backIn: false };
}
