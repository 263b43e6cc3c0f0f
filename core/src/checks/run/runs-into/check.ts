import { runsOnce } from '../../../assembly/flow';
import { strikesOf } from '../../../assembly/strikes';
import { defineCheck } from '../../define-check';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/runs-into',
    severity: 'fails',
    toDo: 'Turn a bend before it another way, or lead the line round.',
    sources: [{ document: 'two solid things are not in one place', provenance: 'standard-formula' }],
    messages: {
      tank: {
        title: 'Runs into a tank',
        text: '{part} of {run} lies where {tank} is, by the places of both.',
      },
    },
  },
  check: (context) => {
    const once = new Set(
      runsOnce(context).flatMap(({ penetration, strands }) => (strands.length > 0 ? [penetration.id] : [])),
    );
    const seen = new Set<string>();
    return strikesOf(context).flatMap(({ run: { penetration }, leg: { placed, part }, tank }) => {
      // Of a line that strikes a tank with several of its parts the first is named.
      const key = `${penetration.id} ${tank.id}`;
      if (!once.has(penetration.id) || seen.has(key)) return [];
      seen.add(key);
      return [
        {
          messageId: 'tank' as const,
          at: atPart(placed.id, penetration),
          data: { part: part.name, run: penetration.label, tank: tank.label },
        },
      ];
    });
  },
});
