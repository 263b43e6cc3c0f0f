import { tankOf } from '../../../job/lookup';
import { isSaidDone } from '../../../derived/ports';
import { invertM, levelsOf } from '../../../derived/levels';
import type { Role } from '../../../walls/roles';
import { defineCheck } from '../../define-check';
import { atPenetration } from '../../places';
import { otherSeals } from '../../seals';

/** Openings that may stand plain above the water, and one that has a check of its own. */
const PLAIN: readonly Role[] = ['access', 'clearance'];
const ELSEWHERE: Role = 'cord-entry';

export default defineCheck({
  meta: {
    id: 'hole/no-seal',
    severity: 'unknown',
    toDo: 'Take a seal that holds in this wall.',
    sources: [{ document: 'an opening below the highest water is sealed', provenance: 'common-practice' }],
    messages: { open: { title: 'Nothing seals it', text: '{hole} is a hole in {tank} with nothing in it.' } },
  },
  sees: 'run-in-water',
  check: (context) =>
    context.runs
      .filter(
        ({ penetration, strands }) =>
          penetration.port === null &&
          !isSaidDone(penetration, tankOf(context.job, penetration)) &&
          strands.every(({ items }) => items.length === 0),
      )
      .flatMap(({ penetration }) => {
        const tank = tankOf(context.job, penetration);
        if (!tank || penetration.roles.includes(ELSEWHERE)) return [];
        const dry = invertM(penetration, tank, context) >= levelsOf(tank, context).fullM;
        if (dry && penetration.roles.some((role) => PLAIN.includes(role))) return [];
        return [
          {
            messageId: 'open' as const,
            at: atPenetration(penetration),
            data: { hole: penetration.label, tank: tank.label },
            fixes: (whole) => otherSeals(penetration, tank, undefined, whole),
          },
        ];
      }),
});
