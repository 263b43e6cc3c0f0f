import { can, isShutOff } from '../../../fittings/capability';
import type { RunSight } from '../../../derived/context';
import type { Penetration } from '../../../job/job';
import { invertM, levelsOf } from '../../../derived/levels';
import { holeById, tankOf } from '../../../job/lookup';
import type { Run } from '../../../derived/run';
import { portOf } from '../../../walls/tank-types';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { atPenetration } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/no-shut-off',
    severity: 'advice',
    toDo: 'Put a valve next to the tank.',
    sources: [{ document: 'a valve at the tank, and before a branch', provenance: 'common-practice' }],
    messages: {
      tank: {
        title: 'No valve at the tank',
        text: 'Nothing shuts {hole} before {before}: for any work behind it {tank} must be let down first.',
      },
      link: {
        title: 'No valve in the link',
        text: 'Nothing parts {tank} from {other}: for work on one, both must be let down.',
      },
    },
  },
  sees: 'run-in-water',
  check: (context) =>
    runsOnce(context).flatMap((run) => {
      const { penetration } = run;
      const tank = tankOf(context.job, penetration);
      const [main] = run.strands;
      if (!tank || !main || main.items.length < 2 || !standsUnderWater(penetration, context)) return [];
      const branch = main.items.findIndex(({ part }) => can(part, 'branch') && !isShutOff(part));
      const before = branch < 0 ? main.items : main.items.slice(0, branch);
      if (before.some(({ part }) => isShutOff(part)) || shutByPort(run, context)) return [];
      const { end } = main;
      const far = end.at === 'hole' ? holeById(context.job, end.id) : undefined;
      const other = tankOf(context.job, far);
      if (main.items.some(({ part }) => isShutOff(part)) && (far || branch < 0)) return [];
      return [
        {
          messageId: other && other !== tank ? ('link' as const) : ('tank' as const),
          at: atPenetration(penetration),
          data: {
            hole: penetration.label,
            tank: tank.label,
            ...(other && other !== tank ? { other: other.label } : {}),
            before: branch < 0 ? 'its end' : 'its branch',
          },
        },
      ];
    }),
});

const UNDER_WATER: readonly Penetration['roles'][number][] = ['draw-off', 'pump-line', 'drain', 'link'];

function standsUnderWater(hole: Penetration, context: RunSight): boolean {
  const tank = tankOf(context.job, hole);
  return (
    tank !== undefined &&
    hole.roles.some((role) => UNDER_WATER.includes(role)) &&
    invertM(hole, tank, context) < levelsOf(tank, context).fullM
  );
}

/** A port that has a valve of its own; that it wears is another check's to say. */
function shutByPort({ penetration }: Run, { job }: RunSight): boolean {
  const tank = tankOf(job, penetration);
  const port = tank && portOf(tank, penetration);
  return port?.closedBy === 'valve' && penetration.portUse === 'use';
}
