import { setField } from '../../../edits/change-field';
import { legsStanding } from '../../../assembly/course';
import { isInGround } from '../../../assembly/trench';
import { strapsFor, supportSpacingM } from '../../../assembly/support-spacing';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { setFix } from '../../move-fix';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/unsupported',
    severity: 'advice',
    toDo: 'Strap it: the straps come on the list.',
    sources: [{ document: 'support spacing of pipe full of water', provenance: 'from-memory' }],
    messages: {
      span: {
        title: 'Pipe without support',
        text: '{part} goes {length} and may span {most}: strap it in {count} places, or say that something holds it.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) =>
      legsStanding(run, context).flatMap(({ placed, part, from, to }) => {
        const mostM = supportSpacingM(part);
        if (mostM === undefined || isInGround({ from, to }) || placed.held || (placed.lengthM ?? 0) <= mostM) return [];
        return [
          {
            messageId: 'span' as const,
            at: atPart(placed.id, run.penetration),
            data: {
              part: part.name,
              length: { lengthM: placed.lengthM ?? 0 },
              most: { lengthM: mostM },
              count: strapsFor(part, placed.lengthM),
            },
            fixes: [setFix(setField('parts', placed, 'held', true), 'Strap it')],
          },
        ];
      }),
    ),
});
