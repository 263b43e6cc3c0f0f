import { askField, setField } from '../../../edits/change-field';
import { boreM } from '../../../derived/levels';
import { INFLOWS, leastAirGapM } from '../../../site/inflow-kinds';
import { defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/no-air-gap',
    severity: 'fails',
    safety: true,
    toDo: 'Raise the end of the supply, or let a licensed plumber fit the device that the water authority asks for.',
    sources: [
      { document: 'ASME A112.1.2: twice the effective opening, at least 1 in', provenance: 'standard-table' },
      { document: 'local rules against backflow come first', provenance: 'common-practice' },
    ],
    messages: {
      'not-said': {
        title: 'Air gap not said',
        text: '{inflow} must end {least} above the level at which the tank spills. Nobody has said that it does. A licensed plumber joins it.',
      },
      small: {
        title: 'Air gap too small',
        text: '{inflow} ends {gap} above the level at which the tank spills; {least} is the least. Tank water can be sucked back into the supply.',
      },
    },
  },
  check: (context) =>
    context.job.inflows.flatMap((inflow) => {
      const { name, kind, into, airGapM, boreM: endM } = inflow;
      if (!INFLOWS[kind].needsAirGap) return [];
      const hole = context.job.penetrations.find((one) => one.id === into);
      // The gap goes by the end of the supply; a tundish under it may be wider.
      const leastM = leastAirGapM(endM ?? (hole ? boreM(hole, context) : 0));
      if (airGapM !== null && airGapM >= leastM) return [];
      return [
        {
          messageId: airGapM === null ? ('not-said' as const) : ('small' as const),
          at: atSite('inflows', inflow),
          data: { inflow: name, least: { lengthM: leastM }, gap: { lengthM: airGapM ?? 0 } },
          fixes:
            airGapM === null
              ? []
              : [
                  setFix(setField('inflows', inflow, 'airGapM', leastM), 'Raise its end to {least}', {
                    least: { lengthM: leastM },
                  }),
                ],
          question:
            airGapM === null
              ? {
                  text: 'From its end down to where the tank spills',
                  edit: askField('inflows', inflow, 'airGapM'),
                }
              : undefined,
        },
      ];
    }),
});
