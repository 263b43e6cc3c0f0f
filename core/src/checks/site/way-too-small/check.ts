import { wayCapacities } from '../../../falls/capacity';
import { litresPerSecond } from '../../../hydraulics/storm';
import { type Report, defineCheck } from '../../define-check';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/way-too-small',
    severity: 'costs',
    station: 'site',
    summary: 'A downpipe, drain or diverter hose that does not take what the design rain brings.',
    sources: [
      { document: 'upright pipes at a third full (Wyly and Eaton, NBS Monograph 31)', provenance: 'from-memory' },
      { document: 'drains by Manning, hoses by Darcy and Weisbach', provenance: 'standard-formula' },
    ],
    messages: {
      pipe: {
        title: 'Downpipe too small',
        text: '{roof} brings {storm} L/s in the design rain; {part} takes {takes} L/s. The gutter runs over.',
      },
      hose: {
        title: 'Hose throttles the diverter',
        text: 'The diverter would turn {share} L/s of {roof} into the tank; {part} takes {takes} L/s. The rest goes down the pipe.',
      },
    },
  },
  check: (context) =>
    wayCapacities(context).flatMap(({ roof, stormM3s, carriesM3s, narrowest, throttled }) => {
      const at = atSite('roofs', roof);
      const found: Report<'pipe' | 'hose'>[] = [];
      if (carriesM3s !== undefined && narrowest && carriesM3s < stormM3s)
        found.push({
          messageId: 'pipe',
          at,
          data: {
            roof: roof.name,
            storm: litresPerSecond(stormM3s),
            part: `${narrowest.part.name} ${narrowest.part.detail}`,
            takes: litresPerSecond(carriesM3s),
          },
        });
      if (throttled && throttled.carriesM3s < throttled.shareM3s)
        found.push({
          messageId: 'hose',
          at,
          data: {
            roof: roof.name,
            share: litresPerSecond(throttled.shareM3s),
            part: `${throttled.item.part.name} ${throttled.item.part.detail}`,
            takes: litresPerSecond(throttled.carriesM3s),
          },
        });
      return found;
    }),
});
