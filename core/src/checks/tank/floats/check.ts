import { setField } from '../../../edits/change-field';
import { siteFigure } from '../../../job/job';
import { flotation } from '../../../walls/ground';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/floats',
    severity: 'fails',
    safety: true,
    toDo: 'Anchor it, drain the pit, or keep water in it. An engineer where ground water can rise above its base.',
    sources: [
      { document: 'Archimedes: the water displaced', provenance: 'standard-formula' },
      { document: 'weights of ground and tank', provenance: 'from-memory' },
    ],
    messages: {
      floats: {
        title: 'It floats',
        text: 'Empty in wet ground {tank} is lifted by {lift} and held by {held}: {missing} more must hold it down.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks.flatMap((tank) => {
      const { liftKg, heldKg, missingKg } = flotation(tank, siteFigure(job, 'groundWaterM'));
      return missingKg <= 0
        ? []
        : [
            {
              messageId: 'floats' as const,
              at: atTank(tank),
              data: {
                tank: tank.label,
                lift: { massKg: liftKg },
                held: { massKg: heldKg },
                missing: { massKg: missingKg },
              },
              fixes: [
                setFix(
                  setField('tanks', tank, 'anchorKg', Math.ceil(tank.anchorKg + missingKg)),
                  'Anchor it with {more}',
                  {
                    more: { massKg: missingKg },
                  },
                ),
              ],
            },
          ];
    }),
});
