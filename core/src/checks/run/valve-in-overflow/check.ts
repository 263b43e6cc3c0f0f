import { itemsOfRun } from '../../../derived/run';
import { isShutOff } from '../../../fittings/capability';
import { TO_THE_AIR } from '../../../walls/roles';
import { defineCheck } from '../../define-check';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/valve-in-overflow',
    severity: 'fails',
    toDo: 'Take the valve out. To stop what comes back up the line, take a flap.',
    sources: [{ document: 'no valve in an overflow or a vent', provenance: 'common-practice' }],
    messages: {
      valve: {
        title: 'Valve where nothing may shut',
        text: '{hole} is {role}, and the {part} in it can be shut: then the tank runs over its rim, or is sucked in.',
      },
    },
  },
  sees: 'run',
  check: ({ runs }) =>
    runs.flatMap((run) => {
      const { penetration } = run;
      const role = TO_THE_AIR.find((one) => penetration.roles.includes(one));
      // Where it draws as well, the valve is for that.
      if (!role || penetration.roles.some((one) => !TO_THE_AIR.includes(one))) return [];
      return itemsOfRun(run)
        .filter(({ part }) => isShutOff(part))
        .map(({ placed, part }) => ({
          messageId: 'valve' as const,
          at: atPart(placed.id, penetration),
          data: {
            hole: penetration.label,
            role: role === 'vent' ? 'a vent' : 'an overflow',
            part: part.name.toLowerCase(),
          },
        }));
    }),
});
