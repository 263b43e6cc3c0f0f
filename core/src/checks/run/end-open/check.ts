import { describeEnd } from '../../../connections/format';
import { resolveEnd } from '../../../derived/resolve';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { passesWater } from '../../../walls/roles';
import { atPenetration } from '../../places';
import { closings, openStrands, partsBeyondSeal } from '../open-ends';

export default defineCheck({
  meta: {
    id: 'run/end-open',
    severity: 'unknown',
    toDo: 'Finish the run to a named place, put the next part on, or close it.',
    sources: [{ document: 'every end is closed, discharges or meets a terminal', provenance: 'common-practice' }],
    messages: {
      open: { title: 'End open', text: 'Nothing is on the {end} yet, so its parts are not listed.' },
      duct: {
        title: 'Where does the duct lead?',
        text: 'The duct for the cord of {hole} ends in the open: its way to the switch or the house is not listed.',
        toDo: 'Lead the duct to a named place; its dry end is closed round the cord.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context)
      .filter((run) => partsBeyondSeal(run) > 0)
      .flatMap((run) =>
        openStrands(run).flatMap(({ end }) => {
          if (end.at !== 'open') return [];
          const standing = resolveEnd(end.ref, context.job, context.index).end;
          return [
            {
              messageId: passesWater(run.penetration.roles) ? ('open' as const) : ('duct' as const),
              at: atPenetration(run.penetration),
              data: { end: standing ? describeEnd(standing) : 'end', hole: run.penetration.label },
              fixes: (whole) => closings(end.ref, whole),
            },
          ];
        }),
      ),
});
