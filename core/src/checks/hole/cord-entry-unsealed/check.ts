import { isSaidDone } from '../../../derived/ports';
import { tankOf } from '../../../job/lookup';
import { otherSeals } from '../../seals';
import { sealOf } from '../../../derived/resolve';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/cord-entry-unsealed',
    severity: 'fails',
    safety: true,
    toDo: 'Seal it. Connecting the pump is for a licensed electrician, with residual-current protection.',
    sources: [{ document: 'a cord entry is closed against insects and water', provenance: 'common-practice' }],
    messages: {
      open: {
        title: 'Cord entry open',
        text: '{hole} has nothing round the cord: insects and rain go in, and vapour goes out along it.',
      },
    },
  },
  check: (context) =>
    context.job.penetrations
      .filter(({ id, roles, port }) => roles.includes('cord-entry') && port === null && !sealOf(id, context.index))
      .filter((hole) => !isSaidDone(hole, tankOf(context.job, hole)))
      .flatMap((hole) => {
        const tank = tankOf(context.job, hole);
        return tank
          ? [
              {
                messageId: 'open' as const,
                at: atPenetration(hole),
                data: { hole: hole.label },
                fixes: (whole) => otherSeals(hole, tank, undefined, whole),
              },
            ]
          : [];
      }),
});
