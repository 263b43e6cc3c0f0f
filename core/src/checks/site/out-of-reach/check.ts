import { placeAt } from '../../../derived/strands';
import { lineFlows } from '../../../hydraulics/line-flow';
import type { Run } from '../../../derived/run';
import type { Tank } from '../../../walls/tank';
import { defineCheck } from '../../define-check';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/out-of-reach',
    severity: 'fails',
    station: 'site',
    toDo: 'A pump, a higher stand, or a place further down.',
    sources: [{ document: 'hydrostatics: water does not rise over its own level', provenance: 'standard-formula' }],
    messages: {
      pump: {
        title: 'Which pump?',
        text: '{place} lies {above} above the full level of {tank}: the pump lifts it there. Put the pump into the line, or on the inside of the opening, so that its head is known.',
        severity: 'unknown',
      },
      never: {
        title: 'Out of reach',
        text: '{place} lies {above} above the full level of {tank}: no water gets there by itself. Put a pump before it, or raise the tank.',
      },
    },
  },
  sees: 'run-in-water',
  check: (context) =>
    context.runs.flatMap((run) =>
      lineFlows(context, run).flatMap(({ strand, states, pumped, endKnownBy }) => {
        const end = run.strands[strand]?.end;
        const place = placeAt(context.job, end);
        const tank = context.job.tanks.find(({ id }) => id === run.penetration.tankId);
        const full = states.find(({ water }) => water === 'full');
        if (!place || !tank || !full || pumped || endKnownBy !== 'place') return [];
        return full.headM > 0
          ? []
          : [
              {
                messageId: isPumpLine(run, tank) ? ('pump' as const) : ('never' as const),
                at: atSite('terminals', place),
                data: { place: place.name, tank: tank.label, above: { lengthM: -full.headM } },
              },
            ];
      }),
    ),
});

/** Somebody has said that a pump draws by this opening, and not yet which. */
const isPumpLine = ({ penetration }: Run, { pump }: Tank): boolean =>
  penetration.roles.includes('pump-line') || pump !== null;
