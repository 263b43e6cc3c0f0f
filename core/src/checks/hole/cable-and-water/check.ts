import { wallSealStyle } from '../../../connections/standards/wall-seals';
import { sealOf } from '../../../derived/resolve';
import { otherSeals } from '../../seals';
import { tankOf } from '../../../job/lookup';
import type { Role } from '../../../walls/roles';
import { defineCheck } from '../../define-check';
import { atPenetration } from '../../places';

/** Roles in which no water passes. */
const DRY: readonly Role[] = ['cord-entry', 'vent', 'access', 'clearance', 'spare'];

export default defineCheck({
  meta: {
    id: 'hole/cable-and-water',
    severity: 'fails',
    safety: true,
    toDo: 'Take a seal for both, or give the cable an opening of its own above the water.',
    sources: [{ document: 'a cable beside a pipe wants a seal with a place for each', provenance: 'common-practice' }],
    messages: {
      shared: {
        title: 'Cable beside the water',
        text: '{hole} takes a cable and water, and {seal} closes round one of them. Take a seal with a place for each, or give the cable an opening of its own above the water.',
      },
    },
  },
  check: (context) =>
    context.job.penetrations.flatMap((hole) => {
      const both = hole.roles.includes('cord-entry') && hole.roles.some((role) => !DRY.includes(role));
      const [tank, seal] = [tankOf(context.job, hole), sealOf(hole.id, context.index)];
      if (!both || !tank || (seal && wallSealStyle(seal.end.style).roundAny)) return [];
      return [
        {
          messageId: 'shared' as const,
          at: atPenetration(hole),
          data: { hole: hole.label, seal: seal ? seal.part.name.toLowerCase() : 'nothing' },
          fixes: (whole) =>
            otherSeals(hole, tank, seal, whole, ({ roundAny }) => roundAny).filter(() => seal !== undefined),
        },
      ];
    }),
});
