import { askField } from '../../../edits/change-field';
import { holeById } from '../../../job/lookup';
import { partTitle } from '../../../fittings/catalogue';
import { isByLength } from '../../../fittings/part';
import { defineCheck } from '../../define-check';

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
  check: ({ job, runs }) => {
    const seen = new Set<string>();
    return runs.flatMap(({ penetration, strands }) =>
      strands.flatMap(({ items, end }) =>
        items
          .filter(
            ({ placed, part }) =>
              isByLength(part) && placed.lengthM === null && !seen.has(placed.id) && seen.add(placed.id),
          )
          .map(({ placed, part }) => {
            const far = end.at === 'hole' ? holeById(job, end.id) : undefined;
            const tankOf = (tankId: string | undefined): string =>
              job.tanks.find(({ id }) => id === tankId)?.label ?? '';
            const isLink = far !== undefined && far.tankId !== penetration.tankId;
            return {
              messageId: isLink ? ('gap' as const) : ('length' as const),
              at: { kind: 'part' as const, id: placed.id, penetrationId: penetration.id, label: penetration.label },
              data: {
                part: partTitle(part),
                run: penetration.label,
                from: tankOf(penetration.tankId),
                to: tankOf(far?.tankId),
              },
              question: {
                text: isLink ? 'Length of the pipe between' : 'Its length',
                edit: askField('parts', placed, 'lengthM'),
              },
            };
          }),
      ),
    );
  },
});
