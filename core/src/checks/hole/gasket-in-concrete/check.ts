import { otherSeals, placedSeals } from '../../seals';
import { atPenetration } from '../../places';
import { fillText } from '../../../quantity/values';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/gasket-in-concrete',
    severity: 'fails',
    summary: 'A seal in a wall it is not made for: a rubber gasket in concrete, a link seal in plastic.',
    sources: [
      {
        document: 'push-through gaskets want a smooth plastic wall; link seals and boots want concrete',
        provenance: 'common-practice',
      },
    ],
    messages: { seal: { title: 'Wrong seal for this wall', text: '{why}' } },
  },
  check: (context) =>
    placedSeals(context).flatMap(({ hole, tank, seal, way }) =>
      way.reasons
        .filter(({ about }) => about === 'wall')
        .map((reason) => ({
          messageId: 'seal' as const,
          at: atPenetration(hole),
          data: { why: fillText(reason.text, reason.data, context.job.measures) },
          fixes: otherSeals(hole, tank, seal, context),
        })),
    ),
});
