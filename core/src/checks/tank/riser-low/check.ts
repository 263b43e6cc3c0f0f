import { setField } from '../../../edits/change-field';
import { lidOverGroundM } from '../../../walls/ground';
import { setFix } from '../../move-fix';
import type { Tank } from '../../../walls/tank';
import type { Fix } from '../../finding';
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
        fixes: [riserFix(tank, LEAST_M - lidOverGroundM(tank))],
      })),
});

/** A way in that is not there yet is as wide as this (common practice) [m]. */
const WAY_IN_M = 0.6;

/** The riser is raised, or one is put on; the tank stays as it is. */
function riserFix(tank: Tank, byM: number): Fix {
  const { riser } = tank;
  const heightM = (riser?.heightM ?? 0) + byM;
  const widthM = riser?.widthM ?? (tank.accessM > 0 ? tank.accessM : WAY_IN_M);
  return setFix(
    setField('tanks', tank, 'riser', { heightM, widthM }),
    riser ? 'Raise the riser by {by}, to {high}' : 'Put a riser of {high} on it',
    { by: { lengthM: byM }, high: { lengthM: heightM } },
  );
}
