import { setField } from '../../../edits/change-field';
import { setFix } from '../../move-fix';
import { tankType } from '../../../walls/tank-types';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

/** Less than this against the wall is a bed, not a burial. Our judgement. */
const BURIED_M = 0.3;

export default defineCheck({
  meta: {
    id: 'tank/buried-care',
    severity: 'costs',
    safety: true,
    toDo: 'Fill as you bury; brace what is not made for it.',
    sources: [
      { document: 'water in as the ground goes in; bracing where it may stand empty', provenance: 'common-practice' },
    ],
    messages: {
      maker: {
        title: 'Braced while it is filled round?',
        text: '{tank} is made for the ground. Many makers have it braced inside, or filled with water, while the ground goes in: do as its maker says.',
        severity: 'advice',
      },
      fill: {
        title: 'Fill as you bury',
        text: '{tank} stands {depth} in the ground: raise the water inside with the ground outside, in layers, or the walls cave in.',
      },
      brace: {
        title: 'Brace it inside',
        text: '{tank} may stand empty with {depth} of ground against it: brace it while it does.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks
      .filter(({ buriedM }) => buriedM > BURIED_M)
      .flatMap((tank) => {
        const data = { tank: tank.label, depth: { lengthM: Math.min(tank.buriedM, tank.heightM) } };
        const at = atTank(tank);
        const { material, madeForGround } = tankType(tank.type);
        // Walls of concrete stand by themselves; whether it floats is another question.
        if (material === 'concrete') return [];
        return [
          ...(tank.filledAsBuried
            ? []
            : [
                {
                  messageId: 'fill' as const,
                  at,
                  data,
                  fixes: [setFix(setField('tanks', tank, 'filledAsBuried', true), 'Water goes in as the ground does')],
                },
              ]),
          // It may be emptied later, whatever was in it while it was buried.
          ...(madeForGround && !tank.braced
            ? [
                {
                  messageId: 'maker' as const,
                  at,
                  data,
                  fixes: [setFix(setField('tanks', tank, 'braced', true), 'It is braced inside')],
                },
              ]
            : []),
          ...(tank.braced || madeForGround
            ? []
            : [
                {
                  messageId: 'brace' as const,
                  at,
                  data,
                  fixes: [setFix(setField('tanks', tank, 'braced', true), 'It is braced inside')],
                },
              ]),
        ];
      }),
});
