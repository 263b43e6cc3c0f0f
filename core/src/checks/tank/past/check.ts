import { setField } from '../../../edits/change-field';
import { tankType } from '../../../walls/tank-types';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';
import { type Report, defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/past',
    severity: 'unknown',
    safety: true,
    summary: 'A used container of which it is not known what was in it, whether it was food, or how it was cleaned.',
    toDo: 'Ask the seller; take food grade only.',
    sources: [
      { document: 'food-grade containers only, cleaned, never judged by tasting', provenance: 'common-practice' },
    ],
    messages: {
      unknown: {
        title: 'What was in it',
        text: '{tank} is usually bought used. Say what it held, whether that was food, and how it was cleaned; never judge by tasting.',
      },
      unfit: {
        title: 'Not for water',
        text: '{tank} held {contents}, which was not food: not for water that people, animals or food plants get.',
      },
      dirty: { title: 'Not cleaned yet', text: '{tank} held {contents}: wash it out before it holds water.' },
    },
  },
  check: ({ job }) =>
    job.tanks.flatMap((tank): Report<'unknown' | 'unfit' | 'dirty'>[] => {
      if (!tankType(tank.type).secondHand) return [];
      const { contents, foodGrade, cleaning } = tank;
      const at = atTank(tank);
      if (foodGrade === false)
        return [
          { messageId: 'unfit' as const, at, data: { tank: tank.label, contents: contents ?? 'something else' } },
        ];
      // What has stood and been used is known to those who use it; who drinks from it asks all the same.
      if (tank.stands && job.drinking !== true) return [];
      if (contents === null || foodGrade === null || cleaning === null)
        return [{ messageId: 'unknown' as const, at, data: { tank: tank.label } }];
      return cleaning === 'not'
        ? [
            {
              messageId: 'dirty' as const,
              at,
              data: { tank: tank.label, contents },
              fixes: [setFix(setField('tanks', tank, 'cleaning', 'washed'), 'It was washed hot and rinsed')],
            },
          ]
        : [];
    }),
});
