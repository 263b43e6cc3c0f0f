import { legsStanding } from '../../../assembly/course';
import { isInGround } from '../../../assembly/trench';
import { setField } from '../../../edits/change-field';
import { isByLength } from '../../../fittings/part';
import { itemsOfRun } from '../../../derived/run';
import { wallSealStyle } from '../../../connections/standards/wall-seals';
import { sealOf } from '../../../derived/resolve';
import { setFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

/** Common practice: 12 in. */
const WITHIN_M = 0.3;
/** A short stub carries itself. Our judgement. */
const STUB_M = 0.5;

export default defineCheck({
  meta: {
    id: 'hole/gasket-pull',
    severity: 'advice',
    toDo: 'Strap it, and say so.',
    sources: [{ document: 'support the pipe within 300 mm of the wall', provenance: 'common-practice' }],
    messages: {
      hangs: {
        title: 'Support the pipe',
        text: '{hole} sits in a {seal}, which holds no pull. {what} hangs on it: strap it within {within}.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    context.runs.flatMap((run) => {
      const { penetration } = run;
      const seal = sealOf(penetration.id, context.index);
      if (!seal || penetration.supported || penetration.face === 'top') return [];
      const style = wallSealStyle(seal.end.style);
      if (style.holdsPull) return [];
      const items = itemsOfRun(run);
      const heavy = items.find(({ part }) => part.features.includes('ball-and-lever'));
      const lengthM = items.reduce((sum, { placed }) => sum + (placed.lengthM ?? 0), 0);
      if (!heavy && lengthM <= STUB_M) return [];
      // In a trench its bed carries it.
      const [first] = legsStanding(run, context).filter(({ part }) => isByLength(part));
      if (first && isInGround(first)) return [];
      return [
        {
          messageId: 'hangs' as const,
          at: atPenetration(penetration),
          data: {
            hole: penetration.label,
            seal: style.called,
            what: heavy ? `A ${heavy.part.name.toLowerCase()}` : 'A length of pipe',
            within: { lengthM: WITHIN_M },
          },
          fixes: [setFix(setField('penetrations', penetration, 'supported', true), 'It is strapped')],
        },
      ];
    }),
});
