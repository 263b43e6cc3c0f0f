import { outfalls } from '../../../falls/outfall';
import { defineCheck } from '../../define-check';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/outfall-not-reached',
    severity: 'fails',
    toDo: 'Find a lower outfall, raise the tank, or take a box with less loss out of the line.',
    sources: [
      {
        document: 'least fall of a drain over its length, and what boxes on the way take',
        provenance: 'common-practice',
      },
    ],
    messages: {
      short: {
        title: 'Daylight not reachable',
        text: '{hole} leaves {tank} {above} over {place}, {distance} away; the least fall and what lies on the way take {takes}: {short} short.',
      },
    },
  },
  check: (context) =>
    outfalls(context).flatMap(({ place, hole, fromM, placeM, distanceM, fallsM, dropsM, leftM }) => {
      if (leftM >= 0) return [];
      const tank = context.job.tanks.find(({ id }) => id === hole.tankId);
      return [
        {
          messageId: 'short' as const,
          at: atSite('terminals', place),
          data: {
            hole: hole.label,
            tank: tank?.label ?? '',
            place: place.name,
            above: { lengthM: fromM - placeM },
            distance: { lengthM: distanceM },
            takes: { lengthM: fallsM + dropsM },
            short: { lengthM: -leftM },
          },
        },
      ];
    }),
});
