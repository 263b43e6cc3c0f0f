import { wallSealStyle } from '../../../connections/standards/wall-seals';
import { closesRoundCord } from '../../../connections/standards/wall-seals/wall-seal';
import type { RunSight } from '../../../derived/context';
import { sealOf } from '../../../derived/resolve';
import type { Run } from '../../../derived/run';
import { tankOf } from '../../../job/lookup';
import { passesWater } from '../../../walls/roles';
import { isSaidDone } from '../../../derived/ports';
import { type Report, defineCheck } from '../../define-check';
import { atPenetration } from '../../places';
import { otherSeals } from '../../seals';
import { closings, openStrands, partsBeyondSeal } from '../../run/open-ends';

export default defineCheck({
  meta: {
    id: 'hole/nothing-behind',
    severity: 'unknown',
    toDo: 'Build the run. An outlet that is not used is plugged; an overflow or a vent never is.',
    sources: [{ document: 'an outlet carries a run, a valve or a plug', provenance: 'common-practice' }],
    messages: {
      open: { title: 'Nothing behind it', text: '{hole} {name} has no run yet: water would leave by it.' },
      above: {
        title: 'Nothing behind it',
        text: '{hole} {name} has no run yet: what goes on it is not listed, and insects get in.',
      },
      cord: {
        title: 'What closes round the cord?',
        text: 'The {seal} of {hole} closes round a pipe, not round a cord: say what does, or take a seal that is made for a cord.',
        toDo: 'Take a cable gland, or say in words what closes it.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    context.runs
      .filter(
        (run) =>
          partsBeyondSeal(run) === 0 &&
          !isSaidDone(run.penetration, tankOf(context.job, run.penetration)) &&
          // A port of which nobody has said that it is used, or that is left on purpose, is another check's affair.
          (run.penetration.port === null
            ? run.strands.some(({ items }) => items.length > 0)
            : run.penetration.portUse === 'use'),
      )
      .flatMap((run): readonly Report<'open' | 'above' | 'cord'>[] => {
        const end = openStrands(run)[0]?.end;
        if (end?.at !== 'open') return [];
        if (!passesWater(run.penetration.roles)) return cordsIn(run, context);
        return [
          {
            // No water stands at an opening in a top.
            messageId: run.penetration.face === 'top' ? ('above' as const) : ('open' as const),
            at: atPenetration(run.penetration),
            data: { hole: run.penetration.label, name: run.penetration.name.toLowerCase() },
            fixes: (whole) => closings(end.ref, whole),
          },
        ];
      }),
});

/** A cord entry whose seal leaves the cord loose in it. */
function cordsIn({ penetration: hole }: Run, context: RunSight): readonly Report<'open' | 'above' | 'cord'>[] {
  const [tank, seal] = [tankOf(context.job, hole), sealOf(hole.id, context.index)];
  const style = seal && wallSealStyle(seal.end.style);
  if (!hole.roles.includes('cord-entry') || !tank || !style || closesRoundCord(style)) return [];
  return [
    {
      messageId: 'cord',
      at: atPenetration(hole),
      data: { hole: hole.label, seal: style.called },
      fixes: (whole) => otherSeals(hole, tank, seal, whole, closesRoundCord),
    },
  ];
}
