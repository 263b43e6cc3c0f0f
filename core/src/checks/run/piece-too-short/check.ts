import { inSpaceOf } from '../../../assembly/in-space';
import { partTitle } from '../../../fittings/catalogue';
import { defineCheck } from '../../define-check';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/piece-too-short',
    severity: 'fails',
    toDo: 'Move one of the two ends, leave a fitting out, or take fittings that go straight into one another.',
    sources: [{ document: 'what stands in two joints is at least as long as both', provenance: 'standard-formula' }],
    messages: {
      short: {
        title: 'No room for a piece',
        text: 'From both ends of {run} the {part} would be {length} long; {least} of it stand in its joints.',
      },
      none: {
        title: 'No room for a piece',
        text: 'Both ends of {run} are {over} too near for the {part}, which needs {least} for its joints alone.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    context.runs.flatMap(({ penetration }) =>
      (inSpaceOf(context).get(penetration.id)?.tooShort ?? []).map(({ leg: { placed, part }, lengthM, leastM }) => ({
        messageId: lengthM > 0 ? ('short' as const) : ('none' as const),
        at: atPart(placed.id, penetration),
        data: {
          run: penetration.label,
          part: partTitle(part),
          length: { lengthM: Math.max(0, lengthM) },
          least: { lengthM: leastM },
          over: { lengthM: leastM - lengthM },
        },
      })),
    ),
});
