import { flowOf, runsOnce } from '../../../assembly/flow';
import type { StrandItem } from '../../../derived/run';
import { defineCheck } from '../../define-check';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/lap-against-flow',
    severity: 'fails',
    toDo: 'Turn the piece round; it then wants another neighbour on either side.',
    sources: [{ document: 'each piece stands in the one below it', provenance: 'common-practice' }],
    messages: {
      against: {
        title: 'Lap against the flow',
        text: '{part} of {hole} stands with its hub down: water runs out at the lap. The spigot goes into the hub below it.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) =>
      run.strands.flatMap((strand) => {
        const flow = flowOf(run, strand, context);
        // A chamber that hangs from a branch fills from above whichever way its run is walked.
        if (flow === undefined || strand.from.of !== 'hole') return [];
        return strand.items
          .filter((item) => lapsAgainst(item, flow))
          .map(({ part, placed }) => ({
            messageId: 'against' as const,
            at: atPart(placed.id, run.penetration),
            data: { part: part.name, hole: run.penetration.label },
            fixes: [
              {
                text: 'Turn it round',
                data: {},
                edits: [{ type: 'turn-part' as const, partId: placed.id }],
                partsAdded: 0,
                priceUsd: 0,
              },
            ],
          }));
      }),
    ),
});

/** Of a piece with a hub at one end and a spigot at the other: does the water leave by the hub? */
function lapsAgainst({ part, inEnd, outEnd }: StrandItem, flow: 'onward' | 'back'): boolean {
  const [near, far] = [part.ends[inEnd]?.end, outEnd === undefined ? undefined : part.ends[outEnd]?.end];
  if (near?.kind !== 'pipe' || far?.kind !== 'pipe' || near.series !== 'downpipe' || far.series !== 'downpipe')
    return false;
  if (near.part === far.part) return false;
  return (flow === 'onward' ? far : near).part === 'dry-hub';
}
