import { setField } from '../../../edits/change-field';
import { lidOverGroundM } from '../../../walls/ground';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

const LEAST_M = 0.075;

export default defineCheck({
  meta: {
    id: 'tank/riser-low',
    severity: 'costs',
    toDo: 'Raise the riser, or set the tank higher.',
    sources: [{ document: 'the lid stands 75 to 200 mm over the finished ground', provenance: 'common-practice' }],
    messages: {
      low: {
        title: 'Riser too low',
        text: 'The lid of {tank} is {over} over the finished ground; it needs {least}, so that rain and soil stay out.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks
      .filter((tank) => tank.buriedM > 0 && lidOverGroundM(tank) < LEAST_M - 0.0005)
      .map((tank) => ({
        messageId: 'low' as const,
        at: atTank(tank),
        data: { tank: tank.label, over: { lengthM: lidOverGroundM(tank) }, least: { lengthM: LEAST_M } },
        fixes: [
          setFix(setField('tanks', tank, 'heightM', tank.buriedM + LEAST_M), 'Raise the riser by {by}', {
            by: { lengthM: LEAST_M - lidOverGroundM(tank) },
          }),
        ],
      })),
});
