import { SERVICED, holdingOf } from '../../../assembly/coming-out';
import { type Stretch, opensAgain, stretchesOf } from '../../../assembly/closure';
import { sealsWall } from '../../../fittings/capability';
import type { RunSight } from '../../../derived/context';
import { type Run, itemsOfRun } from '../../../derived/run';
import { type Report, defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { atPart, atPenetration } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/held-for-good',
    severity: 'costs',
    toDo: 'Put a union, a cam or a click coupling beside it.',
    sources: [{ document: 'what needs care has a joint that opens on each side', provenance: 'common-practice' }],
    messages: {
      serviced: {
        title: 'Cannot come out again',
        text: '{part} must be taken out for care, and {joints} hold it: put a union or a quick coupling beside it.',
      },
      now: {
        title: 'Does not come off again',
        text: '{part} is there for now, and {joints} hold it for good: screw it on, or leave pipe enough to cut it off.',
      },
      run: {
        title: 'Does not come apart',
        text: 'The run shall come apart, and nothing in it opens: {joints} are glued. Put a union in, or an end that screws.',
      },
    },
  },
  sees: 'run',
  check: (context) => runsOnce(context).flatMap((run) => [...serviced(run, context), ...comesApart(run, context)]),
});

const named = (joints: ReturnType<typeof holdingOf>['heldBy']): string =>
  joints
    .toSorted((a, b) => a.number - b.number)
    .map(({ name }) => name)
    .join(' and ');

function serviced(run: Run, context: RunSight): readonly Report<'serviced' | 'now'>[] {
  return itemsOfRun(run)
    .filter(
      ({ part, placed }) =>
        !placed.existing && (placed.forNow || part.features.some((feature) => SERVICED.includes(feature))),
    )
    .filter(({ part }) => !sealsWall(part))
    .flatMap(({ placed, part }) => {
      const { comesOut, heldBy } = holdingOf(placed.id, context);
      return comesOut
        ? []
        : [
            {
              messageId: placed.forNow ? ('now' as const) : ('serviced' as const),
              at: atPart(placed.id, run.penetration),
              data: { part: part.name, joints: named(heldBy) },
            },
          ];
    });
}

/** One finding a run: a stretch in which nothing opens, and no free end lets a thread be turned off. */
function comesApart({ penetration, strands }: Run, context: RunSight): readonly Report<'run'>[] {
  const farIds = strands.flatMap(({ end }) => (end.at === 'hole' ? [end.id] : []));
  const holes = context.job.penetrations.filter(({ id }) => id === penetration.id || farIds.includes(id));
  if (!holes.some((hole) => hole.comesApart === true)) return [];
  const stuck = strands
    .flatMap((strand) => stretchesOf(strand, context))
    .filter(({ joints }) => joints.some(({ nature }) => nature === 'glued'))
    .find((stretch) => !opensAgain(stretch) && !(freeAtItsEnd(stretch) && turnsOff(stretch)));
  if (!stuck) return [];
  const glued = stuck.joints.filter(({ nature }) => nature === 'glued').map(({ judged }) => judged);
  return [{ messageId: 'run', at: atPenetration(penetration), data: { joints: named(glued) } }];
}

const freeAtItsEnd = ({ heldAtBothEnds }: Stretch): boolean => !heldAtBothEnds;
const turnsOff = ({ joints }: Stretch): boolean => joints.some(({ nature }) => nature === 'turns');
