import { isDownpipe } from '../../../fittings/capability';
import { wayCapacities } from '../../../falls/capacity';
import { type Report, defineCheck } from '../../define-check';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/way-too-small',
    severity: 'costs',
    station: 'site',
    toDo: 'A second downpipe, a wider one, more fall, or a wider and shorter hose.',
    sources: [
      { document: 'upright pipes at a third full (Wyly and Eaton, NBS Monograph 31)', provenance: 'from-memory' },
      { document: 'drains by Manning, hoses by Darcy and Weisbach', provenance: 'standard-formula' },
    ],
    messages: {
      pipe: {
        title: 'Downpipe too small',
        text: '{roof} brings {storm} in the design rain; {part} takes {takes}. The gutter runs over.',
      },
      line: {
        title: 'Way in too small',
        text: '{roof} brings {storm} in the design rain; {part} on its way takes {takes}. The gutter runs over.',
      },
      hose: {
        title: 'Hose throttles the diverter',
        text: 'The diverter would turn {share} of {roof} into the tank; {part} takes {takes}. The rest goes down the pipe.',
      },
    },
  },
  check: (context) =>
    wayCapacities(context).flatMap(({ roof, stormM3s, carriesM3s, narrowest, throttled }) => {
      const at = atSite('roofs', roof);
      const found: Report<'pipe' | 'line' | 'hose'>[] = [];
      if (carriesM3s !== undefined && narrowest && carriesM3s < stormM3s)
        found.push({
          messageId: isDownpipe(narrowest.part) ? 'pipe' : 'line',
          at,
          data: {
            roof: roof.name,
            storm: { flowM3s: stormM3s },
            part: `${narrowest.part.name} ${narrowest.part.detail}`,
            takes: { flowM3s: carriesM3s },
          },
        });
      if (throttled && throttled.carriesM3s < throttled.shareM3s)
        found.push({
          messageId: 'hose',
          at,
          data: {
            roof: roof.name,
            share: { flowM3s: throttled.shareM3s },
            part: `${throttled.item.part.name} ${throttled.item.part.detail}`,
            takes: { flowM3s: throttled.carriesM3s },
          },
        });
      return found;
    }),
});
