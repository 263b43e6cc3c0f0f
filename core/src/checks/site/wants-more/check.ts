import { placeAt } from '../../../derived/strands';
import { lineFlows } from '../../../hydraulics/line-flow';
import { GRAVITY_M_S2 } from '../../../hydraulics/free-flow';
import { formatFlow, formatPressure } from '../../../quantity/flow';
import { wantOf } from '../../../site/place-kinds';
import { type Report, defineCheck } from '../../define-check';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/wants-more',
    severity: 'costs',
    station: 'site',
    toDo: 'Raise the tank by what is said; take a device for low pressure; pump, or take a stronger pump.',
    sources: [
      { document: 'hydrostatics; Darcy and Weisbach with Colebrook and White', provenance: 'standard-formula' },
      { document: 'what devices and people want', provenance: 'common-practice' },
    ],
    messages: {
      pressure: {
        title: 'Too little pressure',
        text: '{place} wants {wants} and has {has} from a half drawn tank: raise the tank by {raise}, take a device that works at low pressure, or put a pump before it.',
      },
      pumped: {
        title: 'Too little pressure',
        text: '{place} wants {wants} and has {has} with the pump from a half drawn tank: take one that lifts {raise} more.',
      },
      flow: {
        title: 'Too little comes',
        text: '{place} wants {wants} and gets {has} from a half drawn tank: a wider or shorter line, a higher tank, or a pump.',
      },
    },
  },
  sees: 'run-in-water',
  check: (context) =>
    context.runs.flatMap((run) =>
      lineFlows(context, run).flatMap(
        ({ strand, states, endKnownBy, pumped }): readonly Report<'pressure' | 'pumped' | 'flow'>[] => {
          const end = run.strands[strand]?.end;
          const place = placeAt(context.job, end);
          const half = states.find(({ water }) => water === 'half');
          if (!place || !half || (half.headM <= 0 && !pumped) || endKnownBy !== 'place') return [];
          // What a pump gives is known once it is chosen.
          if (!pumped && run.penetration.roles.includes('pump-line')) return [];
          const { measures } = context.job;
          const [wantsKpa, wantsM3s] = [wantOf(place, 'wantsKpa'), wantOf(place, 'wantsM3s')];
          const at = atSite('terminals', place);
          if (half.shutKpa < wantsKpa)
            return [
              {
                messageId: pumped ? 'pumped' : 'pressure',
                at,
                data: {
                  place: place.name,
                  wants: formatPressure(wantsKpa, measures),
                  has: formatPressure(half.shutKpa, measures),
                  raise: { lengthM: (wantsKpa - half.shutKpa) / GRAVITY_M_S2 },
                },
              },
            ];
          return half.flowM3s < wantsM3s
            ? [
                {
                  messageId: 'flow',
                  at,
                  data: {
                    place: place.name,
                    wants: formatFlow(wantsM3s, measures),
                    has: formatFlow(half.flowM3s, measures),
                  },
                },
              ]
            : [];
        },
      ),
    ),
});
