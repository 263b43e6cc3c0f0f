import { sealReports } from '../../seals';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/wall-misfit',
    severity: 'fails',
    summary:
      'A seal that the wall does not suit: too curved, too thick, too thin, the hole of another size, or water where it keeps only insects out.',
    toDo: 'Take a seal made for this wall and hole, or measure the shank.',
    sources: [
      { document: 'bulkhead and gasket ranges of the trade', provenance: 'from-memory' },
      { document: 'gap under a flat washer on a curve', provenance: 'standard-formula' },
    ],
    messages: { seal: { title: 'Does not suit this wall', text: '{why}' } },
  },
  sees: 'run-in-water',
  check: (context) => sealReports(context, ['thick', 'thin', 'curve', 'hole', 'water', 'face', 'liner', 'role']),
});
