import { sealReports } from '../../seals';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/gasket-in-concrete',
    severity: 'fails',
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
