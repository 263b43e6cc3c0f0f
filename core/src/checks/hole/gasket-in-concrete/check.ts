import { sealReports } from '../../seals';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/gasket-in-concrete',
    severity: 'fails',
    summary: 'A seal in a wall it is not made for: a rubber gasket in concrete, a link seal in plastic.',
    toDo: 'Take a seal that is made for concrete.',
    sources: [
      {
        document: 'push-through gaskets want a smooth plastic wall; link seals and boots want concrete',
        provenance: 'common-practice',
      },
    ],
    messages: { seal: { title: 'Wrong seal for this wall', text: '{why}' } },
  },
  sees: 'run-in-water',
  check: (context) => sealReports(context, ['wall']),
});
