import { setField } from '../../../edits/change-field';
import { waysIn } from '../../../derived/ways-in';
import { acrossM, formOf } from '../../../walls/forms';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/riser-not-over-pump',
    severity: 'costs',
    toDo: 'Move the pump, or put the riser over it.',
    sources: [
      {
        document: 'the riser stands over the pump, so that it can be lifted by its line',
        provenance: 'common-practice',
      },
    ],
    messages: {
      aside: {
        title: 'Riser not over the pump',
        text: 'The pump of {tank} stands {off} to the side of the nearest opening, which is {opening} wide.',
      },
    },
  },
  check: ({ job, index }) =>
    job.tanks.flatMap((tank) => {
      const { pump } = tank;
      if (!pump) return [];
      const nearest = waysIn(tank, job, index)
        .map((way) => ({ way, offM: Math.hypot(pump.fromLeftM - way.leftM, pump.fromFrontM - way.frontM) }))
        .toSorted((a, b) => a.offM - b.offM)[0];
      if (!nearest || nearest.offM + pump.diameterM / 2 <= nearest.way.widthM / 2) return [];
      const under = {
        ...pump,
        fromLeftM: Math.min(acrossM(tank), nearest.way.leftM),
        fromFrontM: Math.min(formOf(tank).throughM(tank), nearest.way.frontM),
      };
      return [
        {
          messageId: 'aside' as const,
          at: atTank(tank),
          data: { tank: tank.label, off: { lengthM: nearest.offM }, opening: { lengthM: nearest.way.widthM } },
          fixes: [setFix(setField('tanks', tank, 'pump', under), 'Stand it under the opening')],
        },
      ];
    }),
});
