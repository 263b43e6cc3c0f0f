import { LEFT_OUT } from '../left-out/check';
import { defineCheck } from '../../define-check';
import { unratedWords } from '../../../derived/settled';
import { atJoint } from '../../places';

export default defineCheck({
  meta: {
    id: 'joint/not-rated',
    severity: 'unknown',
    toDo: 'Use a part that is rated there, or accept the joint by name and date.',
    sources: [{ document: 'ASME B1.20.1', provenance: 'standard-formula' }],
    messages: { fits: { title: 'Fits, not rated', text: '{why} {instead}' } },
  },
  check: ({ joints }) =>
    joints
      .filter(({ mating }) => mating.verdict === 'fits-unrated' && !LEFT_OUT.includes(mating.reason))
      .map((judged) => ({ messageId: 'fits', at: atJoint(judged), data: unratedWords(judged) })),
});
