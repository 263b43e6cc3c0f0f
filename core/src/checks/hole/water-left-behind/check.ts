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
import { defineCheck } from '../../define-check';
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
    ...job.tanks.flatMap((tank) => {
      const { deadM, deadM3, deadBecause, fullM } = levelsOf(tank, { job, runs });
      if (deadBecause !== 'destination' || deadM >= fullM || deadM3 <= SHARE * holdsM3(tank)) return [];
      const [lowest] = runs
        .filter(
          ({ penetration }) => penetration.tankId === tank.id && penetration.roles.some((role) => DRAWS.includes(role)),
        )
        .flatMap(({ penetration, strands }) =>
          strands.flatMap(({ end }) => {
            const place = placeAt(job, end);
            const upM = place && placeUpM(job, place.id);
            return place && upM !== undefined ? [{ penetration, place, overM: upM - baseLevelM(tank, job) }] : [];
          }),
        )
        .toSorted((a, b) => a.overM - b.overM);
      return lowest
        ? [
            {
              messageId: 'place' as const,
              at: atPenetration(lowest.penetration),
              data: {
                place: lowest.place.name,
                hole: lowest.penetration.label,
                above: { lengthM: lowest.overM - lowest.penetration.heightM },
                volume: { volumeM3: deadM3 },
                tank: tank.label,
              },
            },
          ]
        : [];
    }),
  ],
});
