import type { Caution } from '../../../connections/mating';
import { defineCheck } from '../../define-check';
import { atJoint } from '../../places';

const KINDS: readonly Caution['kind'][] = ['wedge', 'corrodes', 'galls'];
const TITLE = 'Mind the materials';
const TEXT = '{caution} {others}';

export default defineCheck({
  meta: {
    id: 'joint/material-caution',
    severity: 'advice',
    toDo: 'Hand tight and one turn; or turn the two round.',
    sources: [{ document: 'metal in plastic, metals in water', provenance: 'common-practice' }],
    messages: {
      wedge: { title: TITLE, text: TEXT },
      corrodes: { title: TITLE, text: TEXT, toDo: 'Look at it each year; or put plastic between the two metals.' },
      galls: { title: TITLE, text: TEXT, toDo: 'Tape and paste, hand tight first, then slowly with two wrenches.' },
    },
  },
  // One finding a kind: the same advice at ten joints is still one thing to know.
  check: ({ joints }) => {
    const all = joints
      .filter(({ mating }) => mating.cautions.length > 0)
      .flatMap((judged) => judged.mating.cautions.map((caution) => ({ judged, caution })));
    return KINDS.flatMap((kind) => {
      const own = all.filter(({ caution }) => caution.kind === kind);
      const [first, ...others] = own;
      if (!first) return [];
      const places = others.map(({ judged }) => atJoint(judged).label);
      return [
        {
          messageId: kind,
          at: atJoint(first.judged),
          data: {
            caution: first.caution.text,
            others: places.length === 0 ? '' : `The same at ${places.join('; ')}.`,
          },
        },
      ];
    });
  },
});
