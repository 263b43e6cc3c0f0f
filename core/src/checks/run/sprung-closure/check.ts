import { cannotClose } from '../../../assembly/closure';
import { atJoint } from '../../places';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { unionFixes } from '../closing-fixes';

export default defineCheck({
  meta: {
    id: 'run/sprung-closure',
    severity: 'costs',
    toDo: 'Put a union in.',
    sources: [
      { document: 'a rigid stretch needs a union, a swivel or a flexible piece', provenance: 'common-practice' },
    ],
    messages: {
      sprung: {
        title: 'Must be sprung apart',
        text: 'Both ends are fixed and all between is rigid: to get the pipe into its last socket the two must be sprung apart by {by}, and nothing gives way later.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap(({ strands }) =>
      strands.flatMap((strand) =>
        cannotClose(strand, context)
          .filter(({ because }) => because === 'sprung')
          .map((found) => ({
            messageId: 'sprung' as const,
            at: atJoint(found.at),
            data: { by: { lengthM: found.byMm / 1000 } },
            fixes: (whole) => unionFixes(found, whole),
          })),
      ),
    ),
});
