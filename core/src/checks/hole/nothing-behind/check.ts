import { defineCheck } from '../../define-check';
import { atPenetration } from '../../places';
import { closings, openStrands, partsBeyondSeal } from '../../run/open-ends';

export default defineCheck({
  meta: {
    id: 'hole/nothing-behind',
    severity: 'unknown',
    summary: 'An outlet that is sealed in the wall and has nothing on it: it would run open.',
    sources: [{ document: 'an outlet carries a run, a valve or a plug', provenance: 'common-practice' }],
    messages: { open: { title: 'Nothing behind it', text: '{hole} {name} has no run yet: water would leave by it.' } },
  },
  sees: 'run',
  check: (context) =>
    context.runs
      .filter(
        (run) =>
          partsBeyondSeal(run) === 0 &&
          // A port that keeps its bung, or is left on purpose, is said and checked elsewhere.
          (run.penetration.portUse === null || run.penetration.portUse === 'use') &&
          (run.penetration.port !== null || run.strands.some(({ items }) => items.length > 0)),
      )
      .flatMap((run) => {
        const end = openStrands(run)[0]?.end;
        if (end?.at !== 'open') return [];
        return [
          {
            messageId: 'open' as const,
            at: atPenetration(run.penetration),
            data: { hole: run.penetration.label, name: run.penetration.name.toLowerCase() },
            fixes: (whole) => closings(end.ref, whole),
          },
        ];
      }),
});
