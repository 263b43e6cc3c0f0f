import { holdsM3 } from '../../../walls/level';
import { lengthStepM } from '../../../quantity/length';
import { tankOf } from '../../../job/lookup';
import { placeAt } from '../../../derived/strands';
import { flatRadiusM } from '../../../derived/resolve';
import { placeUpM } from '../../../derived/heights';
import { boreM, invertM, levelsOf } from '../../../derived/levels';
import { workingHoles } from '../../../derived/shut';
import { baseLevelM } from '../../../derived/set-out';
import { isUpright } from '../../../walls/forms';
import { volumeAtM3 } from '../../../walls/level';
import { freePlace } from '../../../walls/no-drill';
import { DRAWS } from '../../../walls/roles';
import type { CheckContext } from '../../../derived/context';
import { type Report, defineCheck } from '../../define-check';
import { moveFix } from '../../move-fix';
import { atPenetration } from '../../places';

/** Dead water above this share of the tank is worth a word. Our judgement. */
const SHARE = 0.12;

export default defineCheck({
  meta: {
    id: 'hole/water-left-behind',
    severity: 'costs',
    toDo: 'Lower the hole, or keep it and know what it costs.',
    sources: [{ document: 'hydrostatics: water below the lowest bore stays', provenance: 'standard-formula' }],
    messages: {
      link: {
        title: 'Water left behind',
        text: 'The link at {hole} stands {height} up: {volume} stay in {tank} for good, {less} more than with a link at its base.',
      },
      left: { title: 'Water left behind', text: 'At {height}, {volume} stay in {tank} for good.' },
      place: {
        title: 'Place above the low water',
        text: '{place} lies {above} above {hole}: by itself no water gets there from the last {volume} in {tank}.',
      },
    },
  },
  check: ({ job, index, runs }) => [
    ...job.penetrations
      .filter(({ roles, face, port }) => roles.some((role) => DRAWS.includes(role)) && isUpright(face) && port === null)
      .flatMap((penetration) => {
        const tank = tankOf(job, penetration);
        if (!tank) return [];
        const { deadM, deadM3, deadBecause } = levelsOf(tank, { job, runs });
        if (deadBecause !== 'outlet' || deadM3 <= SHARE * holdsM3(tank)) return [];
        return [
          {
            messageId: 'left' as const,
            at: atPenetration(penetration),
            data: { height: { lengthM: penetration.heightM }, volume: { volumeM3: deadM3 }, tank: tank.label },
            fixes: () => {
              const radiusM = flatRadiusM(penetration, job, index);
              const lower = freePlace(tank, { ...penetration, heightM: radiusM }, radiusM, {
                fields: ['heightM'],
                marksM: lengthStepM(job.measures, true),
              });
              if (!lower || lower.heightM >= penetration.heightM) return [];
              const gain = deadM3 - volumeAtM3(tank, deadM - penetration.heightM + lower.heightM);
              return [moveFix(penetration, lower, 'Lower it to {up}: {gain} back', { gain: { volumeM3: gain } })];
            },
          },
        ];
      }),
    ...job.tanks.flatMap((tank) => {
      const { deadM, deadM3, deadBecause } = levelsOf(tank, { job, runs });
      const [lowest] = workingHoles({ job, runs }, tank.id, 'link')
        .filter(({ face }) => isUpright(face))
        .toSorted((a, b) => a.heightM - b.heightM);
      // Where the outlet of the other tank stands higher than the link, it is that which leaves it.
      if (deadBecause !== 'link' || !lowest || deadM > invertM(lowest, tank, { runs }) + 0.0005) return [];
      const radiusM = flatRadiusM(lowest, job, index);
      const baseM3 = volumeAtM3(tank, Math.max(tank.wallM, radiusM - boreM(lowest, { runs }) / 2));
      return deadM3 - baseM3 <= SHARE * holdsM3(tank)
        ? []
        : [
            {
              messageId: 'link' as const,
              at: atPenetration(lowest),
              data: {
                hole: lowest.label,
                height: { lengthM: lowest.heightM },
                volume: { volumeM3: deadM3 },
                tank: tank.label,
                less: { volumeM3: deadM3 - baseM3 },
              },
            },
          ];
    }),
    ...placesAbove({ job, runs }),
  ],
});

/** Places to which the last of the water does not come by itself, each with what stays for it. */
const placesAbove = ({ job, runs }: Pick<CheckContext, 'job' | 'runs'>): readonly Report<'place'>[] =>
  runs.flatMap((run) => {
    const { penetration, strands } = run;
    const tank = tankOf(job, penetration);
    const { roles } = penetration;
    if (!tank || !roles.some((role) => DRAWS.includes(role)) || roles.includes('pump-line')) return [];
    if (strands.some(({ items }) => items.some(({ part }) => part.pump))) return [];
    const { fullM } = levelsOf(tank, { job, runs });
    const outletM = invertM(penetration, tank, { runs });
    return strands.flatMap(({ end }) => {
      const place = placeAt(job, end);
      const upM = place && placeUpM(job, place.id);
      if (!place || upM === undefined) return [];
      const overM = upM - baseLevelM(tank, job);
      // Over the full level nothing comes at all: that is another note.
      const staysM3 = volumeAtM3(tank, overM);
      if (overM <= outletM || overM >= fullM || staysM3 <= SHARE * holdsM3(tank)) return [];
      return [
        {
          messageId: 'place' as const,
          at: atPenetration(penetration),
          data: {
            place: place.name,
            hole: penetration.label,
            above: { lengthM: overM - penetration.heightM },
            volume: { volumeM3: staysM3 },
            tank: tank.label,
          },
        },
      ];
    });
  });
