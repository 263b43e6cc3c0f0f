import { lengthStepM } from '../../../quantity/length';
import { holesOf } from '../../../job/lookup';
import { invertM, levelsOf } from '../../../derived/levels';
import { isUpright } from '../../../walls/forms';
import { freePlace } from '../../../walls/no-drill';
import { flatRadiusM } from '../../../derived/resolve';
import { moveFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/in-sediment',
    severity: 'costs',
    toDo: 'Raise it, or clean more often and say that the sediment is less.',
    sources: [{ document: 'some centimetres settle between two cleanings', provenance: 'common-practice' }],
    messages: {
      low: {
        title: 'Draws sediment',
        text: 'The bore of {hole} begins {bore} up; sediment is taken to stand to {band}.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const { sedimentM } = levelsOf(tank, context);
      return holesOf(context.job, tank.id, 'draw-off', 'link').flatMap((hole) => {
        const lowM = invertM(hole, tank, context);
        if (hole.port !== null || !isUpright(hole.face) || lowM >= sedimentM - 0.0005) return [];
        const wanted = { ...hole, heightM: hole.heightM + sedimentM - lowM };
        const free = freePlace(tank, wanted, flatRadiusM(hole, context.job, context.index), {
          fields: ['heightM'],
          leastUpM: wanted.heightM,
          mostUpM: tank.brimM,
          marksM: lengthStepM(context.job.measures, true),
        });
        return [
          {
            messageId: 'low' as const,
            at: atPenetration(hole),
            data: { hole: hole.label, bore: { lengthM: lowM }, band: { lengthM: sedimentM } },
            fixes: free ? [moveFix(hole, free, 'Raise it to {up}')] : [],
          },
        ];
      });
    }),
});
