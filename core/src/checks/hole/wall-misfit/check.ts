import { sealReports } from '../../seals';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/wall-misfit',
    severity: 'fails',
    toDo: 'Take a seal made for this wall and hole, or measure the shank.',
    sources: [
      { document: 'bulkhead and gasket ranges of the trade', provenance: 'from-memory' },
      { document: 'gap under a flat washer on a curve', provenance: 'standard-formula' },
    ],
    messages: {
      seal: { title: 'Does not suit this wall', text: '{why}' },
      doubt: { title: 'May need a flatter place', text: '{why}', severity: 'advice' },
    },
  },
  sees: 'run-in-water',
  check: (context) => [
    ...sealReports(context, ['thick', 'thin', 'curve', 'hole', 'water', 'face', 'liner', 'role']),
    ...sealReports(context, ['doubt']).map((report) => ({ ...report, messageId: 'doubt' as const, fixes: [] })),
  ],
});
