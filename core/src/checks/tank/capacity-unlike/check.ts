import { setField } from '../../../edits/change-field';
import { formOf } from '../../../walls/forms';
import { holdsM3 } from '../../../walls/level';
import { defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';

/** Over what its outside holds to the top, by so much, no tank holds more: the rest is rounding of the tape. */
const ROUNDING = 1.05;
/** Ribs, feet and walls take a quarter of a tank at most; where it holds less than this of its inside, one of the figures is another tank's (our judgement). */
const LEAST_SHARE = 0.5;

export default defineCheck({
  meta: {
    id: 'tank/capacity-unlike',
    severity: 'fails',
    station: 'tanks',
    toDo: 'Measure it again, or leave its capacity to its dimensions.',
    sources: [{ document: 'volume by integration of its form', provenance: 'standard-formula' }],
    messages: {
      more: {
        title: 'Holds more than it can',
        text: '{tank} is said to hold {said}; its dimensions make {made}, walls and all. Its base, its levels and its overflow are reckoned by that.',
      },
      less: {
        title: 'Holds far less than its size',
        text: '{tank} is said to hold {said}; inside its dimensions there is room for {made}.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks.flatMap((tank) => {
      const { capacityM3 } = tank;
      if (capacityM3 === null) return [];
      const outside = formOf(tank).insideM3({ ...tank, wallM: 0 }, tank.heightM);
      const inside = holdsM3({ ...tank, capacityM3: null });
      const messageId =
        capacityM3 > ROUNDING * outside ? 'more' : capacityM3 < LEAST_SHARE * inside ? 'less' : undefined;
      if (!messageId) return [];
      return [
        {
          messageId,
          at: atTank(tank),
          data: {
            tank: tank.label,
            said: { volumeM3: capacityM3 },
            made: { volumeM3: messageId === 'more' ? outside : inside },
          },
          fixes: [setFix(setField('tanks', tank, 'capacityM3', null), 'Let it hold what its dimensions do')],
        },
      ];
    }),
});
