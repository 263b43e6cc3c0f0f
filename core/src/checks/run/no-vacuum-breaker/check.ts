import type { RunSight } from '../../../derived/context';
import { type Run, type StrandItem, itemsOfRun } from '../../../derived/run';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { alikeFixes } from '../../alike-fixes';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/no-vacuum-breaker',
    severity: 'fails',
    safety: true,
    toDo: 'Take a tap with a breaker, and ask what your code wants: it may be more.',
    sources: [
      { document: 'backflow protection at hose connections: plumbing codes everywhere', provenance: 'common-practice' },
    ],
    messages: {
      none: {
        title: 'No vacuum breaker',
        text: 'The pressure of {place} can reach {part}: a hose left in a bucket is sucked back when the pressure falls. Ask what your code wants; a vacuum breaker is the least.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) => {
      const place = mainsOf(run, context);
      return place === undefined
        ? []
        : itemsOfRun(run)
            .filter(({ part }) => part.features.includes('spout') && !part.features.includes('vacuum-breaker'))
            .filter((item) => !brokenBehind(item, run))
            .map((item) => ({
              messageId: 'none' as const,
              at: atPart(item.placed.id, run.penetration),
              data: { place, part: item.part.name.toLowerCase() },
              fixes: () =>
                alikeFixes(
                  item.placed,
                  item.part,
                  context.catalogue,
                  ({ features }) => features.includes('spout') && features.includes('vacuum-breaker'),
                ),
            }));
    }),
});

/** The supply that stands in a run; an open tank between is an air gap. */
const mainsOf = ({ strands }: Run, { job }: RunSight): string | undefined =>
  strands
    .flatMap(({ end }) => (end.at === 'terminal' ? [job.terminals.find(({ id }) => id === end.id)] : []))
    .find((terminal) => terminal?.mains)?.name;

/** A breaker screwed on behind the tap serves as well. */
const brokenBehind = ({ placed }: StrandItem, { strands }: Run): boolean =>
  strands.some(({ items }) => {
    const at = items.findIndex((item) => item.placed.id === placed.id);
    return at >= 0 && items[at + 1]?.part.features.includes('vacuum-breaker') === true;
  });
