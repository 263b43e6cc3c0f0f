import { coursesOf, pathOf } from '../../../assembly/course';
import { placeUpM } from '../../../derived/heights';
import { baseLevelM, setOutOf } from '../../../derived/set-out';
import { tankOf } from '../../../job/lookup';
import { placeAt } from '../../../derived/strands';
import { leadsOn } from '../../../fittings/part';
import { AT_ONE_HEIGHT_M } from '../../../routes/left-short';
import { planKey } from '../../../walls/placing';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'run/heights-contradict',
    severity: 'unknown',
    toDo: 'Measure again: the drop of the place from the base of the tank, or the rise of the pipe.',
    sources: [{ document: 'two ways to the same height', provenance: 'standard-formula' }],
    messages: {
      apart: {
        title: 'Two heights for one place',
        text: '{place} was measured {measured} {side} the base of {tank}; by its parts the run ends {apart} {way} than that. One of the two is wrong.',
      },
      gap: {
        title: 'Nothing leads there',
        text: '{place} is {apart} {way} than where the run of {hole} ends, and no pipe or hose of it leads there.',
        toDo: 'Put the pipe or hose on that leads there, or measure the place again.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    context.runs.flatMap((run) => {
      const { penetration, strands } = run;
      const tank = tankOf(context.job, penetration);
      const course = coursesOf(context).get(penetration.id);
      return strands.flatMap((strand) => {
        const terminal = placeAt(context.job, strand.end);
        const last = course?.along.get(strand)?.at(-1);
        // Of a place on the plan the whole gap is said, its height in it.
        if (!terminal || setOutOf(context.job).places.get(planKey({ of: 'terminal', id: terminal.id }))?.at) return [];
        const upM = placeUpM(context.job, terminal.id);
        if (!tank || !course || !last?.sure || last.assumed.length > 0 || upM === undefined) return [];
        const offM = last.to.up - upM;
        const belowM = baseLevelM(tank, context.job) - upM;
        if (Math.abs(offM) <= AT_ONE_HEIGHT_M) return [];
        const leads = pathOf(strand, run, course).some(({ part }) => leadsOn(part));
        return [
          {
            messageId: leads ? ('apart' as const) : ('gap' as const),
            at: atPenetration(penetration),
            data: {
              place: terminal.name,
              hole: penetration.label,
              tank: tank.label,
              measured: { lengthM: Math.abs(belowM) },
              side: belowM >= 0 ? 'below' : 'above',
              apart: { lengthM: Math.abs(offM) },
              way: offM > 0 === leads ? 'higher' : 'lower',
            },
          },
        ];
      });
    }),
});
