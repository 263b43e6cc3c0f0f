import { holesOf } from '../../../job/lookup';
import { levelsOf, obvertM } from '../../../derived/levels';
import { isUpright } from '../../../walls/forms';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/vent-dips',
    severity: 'fails',
    toDo: 'Move it above the overflow.',
    sources: [
      { document: 'the vent ends just inside the top, clear of the highest water', provenance: 'common-practice' },
    ],
    messages: {
      low: {
        title: 'Vent under water',
        text: '{hole} is at {at}; the water stands to {full}: when it is full no air goes through.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const { fullM } = levelsOf(tank, context);
      return holesOf(context.job, tank.id, 'vent')
        .filter((hole) => !hole.roles.includes('overflow') && (isUpright(hole.face) || hole.face === 'bottom'))
        .filter((hole) => obvertM(hole, tank, context) <= fullM + 0.0005)
        .map((hole) => ({
          messageId: 'low' as const,
          at: atPenetration(hole),
          data: {
            hole: hole.label,
            at: { lengthM: hole.face === 'bottom' ? 0 : hole.heightM },
            full: { lengthM: fullM },
          },
        }));
    }),
});
