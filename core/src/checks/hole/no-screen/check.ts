import type { Run } from '../../../derived/run';
import { sealOf } from '../../../derived/resolve';
import { TO_THE_AIR } from '../../../walls/roles';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/no-screen',
    severity: 'fails',
    toDo: 'Finish it with a screen or a cowl.',
    sources: [{ document: 'mesh of about 1 mm against insects at every opening', provenance: 'common-practice' }],
    messages: { open: { title: 'No screen', text: '{hole} {name} ends open: insects and leaves get in.' } },
  },
  sees: 'run',
  check: ({ runs, index }) =>
    runs
      .filter(({ penetration }) => penetration.roles.some((role) => TO_THE_AIR.includes(role)))
      .filter(
        (run) =>
          opensFree(run) &&
          !run.strands.some(({ items }) => items.some(({ part }) => part.features.includes('screen'))),
      )
      .filter(
        ({ penetration }) =>
          penetration.portUse !== 'plug' && (penetration.port !== null || sealOf(penetration.id, index) !== undefined),
      )
      .map(({ penetration }) => ({
        messageId: 'open' as const,
        at: atPenetration(penetration),
        data: { hole: penetration.label, name: penetration.name.toLowerCase() },
      })),
});

/** Its run has begun beyond what seals the hole, and ends open or at daylight. */
const opensFree = ({ strands }: Run): boolean =>
  strands.some(
    ({ end, items }) => items.length > 1 && (end.at === 'open' || end.at === 'discharge' || end.at === 'terminal'),
  );
