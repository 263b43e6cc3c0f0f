import { tankOf } from '../../../job/lookup';
import { isSaidDone } from '../../../derived/ports';
import { defineCheck } from '../../define-check';
import { atPenetration } from '../../places';
import { closings, openStrands, partsBeyondSeal } from '../../run/open-ends';

export default defineCheck({
  meta: {
    id: 'hole/nothing-behind',
    severity: 'unknown',
    toDo: 'Build the run, or plug the outlet.',
    sources: [{ document: 'an outlet carries a run, a valve or a plug', provenance: 'common-practice' }],
    messages: {
      open: { title: 'Nothing behind it', text: '{hole} {name} has no run yet: water would leave by it.' },
      above: {
        title: 'Nothing behind it',
        text: '{hole} {name} has no run yet: what goes on it is not listed, and insects get in.',
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
      .flatMap((run) => {
        const end = openStrands(run)[0]?.end;
        if (end?.at !== 'open') return [];
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
