import { otherSeals, placedSeals } from '../../seals';
import { atPenetration } from '../../places';
import { fillText } from '../../../quantity/values';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/wall-misfit',
    severity: 'fails',
    summary:
      'A seal that the wall does not suit: too curved, too thick, too thin, the hole of another size, or water where it keeps only insects out.',
    sources: [
      { document: 'bulkhead and gasket ranges of the trade', provenance: 'from-memory' },
      { document: 'gap under a flat washer on a curve', provenance: 'standard-formula' },
    ],
    messages: { seal: { title: 'Does not suit this wall', text: '{why}' } },
  },
  check: (context) =>
    placedSeals(context).flatMap(({ hole, tank, seal, way }) =>
      way.reasons
        .filter(({ about }) => ['thick', 'thin', 'curve', 'hole', 'water', 'face', 'liner'].includes(about))
        .map((reason) => ({
          messageId: 'seal' as const,
          at: atPenetration(hole),
          data: { why: fillText(reason.text, reason.data, context.job.measures) },
          fixes: otherSeals(hole, tank, seal, context),
        })),
    ),
});
