import { cannotClose } from '../../../assembly/closure';
import { atJoint } from '../../places';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { closingFixes } from '../closing-fixes';

export default defineCheck({
  meta: {
    id: 'run/rigid-closure',
    severity: 'fails',
    toDo: 'Put a union, a swivel or a piece of hose in.',
    sources: [
      { document: 'a rigid stretch needs a union, a swivel or a flexible piece', provenance: 'common-practice' },
    ],
    messages: {
      threads: {
        title: 'Cannot be closed',
        text: 'From {from} to {to} everything is screwed, and both ends stay where they are: when the last joint comes, neither side can turn.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap(({ penetration, strands }) =>
      strands.flatMap((strand) =>
        cannotClose(strand, context)
          .filter(({ because }) => because === 'threads')
          .map((found) => ({
            messageId: 'threads' as const,
            at: atJoint(found.at),
            data: { from: penetration.label, to: farName(strand.end, context.job) },
            fixes: (whole) => closingFixes(found, whole),
          })),
      ),
    ),
});

const farName = (
  end: Parameters<typeof cannotClose>[0]['end'],
  { terminals, penetrations, tanks }: Parameters<typeof cannotClose>[1]['job'],
): string => {
  if (end.at === 'terminal') return terminals.find(({ id }) => id === end.id)?.name ?? 'its end';
  const hole = end.at === 'hole' ? penetrations.find(({ id }) => id === end.id) : undefined;
  return tanks.find(({ id }) => id === hole?.tankId)?.label ?? 'what stands already';
};
