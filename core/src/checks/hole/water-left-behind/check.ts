import { fullBoreMm } from '../../../fittings/body';
import { holeDiameterM } from '../../../job/resolve';
import { volumeAtM3 } from '../../../walls/level';
import { flangeRadiusM, nearestFreeM } from '../../../walls/no-drill';
import { tankType } from '../../../walls/tank-types';
import { defineCheck } from '../../define-check';
import { atPenetration } from '../../places';

/** Dead water above this share of the tank is worth a word. Our judgement. */
const SHARE = 0.12;

export default defineCheck({
  meta: {
    id: 'hole/water-left-behind',
    severity: 'costs',
    summary: 'A draw-off so high that much of the water never comes out.',
    sources: [{ document: 'hydrostatics: water below the lowest bore stays', provenance: 'standard-formula' }],
    messages: { left: { title: 'Water left behind', text: 'At {height}, {volume} stay in {tank} for good.' } },
  },
  check: ({ job, index }) =>
    job.penetrations
      .filter(({ roles, face, port }) => roles.includes('draw-off') && face === 'wall' && port === null)
      .flatMap((penetration) => {
        const tank = job.tanks.find(({ id }) => id === penetration.tankId);
        if (!tank) return [];
        const boreM = fullBoreMm(penetration.size) / 1000;
        const left = volumeAtM3(tank, penetration.heightM - boreM / 2);
        if (left <= SHARE * tank.capacityM3) return [];
        const radiusM = flangeRadiusM(penetration.size, holeDiameterM(penetration.id, job, index));
        const lowest = nearestFreeM(tankType(tank.type).noDrill(tank), radiusM, radiusM, tank.heightM);
        const gain = lowest === undefined ? 0 : left - volumeAtM3(tank, lowest - boreM / 2);
        return [
          {
            messageId: 'left' as const,
            at: atPenetration(penetration),
            data: { height: { lengthM: penetration.heightM }, volume: { volumeM3: left }, tank: tank.label },
            fixes:
              lowest === undefined || lowest >= penetration.heightM
                ? []
                : [
                    {
                      text: 'Lower it to {to}: {gain} back',
                      data: { to: { lengthM: lowest }, gain: { volumeM3: gain } },
                      edits: [
                        {
                          type: 'change-field' as const,
                          in: 'penetrations' as const,
                          id: penetration.id,
                          field: 'heightM',
                          from: penetration.heightM,
                          to: lowest,
                        },
                      ],
                      partsAdded: 0,
                      priceUsd: 0,
                    },
                  ],
          },
        ];
      }),
});
