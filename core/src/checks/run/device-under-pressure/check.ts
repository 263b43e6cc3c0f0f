import { GRAVITY_M_S2 } from '../../../hydraulics/free-flow';
import { lineFlows } from '../../../hydraulics/line-flow';
import { alikeFixes } from '../../alike-fixes';
import { atPart } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'run/device-under-pressure',
    severity: 'fails',
    safety: true,
    toDo: 'Raise the tank by what is said, take a device that works at low pressure, or pump.',
    sources: [
      { document: 'hydrostatics: 9.81 kPa a metre', provenance: 'standard-formula' },
      { document: 'least pressure of timers', provenance: 'common-practice' },
    ],
    messages: {
      under: {
        title: 'Too little pressure',
        text: '{part} wants {wants} and has {has} with the tank full: raise the tank by {raise}, take one that works at low pressure, or put a pump before it.',
      },
    },
  },
  sees: 'run-in-water',
  check: (context) =>
    context.runs.flatMap((run) =>
      lineFlows(context, run)
        .filter(({ endKnownBy }) => endKnownBy !== 'assumed')
        // What pressure a pump gives is known once it is chosen.
        .filter(({ pumped }) => pumped || !run.penetration.roles.includes('pump-line'))
        .flatMap(({ items, states }) =>
          items.flatMap(({ part, placed }) => {
            const fullKpa = states.find(({ water }) => water === 'full')?.shutKpa ?? 0;
            if (part.leastKpa === undefined || fullKpa >= part.leastKpa) return [];
            return [
              {
                messageId: 'under' as const,
                at: atPart(placed.id, run.penetration),
                data: {
                  part: part.name,
                  wants: { pressureKpa: part.leastKpa },
                  has: { pressureKpa: fullKpa },
                  raise: { lengthM: (part.leastKpa - fullKpa) / GRAVITY_M_S2 },
                },
                fixes: () =>
                  alikeFixes(
                    placed,
                    part,
                    context.catalogue,
                    (other) => other.leastKpa === undefined && other.features.join() === part.features.join(),
                  ),
              },
            ];
          }),
        ),
    ),
});
