import { invertM } from '../../../derived/levels';
import { holesOf } from '../../../job/lookup';
import { placeAt } from '../../../derived/strands';
import { wantOf } from '../../../site/place-kinds';
import { volumeAtM3 } from '../../../walls/level';
import { DRAWS } from '../../../walls/roles';
import { sharingWith } from '../../../derived/levels';
import { defineCheck } from '../../define-check';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/reserve-not-kept',
    severity: 'fails',
    station: 'site',
    toDo: 'Raise the other outlets, take a larger tank, or give the reserve a tank of its own.',
    sources: [
      { document: 'what lies below every other outlet stays for the one below it', provenance: 'standard-formula' },
    ],
    messages: {
      drawn: {
        title: 'Reserve not kept',
        text: '{place} wants {wants} kept for it. Below {other} only {kept} stay: the other outlets draw the rest.',
      },
    },
  },
  check: (context) =>
    context.runs.flatMap(({ penetration: hole, strands }) =>
      strands.flatMap(({ end }) => {
        const { job } = context;
        const place = placeAt(job, end);
        const tank = job.tanks.find(({ id }) => id === hole.tankId);
        const wants = place ? wantOf(place, 'reserveM3') : 0;
        if (!place || !tank || wants === 0) return [];
        const others = holesOf(job, tank.id, ...DRAWS)
          .filter(({ id }) => id !== hole.id)
          .map((other) => ({ other, atM: invertM(other, tank, context) }));
        const lowest = others.toSorted((a, b) => a.atM - b.atM)[0];
        if (!lowest) return [];
        const tanks = sharingWith(tank, context).length;
        const kept = Math.max(0, volumeAtM3(tank, lowest.atM) - volumeAtM3(tank, invertM(hole, tank, context))) * tanks;
        return kept >= wants
          ? []
          : [
              {
                messageId: 'drawn' as const,
                at: atSite('terminals', place),
                data: {
                  place: place.name,
                  wants: { volumeM3: wants },
                  other: `${lowest.other.label} ${lowest.other.name.toLowerCase()}`,
                  kept: { volumeM3: kept },
                },
              },
            ];
      }),
    ),
});
