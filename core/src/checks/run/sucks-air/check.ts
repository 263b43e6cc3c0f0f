import { coursesOf } from '../../../assembly/course';
import { type LineFlow, type WaterState, lineFlows } from '../../../hydraulics/line-flow';
import type { RunSight } from '../../../derived/context';
import type { Run, StrandItem } from '../../../derived/run';
import { type Report, defineCheck } from '../../define-check';
import { atPart } from '../../places';

const WHEN: Readonly<Record<WaterState, string>> = {
  full: 'from a full tank',
  half: 'from a half-full tank',
  low: 'with the water low',
};

export default defineCheck({
  meta: {
    id: 'run/sucks-air',
    severity: 'advice',
    toDo: 'Lead it lower, narrow the end so that it runs fuller, or let the air out at the hump.',
    sources: [{ document: 'energy line of Bernoulli, losses of Darcy and Weisbach', provenance: 'standard-formula' }],
    messages: {
      sucks: {
        title: 'Draws in air',
        text: 'While it runs {when}, the pressure in {part} is below that of the air: threads made for pressure from inside draw air there. Narrow the end, or let it fall less steeply behind.',
      },
      hump: {
        title: 'Over the water',
        text: '{part} rises over the water when the tank is low: air stays there, and nothing comes until it is let out.',
      },
    },
  },
  sees: 'run-in-water',
  check: (context) =>
    context.runs.flatMap((run) =>
      lineFlows(context, run).flatMap((line): readonly Report<'sucks' | 'hump'>[] => {
        // Where nothing ever runs, nothing is drawn in.
        const runs = line.states.some(({ flowM3s }) => flowM3s > 0);
        if (line.endKnownBy === 'assumed' || line.pumped || !runs) return [];
        const over = overWater(line, run, context);
        if (over)
          return [{ messageId: 'hump', at: atPart(over.placed.id, run.penetration), data: { part: over.part.name } }];
        const worst = line.states.find(({ sucksAt }) => sucksAt !== undefined);
        if (!worst?.sucksAt) return [];
        const { placed, part } = worst.sucksAt;
        return [
          {
            messageId: 'sucks',
            at: atPart(placed.id, run.penetration),
            data: { part: part.name, when: WHEN[worst.water] },
          },
        ];
      }),
    ),
});

/** The first part whose far end lies over the water when the tank is low, while the end of the line does not. */
function overWater({ states, endM, items }: LineFlow, run: Run, context: RunSight): StrandItem | undefined {
  const low = states.find(({ water }) => water === 'low');
  const course = coursesOf(context).get(run.penetration.id);
  if (!low || !course) return undefined;
  const surfaceM = endM + low.headM;
  const legs = new Map(course.strands.flat().map((leg) => [leg.placed.id, leg]));
  return items.slice(0, -1).find(({ placed }) => {
    const leg = legs.get(placed.id);
    return leg?.sure === true && leg.assumed.length === 0 && leg.to.up > surfaceM && leg.to.up > endM;
  });
}
