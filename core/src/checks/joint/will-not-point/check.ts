import { looksSomewhere, pointingOf } from '../../../assembly/pointing';
import { atJoint } from '../../places';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';

const DEGREES_PER_TURN = 360;

export default defineCheck({
  meta: {
    id: 'joint/will-not-point',
    severity: 'costs',
    toDo: 'Try it dry; put a union, a locknut or an end that turns between.',
    sources: [{ document: 'turns past hand tight', provenance: 'common-practice' }],
    messages: {
      some: {
        title: 'May not point there',
        text: '{part} comes tight within {degrees} degrees, and shall point {points}: try it dry. If it stops elsewhere, put a union or an end that turns between.',
      },
      stops: {
        title: 'Points where it stops',
        text: '{part} stops where its face bears, wherever that is, and shall point {points}. Put a union, a locknut or an end that turns between.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap(({ strands }) =>
      strands.flatMap(({ items }) =>
        items.flatMap(({ placed, part, jointIn }) => {
          const judged = context.judgedOf(jointIn?.id);
          if (!judged || placed.existing || placed.points === null || !looksSomewhere(part)) return [];
          const pointing = pointingOf(judged);
          if (pointing.ways !== 'some' && pointing.ways !== 'where-it-stops') return [];
          return [
            {
              messageId: pointing.ways === 'some' ? ('some' as const) : ('stops' as const),
              at: atJoint(judged),
              data: {
                part: part.name,
                points: placed.points,
                ...(pointing.ways === 'some' ? { degrees: Math.round(pointing.shareOfTurn * DEGREES_PER_TURN) } : {}),
              },
            },
          ];
        }),
      ),
    ),
});
