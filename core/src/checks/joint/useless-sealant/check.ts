import { setField } from '../../../edits/change-field';
import { judge } from '../../../connections/mate';
import { holdsAtAll } from '../../../connections/mating';
import { gather } from '../../../quantity/gather';
import { defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';
import { atJoint } from '../../places';

export default defineCheck({
  meta: {
    id: 'joint/useless-sealant',
    severity: 'advice',
    toDo: 'Leave it out.',
    sources: [{ document: 'tape does nothing on a joint that seals on its washer', provenance: 'common-practice' }],
    messages: {
      useless: { title: 'Does nothing there', text: '{medium} on this joint does nothing: it holds {with}.' },
    },
  },
  check: ({ joints }) =>
    gather(joints, (judged) => {
      const { joint, a, b, mating, service } = judged;
      if (joint.madeWith === null || !a.end || !b.end || !holdsAtAll(mating.verdict)) return [];
      const { media } = judge(a.end, b.end, { a: a.material, b: b.material, service });
      const useless = joint.madeWith.filter((medium) => !media.includes(medium));
      return useless.length === 0
        ? []
        : [
            {
              messageId: 'useless' as const,
              at: atJoint(judged),
              data: {
                medium: useless.join(' and ').replace(/^./, (letter) => letter.toUpperCase()),
                with: media.length === 0 ? 'by itself' : `with its ${media.join(' and ')}`,
              },
              fixes: [setFix(setField('joints', joint, 'madeWith', null), 'Leave it away')],
            },
          ];
    }),
});
