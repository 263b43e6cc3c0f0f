import { wallSealStyle } from '../../../connections/standards/wall-seals';
import { closesRoundCord } from '../../../connections/standards/wall-seals/wall-seal';
import type { CheckContext, RunSight } from '../../../derived/context';
import { resolveEnd, sealOf } from '../../../derived/resolve';
import type { Run } from '../../../derived/run';
import type { EndRef } from '../../../job/job';
import { tankOf } from '../../../job/lookup';
import { appendChain } from '../../../routes/chain-edits';
import { passesWater } from '../../../walls/roles';
import { isSaidDone } from '../../../derived/ports';
import { type Report, defineCheck } from '../../define-check';
import { atPenetration } from '../../places';
import type { Fix } from '../../finding';
import { goesOn, isPipe, linkOf } from '../../goes-on';
import { otherSeals } from '../../seals';
import { closings, openStrands, partsBeyondSeal } from '../../run/open-ends';

type Message = 'open' | 'above' | 'cord' | 'duct';

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
      duct: {
        title: 'No duct for the cord',
        text: 'The {seal} of {hole} closes round a pipe, and the cord goes through that: no length of it is listed.',
        toDo: 'Add the pipe as a duct, lead it where the cord goes, and close its dry end round the cord.',
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
      .flatMap((run): readonly Report<Message>[] => {
        const end = openStrands(run)[0]?.end;
        if (end?.at !== 'open') return [];
        if (!passesWater(run.penetration.roles)) return cordsIn(run, end.ref, context);
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
function cordsIn({ penetration: hole }: Run, end: EndRef, context: RunSight): readonly Report<Message>[] {
  const [tank, seal] = [tankOf(context.job, hole), sealOf(hole.id, context.index)];
  const style = seal && wallSealStyle(seal.end.style);
  if (!hole.roles.includes('cord-entry') || !tank || !style || style.purpose === 'cord') return [];
  const report = { at: atPenetration(hole), data: { hole: hole.label, seal: style.called } };
  return closesRoundCord(style)
    ? [{ ...report, messageId: 'duct', fixes: (whole) => ducts(end, whole) }]
    : [{ ...report, messageId: 'cord', fixes: (whole) => otherSeals(hole, tank, seal, whole, closesRoundCord) }];
}

/** The cheapest pipe that a seal closes round; how long it is, is asked where it lies. */
function ducts(at: EndRef, context: CheckContext): readonly Fix[] {
  const { end, material } = resolveEnd(at, context.job, context.index);
  const [pipe] = end ? goesOn({ end, material }, context, isPipe) : [];
  if (!pipe) return [];
  const chain = { links: [linkOf(pipe)], priceUsd: pipe.part.priceUsd };
  return [appendChain(context.job, at, chain, 'Put a duct through it: {parts}')];
}
