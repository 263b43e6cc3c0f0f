import { judge } from '../../../connections/mate';
import { holdsAtAll } from '../../../connections/mating';
import { can } from '../../../fittings/capability';
import type { RunSight } from '../../../derived/context';
import { resolveEnd } from '../../../derived/resolve';
import { type StrandItem, otherSide } from '../../../derived/run';
import { isSpout } from '../../../fittings/part';
import type { EndRef } from '../../../job/job';
import { type Report, defineCheck } from '../../define-check';
import { flowOf, mayEnter, runsOnce } from '../../../assembly/flow';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/wrong-way',
    severity: 'fails',
    toDo: 'Turn it round, or take a part that goes on by its inlet.',
    sources: [{ document: 'the arrow on the body points with the water', provenance: 'common-practice' }],
    messages: {
      against: {
        title: 'Against the water',
        text: 'Water goes through {part} one way only, and it stands against it: nothing comes. Turn it round, arrow with the water.',
      },
      spout: {
        title: 'On by its spout',
        text: '{part} is put on by its spout: water leaves a tap there and cannot come in. It goes on by its inlet.',
      },
      fills: {
        title: 'Lets water in only',
        text: '{part} lets water into the tank and shuts when it is full: nothing comes out through it. Say that it fills the tank, or put another fitting in its place.',
      },
      link: {
        title: 'One way in a link',
        text: '{part} lets water through one way only: the two tanks no longer level out.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) =>
      run.strands.flatMap((strand) => {
        const flow = flowOf(run, strand, context);
        const isLink = run.penetration.roles.includes('link') && strand.end.at === 'hole';
        return strand.items
          .filter(({ part }) => part.oneWay)
          .flatMap((item): readonly Report<'against' | 'spout' | 'fills' | 'link'>[] => {
            const at = atPart(item.placed.id, run.penetration);
            if (isLink && can(item.part, 'non-return'))
              return [{ messageId: 'link' as const, at, data: { part: item.part.name } }];
            if (mayEnter(item.part, item.inEnd, flow)) return [];
            if (item.part.features.includes('float-arm'))
              return [{ messageId: 'fills' as const, at, data: { part: item.part.name } }];
            const entered = item.part.ends[item.inEnd];
            return [
              {
                messageId: entered && isSpout(entered) ? ('spout' as const) : ('against' as const),
                at,
                data: { part: item.part.name },
                fixes: turnings(item, context),
              },
            ];
          });
      }),
    ),
});

/** Turned round, where what is on either side holds with the other end. */
function turnings({ placed, part, inEnd, outEnd }: StrandItem, { job, index, judgedOf }: RunSight) {
  if (outEnd === undefined) return [];
  const holds = ([here, turned]: readonly [number, number]): boolean => {
    const own: EndRef = { of: 'part', id: placed.id, end: here };
    const joint = index.jointAt(own);
    if (!joint) return true;
    const other = resolveEnd(otherSide(joint, own), job, index);
    const end = part.ends[turned]?.end;
    return (
      end !== undefined &&
      other.end !== undefined &&
      holdsAtAll(
        judge(other.end, end, { a: other.material, b: part.material, service: judgedOf(joint.id)?.service }).verdict,
      )
    );
  };
  const sides: readonly (readonly [number, number])[] = [
    [inEnd, outEnd],
    [outEnd, inEnd],
  ];
  return sides.every(holds)
    ? [
        {
          text: 'Turn it round',
          data: {},
          edits: [{ type: 'turn-part' as const, partId: placed.id }],
          partsAdded: 0,
          priceUsd: 0,
        },
      ]
    : [];
}
