import { setField } from '../../../edits/change-field';
import type { Settings } from '../../../job/job';
import { PURPOSE_NAMES, type Purpose, type Tank, isDrunk } from '../../../walls/tank';
import { tankType } from '../../../walls/tank-types';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';
import { type Report, defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/past',
    severity: 'unknown',
    safety: true,
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
        text: '{tank} held {contents}, which was not food: not for water that people or animals drink.',
        severity: 'fails',
      },
      'not-food': {
        title: 'It was no food',
        text: '{tank} held {contents}, which was not food. Its water is for: {purposes}. Never for food plants, and mark its taps.',
        severity: 'costs',
      },
      'for-what': {
        title: 'What is its water for?',
        text: '{tank} held {contents}, which was not food: say what its water is for. Nobody and no animal may drink it.',
        toDo: 'Say what its water is for, at Tanks.',
      },
      dirty: {
        title: 'Not cleaned yet',
        text: '{tank} held {contents}: wash it out before it holds water.',
        toDo: 'Wash it out hot, rinse it until nothing smells or foams, and say how it was cleaned.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks.flatMap((tank): Report<'unknown' | 'unfit' | 'not-food' | 'for-what' | 'dirty'>[] => {
      if (!tankType(tank.type).secondHand) return [];
      const { contents, foodGrade, cleaning } = tank;
      const at = atTank(tank);
      if (foodGrade === false) return [notFood(tank, job)];
      // What has stood and been used is known to those who use it; who drinks from it asks all the same.
      if (tank.stands && !isDrunk(tank, job)) return [];
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

/** Whoever drinks it decides: people and animals may not; a garden or a toilet may, with care. */
const DRUNK: readonly Purpose[] = ['drinking', 'stock'];

function notFood(tank: Tank, job: Settings): Report<'unfit' | 'not-food' | 'for-what'> {
  const { purposes } = tank;
  const about = { tank: tank.label, contents: tank.contents ?? 'something else' };
  const at = atTank(tank);
  if (isDrunk(tank, job) || purposes.some((purpose) => DRUNK.includes(purpose)))
    return { messageId: 'unfit', at, data: about };
  if (purposes.length === 0) return { messageId: 'for-what', at, data: about };
  const words = purposes.map((purpose) => PURPOSE_NAMES[purpose].toLowerCase()).join(', ');
  return { messageId: 'not-food', at, data: { ...about, purposes: words } };
}
