import { setField } from '../../../edits/change-field';
import { LEAST_OVER_GROUND_M, highEnoughRiser, lidOverGroundM } from '../../../walls/ground';
import { setFix } from '../../move-fix';
import type { Tank } from '../../../walls/tank';
import type { Fix } from '../../finding';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

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
      .filter((tank) => tank.buriedM > 0 && lidOverGroundM(tank) < LEAST_OVER_GROUND_M - 0.0005)
      .map((tank) => ({
        messageId: 'low' as const,
        at: atTank(tank),
        data: { tank: tank.label, over: { lengthM: lidOverGroundM(tank) }, least: { lengthM: LEAST_OVER_GROUND_M } },
        fixes: [riserFix(tank)],
      })),
});

/** The riser is raised, or one is put on; the tank stays as it is. */
function riserFix(tank: Tank): Fix {
  const riser = highEnoughRiser(tank);
  return setFix(
    setField('tanks', tank, 'riser', riser),
    tank.riser ? 'Raise the riser by {by}, to {high}' : 'Put a riser of {high} on it',
    { by: { lengthM: riser.heightM - (tank.riser?.heightM ?? 0) }, high: { lengthM: riser.heightM } },
  );
}
