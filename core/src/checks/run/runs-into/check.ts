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
  check: (context) =>
    strikesOf(context).map(({ run: { penetration }, leg: { placed, part }, tank }) => ({
      messageId: 'tank',
      at: atPart(placed.id, penetration),
      data: { part: part.name, run: penetration.label, tank: tank.label },
    })),
});
