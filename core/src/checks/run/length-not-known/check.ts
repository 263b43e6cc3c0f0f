import { lengthsToAsk } from '../../../assembly/in-space';
import { looksSomewhere } from '../../../assembly/pointing';
import { sightTubesOf } from '../../../assembly/sight-tube';
import type { CheckContext } from '../../../derived/context';
import type { StrandItem } from '../../../derived/run';
import { askField } from '../../../edits/change-field';
import { holeById } from '../../../job/lookup';
import { partTitle } from '../../../fittings/catalogue';
import { isByLength } from '../../../fittings/part';
import type { Penetration } from '../../../job/job';
import { defineCheck } from '../../define-check';
import type { Fix } from '../../finding';
import { atPart } from '../../places';
import { tubeLengthFixes } from '../../tube-fix';

export default defineCheck({
  meta: {
    id: 'run/length-not-known',
    severity: 'unknown',
    toDo: 'Enter its length.',
    sources: [{ document: 'what is sold by length is listed only with its length', provenance: 'common-practice' }],
    messages: {
      length: { title: 'Not known yet', text: 'The {part} in {run} has no length, so it is not in the cut list.' },
      gap: {
        title: 'Not known yet',
        text: 'The gap from {from} to {to} has not been measured; the {part} takes its length from it.',
      },
    },
  },
  check: (context) =>
    lengthsToAsk(context).map(({ run: { penetration }, strand, item }) => {
      const { placed, part } = item;
      const { job } = context;
      const far = strand.end.at === 'hole' ? holeById(job, strand.end.id) : undefined;
      const labelOf = (tankId: string | undefined): string => job.tanks.find(({ id }) => id === tankId)?.label ?? '';
      // Only what is the one piece straight between two tanks takes its length from their gap.
      const isLink =
        far !== undefined &&
        far.tankId !== penetration.tankId &&
        strand.from.of === 'hole' &&
        strand.items.every((one) => !looksSomewhere(one.part)) &&
        strand.items.filter((one) => isByLength(one.part)).length === 1;
      return {
        messageId: isLink ? ('gap' as const) : ('length' as const),
        at: atPart(placed.id, penetration),
        data: {
          part: partTitle(part),
          run: penetration.label,
          from: labelOf(penetration.tankId),
          to: labelOf(far?.tankId),
        },
        fixes: tubeFix(item, penetration, context),
        question: {
          text: isLink ? 'Length of the pipe between' : 'Its length',
          edit: askField('parts', placed, 'lengthM'),
        },
      };
    }),
});

/** How long the tube that shows the level must be follows from the level. */
function tubeFix({ placed }: StrandItem, hole: Penetration, context: CheckContext): readonly Fix[] {
  if (!hole.roles.includes('sight-tube')) return [];
  const tube = sightTubesOf(hole, context).find(({ item }) => item.placed.id === placed.id);
  return tube ? tubeLengthFixes(tube, context) : [];
}
