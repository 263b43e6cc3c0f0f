import { formatEnd } from '../../../connections/format';
import { can } from '../../../fittings/capability';
import type { StrandItem } from '../../../derived/run';
import { type Report, defineCheck } from '../../define-check';
import { flowOf, runsOnce } from '../../../assembly/flow';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/wrong-way',
    severity: 'fails',
    summary: 'A part that water passes one way only, standing against it.',
    sources: [{ document: 'the arrow on the body points with the water', provenance: 'common-practice' }],
    messages: {
      against: {
        title: 'Against the water',
        text: 'Water goes through {part} one way only, and it stands against it: nothing comes. Turn it round, arrow with the water.',
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
          .flatMap((item): readonly Report<'against' | 'link'>[] => {
            const at = atPart(item.placed.id, run.penetration);
            if (isLink && can(item.part, 'non-return'))
              return [{ messageId: 'link' as const, at, data: { part: item.part.name } }];
            if (flow === undefined || goesWith(item) === (flow === 'onward')) return [];
            return [{ messageId: 'against' as const, at, data: { part: item.part.name }, fixes: turnings(item) }];
          });
      }),
    ),
});

/** Is it entered by its inlet, or left by its outlet, as the strand is walked? A part with an outlet alone begins a line. */
const goesWith = ({ part, inEnd }: StrandItem): boolean => part.ends[inEnd]?.position !== 'outlet';

/** Where both ends are alike, turning it round is all there is to do. */
const turnings = ({ placed, part }: StrandItem) => {
  const [first, second] = part.ends.map(({ end }) => formatEnd(end));
  return first !== undefined && first === second
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
};
