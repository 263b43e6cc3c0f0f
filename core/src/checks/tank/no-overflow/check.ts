import { holesOf } from '../../../job/lookup';
import type { Tank } from '../../../walls/tank';
import type { CheckContext } from '../../../derived/context';
import { linkedTanks } from '../../../derived/linked-tanks';
import { isDryHousing, workingHoles } from '../../../derived/shut';
import { selfStopping } from '../../../falls/self-stopping';
import { defineCheck } from '../../define-check';
import { atTank } from '../../places';
import { overflowFixes } from '../../overflow-fixes';

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
          tanks.every(({ id }) => workingHoles(context, id, 'overflow').length === 0) &&
          !stopsByItself(tanks, context) &&
          !tanks.every(({ id }) => isDryHousing(context, id)),
      )
      .map((tanks) => {
        const [first] = tanks;
        if (!first) throw new RangeError('no-overflow: an empty group');
        return {
          messageId: 'none' as const,
          at: atTank(first),
          data: { tanks: together(tanks.map(({ label }) => label)) },
          fixes: (whole) => overflowFixes(whole, first),
        };
      }),
});

/** Does every roof come in by a diverter that lets the rest fall on once the tanks are full, and nothing else? */
function stopsByItself(tanks: readonly Tank[], context: CheckContext): boolean {
  const inlets = tanks.flatMap(({ id }) => holesOf(context.job, id, 'inlet'));
  if (inlets.length === 0 || tanks.some(({ id }) => holesOf(context.job, id, 'tanker-fill').length > 0)) return false;
  const fills = selfStopping(context).filter(({ sure, spillM, lowestM }) => sure && spillM <= lowestM);
  return inlets.every(({ id }) => fills.some(({ hole }) => hole.id === id));
}

/** 'T1', 'T1 with T2', 'T1 with T2, T3 and T4'. */
function together([first = '', ...others]: readonly string[]): string {
  const last = others.pop();
  return last === undefined ? first : `${first} with ${others.length > 0 ? `${others.join(', ')} and ` : ''}${last}`;
}
