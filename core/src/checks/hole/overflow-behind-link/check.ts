import { workingHoles } from '../../../derived/shut';
import { stormIntoM3s } from '../../../hydraulics/storm';
import { holesOf } from '../../../job/lookup';
import { byLinksM3s } from '../../../hydraulics/through-links';
import { passesAtM, sharingWith } from '../../../derived/levels';
import { baseLevelM } from '../../../derived/set-out';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/overflow-behind-link',
    severity: 'costs',
    toDo: 'Put an overflow on the tank that takes the inflow.',
    sources: [
      {
        document: 'overflow on the tank that takes the inflow, unless the link carries it',
        provenance: 'common-practice',
      },
      {
        document: 'Darcy and Weisbach through the links in series, and the head of the overflow itself',
        provenance: 'standard-formula',
      },
    ],
    messages: {
      far: {
        title: 'Overflow behind the link',
        text: '{inflow} come into {into}; what lies between passes at least {passes} to {over} while {into} stands {head} higher: it may spill before {over} carries the rest. A bound on the safe side, without the time in which tanks even out.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const { job } = context;
      const [inlet] = holesOf(job, tank.id, 'inlet');
      const group = sharingWith(tank, context);
      if (!inlet || group.length < 2 || workingHoles(context, tank.id, 'overflow').length > 0) return [];
      const overflows = group.flatMap(({ id }) => workingHoles(context, id, 'overflow'));
      const [first] = overflows;
      if (!first) return [];
      const headM = Math.max(0, tank.brimM + baseLevelM(tank, job) - passesAtM(first, context));
      const flow = byLinksM3s(tank, context);
      const inflow = stormIntoM3s(holesOf(job, tank.id, 'inlet'), job);
      return flow >= inflow
        ? []
        : [
            {
              messageId: 'far' as const,
              at: atPenetration(first),
              data: {
                inflow: { flowM3s: inflow },
                into: tank.label,
                passes: { flowM3s: flow },
                head: { lengthM: headM },
                over: overflows.map(({ label }) => label).join(', '),
              },
            },
          ];
    }),
});
