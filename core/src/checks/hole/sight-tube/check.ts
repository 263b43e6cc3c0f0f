import { sightTubesOf } from '../../../assembly/sight-tube';
import { holesOf } from '../../../job/lookup';
import type { CheckContext } from '../../../derived/context';
import type { Strand } from '../../../derived/run';
import { levelsOf } from '../../../derived/levels';
import type { Penetration } from '../../../job/job';
import type { Fix } from '../../finding';
import { atPenetration } from '../../places';
import { type Report, defineCheck } from '../../define-check';
import { screenings } from '../../screenings';
import { tubeLengthFixes } from '../../tube-fix';

export default defineCheck({
  meta: {
    id: 'hole/sight-tube',
    severity: 'fails',
    toDo: 'Lengthen the tube, or lead it back in above the water; its top stays open under a loose cap.',
    sources: [
      { document: 'the open end stands at least 50 mm above the highest water', provenance: 'common-practice' },
    ],
    messages: {
      short: {
        title: 'Sight tube too short',
        text: '{hole} ends at {top}; the water stands to {full}: it needs {least}.',
      },
      level: {
        title: 'Sight tube lies level',
        text: 'Nothing turns the {part} of {hole} upward: it ends at {top}, the water stands to {full}, and it runs out.',
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
      return lowestOfEach(holesOf(context.job, tank.id, 'sight-tube')).flatMap((hole) =>
        sightTubesOf(hole, context).flatMap((tube): Report<'short' | 'level' | 'closed'>[] => {
          const { strand, item, topM, leastM, needsM } = tube;
          const at = atPenetration(hole);
          if (tube.closed)
            return [
              {
                messageId: 'closed',
                at,
                data: { hole: hole.label },
                fixes: (whole) => openedFix(strand, hole, whole),
              },
            ];
          if (topM === null || topM >= leastM - 0.0005) return [];
          const heights = { hole: hole.label, top: { lengthM: topM }, full: { lengthM: fullM } };
          return strand.end.at !== 'hole' && needsM === undefined
            ? [{ messageId: 'level', at, data: { ...heights, part: item.part.name } }]
            : [
                {
                  messageId: 'short',
                  at,
                  data: { ...heights, least: { lengthM: leastM } },
                  fixes: tubeLengthFixes(tube, context),
                },
              ];
        }),
      );
    }),
});

/** What closes it is taken off, and a cap that is only set over it comes in its place. */
function openedFix({ items }: Strand, { roles }: Penetration, context: CheckContext): readonly Fix[] {
  const last = items.at(-1);
  const joint = last?.jointIn;
  const at = [joint?.a, joint?.b].find((ref) => ref?.of === 'part' && ref.id !== last?.placed.id);
  if (!last || !at) return [];
  const job = {
    ...context.job,
    parts: context.job.parts.filter(({ id }) => id !== last.placed.id),
    joints: context.job.joints.filter(({ id }) => id !== joint?.id),
  };
  return screenings({ at: 'open', ref: at }, roles, { ...context, job }).map((fix) => ({
    ...fix,
    text: 'Take the closed end off and set a loose cap over it: {parts}',
    edits: [{ type: 'remove-part' as const, partId: last.placed.id }, ...fix.edits],
  }));
}

/** Of the openings that share a label the lowest: the other is where the tube comes back in. */
const lowestOfEach = (holes: readonly Penetration[]): Penetration[] =>
  [...new Set(holes.map(({ label }) => label))].flatMap(
    (label) => holes.filter((hole) => hole.label === label).toSorted((a, b) => a.heightM - b.heightM)[0] ?? [],
  );
