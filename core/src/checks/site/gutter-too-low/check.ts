import { heightBudgets } from '../../../falls/height-budget';
import { defineCheck } from '../../define-check';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/gutter-too-low',
    severity: 'fails',
    toDo: 'Read the gutter again; lower the tank; fill it through a lower opening.',
    sources: [{ document: 'water runs down', provenance: 'standard-formula' }],
    messages: {
      below: {
        title: 'Gutter below the opening',
        text: 'The gutter of {roof} was read {below} below {hole} of {tank}: water does not run up. One of the two heights is wrong, or the tank stands too high.',
      },
    },
  },
  check: (context) =>
    heightBudgets(context).flatMap(({ roof, hole, tank, gutterM, fromM }) =>
      gutterM === undefined || gutterM > fromM
        ? []
        : [
            {
              messageId: 'below' as const,
              at: atSite('roofs', roof),
              data: { roof: roof.name, below: { lengthM: fromM - gutterM }, hole: hole.label, tank: tank.label },
            },
          ],
    ),
});
