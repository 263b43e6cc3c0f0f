import { runsOnce } from '../../../assembly/flow';
import { levelsOf, passesAtM } from '../../../derived/levels';
import { baseLevelM } from '../../../derived/set-out';
import type { Penetration } from '../../../job/job';
import { holeById, tankOf } from '../../../job/lookup';
import { waterGoes } from '../../../walls/roles';
import { defineCheck } from '../../define-check';
import { atPenetration } from '../../places';

/** From which of two openings the water comes, by what they are for; undefined where it may go either way. */
function sourceFirst(a: Penetration, b: Penetration): readonly [Penetration, Penetration] | undefined {
  if ([a, b].some(({ roles }) => roles.includes('link'))) return undefined;
  const [one, other] = [waterGoes(a.roles), waterGoes(b.roles)];
  if (one === 'out' || other === 'in') return one === 'in' || other === 'out' ? undefined : [a, b];
  return one === 'in' || other === 'out' ? [b, a] : undefined;
}

export default defineCheck({
  meta: {
    id: 'run/climbs',
    severity: 'fails',
    toDo: 'Raise the tank that it comes from, bring it in lower, or put a pump in the line.',
    sources: [{ document: 'water comes no higher than it stands', provenance: 'standard-formula' }],
    messages: {
      climbs: {
        title: 'Water does not climb',
        text: 'Full, {from} stands {by} below {into}, where {to} takes it in: without a pump nothing comes.',
      },
    },
  },
  check: (context) =>
    runsOnce(context).flatMap(({ penetration, strands }) =>
      strands.flatMap(({ end, items }) => {
        const { job } = context;
        const far = end.at === 'hole' ? holeById(job, end.id) : undefined;
        const [source, target] = (far && sourceFirst(penetration, far)) ?? [];
        const [from, to] = [tankOf(job, source), tankOf(job, target)];
        if (!source || !target || !from || !to || from.id === to.id) return [];
        const pumped =
          items.some(({ part }) => part.pump !== undefined) ||
          (from.pump !== null && source.roles.includes('pump-line'));
        const byM = passesAtM(target, context) - levelsOf(from, context).fullM - baseLevelM(from, job);
        if (pumped || byM < 0) return [];
        return [
          {
            messageId: 'climbs' as const,
            at: atPenetration(source),
            data: { from: from.label, to: to.label, into: target.label, by: { lengthM: byM } },
          },
        ];
      }),
    ),
});
