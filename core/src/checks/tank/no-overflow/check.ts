import { holesOf } from '../../../job/lookup';
import type { Tank } from '../../../walls/tank';
import type { CheckContext } from '../../../derived/context';
import { sizeInInches } from '../../../quantity/size';
import { holeKind, setOutHole } from '../../../job/hole-kinds';
import { linkedTanks } from '../../../derived/linked-tanks';
import { workingHoles } from '../../../derived/shut';
import { defineCheck } from '../../define-check';
import type { Fix } from '../../finding';
import { freshId } from '../../../edits/fresh-id';
import { atTank } from '../../places';
import { newHoleFix } from '../../seals';

export default defineCheck({
  meta: {
    id: 'tank/no-overflow',
    severity: 'fails',
    station: 'holes',
    toDo: 'Add an overflow as large as the inlet, below the lid and every other opening.',
    sources: [{ document: 'overflow at least as large as the inlet', provenance: 'common-practice' }],
    messages: {
      none: { title: 'No overflow', text: '{tanks} has no overflow: when it is full, water finds its own way out.' },
    },
  },
  check: (context) =>
    linkedTanks(context)
      .filter(
        (tanks) =>
          // One that stands and works has its own, drawn or not.
          tanks.every(({ stands }) => !stands) &&
          // What may run over its rim has a way out.
          tanks.every(({ mayRunOver }) => !mayRunOver) &&
          tanks.every(({ id }) => workingHoles(context, id, 'overflow').length === 0),
      )
      .map((tanks) => {
        const [first] = tanks;
        if (!first) throw new RangeError('no-overflow: an empty group');
        return {
          messageId: 'none' as const,
          at: atTank(first),
          data: { tanks: together(tanks.map(({ label }) => label)) },
          fixes: (whole) => overflowFix(whole, first),
        };
      }),
});

/** 'T1', 'T1 with T2', 'T1 with T2, T3 and T4'. */
function together([first = '', ...others]: readonly string[]): string {
  const last = others.pop();
  return last === undefined ? first : `${first} with ${others.length > 0 ? `${others.join(', ')} and ` : ''}${last}`;
}

/** An overflow as large as the largest inlet, as high as the flat of the wall allows, with what seals it. */
function overflowFix(context: CheckContext, tank: Tank): readonly Fix[] {
  const { job } = context;
  const [largest] = holesOf(job, tank.id, 'inlet')
    .map(({ size }) => size)
    .toSorted((a, b) => sizeInInches(b) - sizeInInches(a));
  const id = freshId(`${tank.id}-overflow`, job.penetrations);
  const penetration = setOutHole(id, holeKind('overflow'), tank, job, largest);
  return newHoleFix(penetration, tank, context, 'Add an overflow of {size} at {height}');
}
