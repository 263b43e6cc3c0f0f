import { defineCheck } from '../../define-check';
import { atJoint } from '../../places';

export default defineCheck({
  meta: {
    id: 'joint/not-known',
    severity: 'unknown',
    toDo: 'Measure the end: over or across the threads, and threads to the inch.',
    sources: [{ document: 'a verdict is never given on an end that is not known', provenance: 'common-practice' }],
    messages: { unknown: { title: 'Not known yet', text: '{why} {measure}' } },
  },
  check: ({ joints }) =>
    joints
      .filter(({ mating }) => mating.verdict === 'unknown')
      .map((judged) => ({
        messageId: 'unknown',
        at: atJoint(judged),
        data: { why: judged.mating.why, measure: judged.mating.instead ?? '' },
      })),
});
