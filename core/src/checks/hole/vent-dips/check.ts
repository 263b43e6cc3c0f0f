import { holesOf } from '../../../job/lookup';
import { levelsOf, obvertM } from '../../../derived/levels';
import { isUpright } from '../../../walls/forms';
import { atPenetration } from '../../places';
import { coursesOf, isInside } from '../../../assembly/course';
import type { CheckContext } from '../../../derived/context';
import { baseLevelM } from '../../../derived/set-out';
import type { Penetration } from '../../../job/job';
import type { Tank } from '../../../walls/tank';
import { type Report, defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/vent-dips',
    severity: 'fails',
    toDo: 'Move it above the overflow.',
    sources: [
      { document: 'the vent ends just inside the top, clear of the highest water', provenance: 'common-practice' },
    ],
    messages: {
      hangs: {
        title: 'Vent under water',
        text: '{hole} hangs down inside to {at}; the water stands to {full}: when it is full no air goes through.',
      },
      low: {
        title: 'Vent under water',
        text: '{hole} is at {at}; the water stands to {full}: when it is full no air goes through.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const { fullM } = levelsOf(tank, context);
      return [
        ...hanging(tank, fullM, context),
        ...holesOf(context.job, tank.id, 'vent')
          .filter((hole) => !hole.roles.includes('overflow') && (isUpright(hole.face) || hole.face === 'bottom'))
          // A standpipe inside lets air in above the water.
          .filter(
            (hole) => Math.max(obvertM(hole, tank, context), insideOf(hole, tank, context).topM) <= fullM + 0.0005,
          )
          .map((hole) => ({
            messageId: 'low' as const,
            at: atPenetration(hole),
            data: {
              hole: hole.label,
              at: { lengthM: hole.face === 'bottom' ? 0 : hole.heightM },
              full: { lengthM: fullM },
            },
          })),
      ];
    }),
});

/** How high and how low what hangs inside a tank at an opening reaches above its base, where every length of it is known [m]. */
function insideOf(
  hole: Penetration,
  tank: Tank,
  context: CheckContext,
): { readonly lowM: number; readonly topM: number } {
  const inside = [...(coursesOf(context).get(hole.id)?.along ?? [])].filter(
    ([{ from }]) => from.of === 'part' && isInside(from, context),
  );
  const heights = inside.flatMap(([, legs]) =>
    legs.every(({ assumed }) => assumed.length === 0)
      ? legs.map(({ to }) => to.up - baseLevelM(tank, context.job))
      : [],
  );
  return { lowM: Math.min(Infinity, ...heights), topM: Math.max(-Infinity, ...heights) };
}

/** A vent in a top of which what hangs inside reaches down into the water. */
const hanging = (tank: Tank, fullM: number, context: CheckContext): Report<'hangs'>[] =>
  holesOf(context.job, tank.id, 'vent')
    .filter(({ face }) => face === 'top')
    .flatMap((hole) => {
      const { lowM } = insideOf(hole, tank, context);
      return lowM <= fullM + 0.0005
        ? [
            {
              messageId: 'hangs' as const,
              at: atPenetration(hole),
              data: { hole: hole.label, at: { lengthM: Math.max(0, lowM) }, full: { lengthM: fullM } },
            },
          ]
        : [];
    });
