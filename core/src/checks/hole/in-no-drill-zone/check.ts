import { flangeRadiusM, nearestFreeM, zoneAt } from '../../../walls/no-drill';
import { tankType } from '../../../walls/tank-types';
import { holeDiameterM } from '../../../job/resolve';
import { defineCheck } from '../../define-check';
import { atPenetration } from '../../places';

export default defineCheck({
  meta: {
    id: 'hole/in-no-drill-zone',
    severity: 'fails',
    summary: 'A hole or its flange on a rib, the base curve or the shoulder, where nothing lies flat.',
    sources: [{ document: 'flanges sit on the flat part of the wall', provenance: 'common-practice' }],
    messages: {
      zone: {
        title: 'Not on the flat',
        text: '{hole} at {height} reaches into the {zone} ({from} to {to}); a flat washer bridges there and never seals.',
      },
    },
  },
  check: ({ job, index }) =>
    job.penetrations.flatMap((penetration) => {
      const tank = job.tanks.find(({ id }) => id === penetration.tankId);
      if (!tank || penetration.face !== 'wall' || penetration.port !== null) return [];
      const bands = tankType(tank.type).noDrill(tank);
      const radiusM = flangeRadiusM(penetration.size, holeDiameterM(penetration.id, job, index));
      const zone = zoneAt(bands, penetration.heightM, radiusM);
      if (!zone) return [];
      const to = nearestFreeM(bands, penetration.heightM, radiusM, tank.heightM);
      return [
        {
          messageId: 'zone' as const,
          at: atPenetration(penetration),
          data: {
            hole: penetration.label,
            height: { lengthM: penetration.heightM },
            zone: zone.reason,
            from: { lengthM: zone.fromM },
            to: { lengthM: zone.toM },
          },
          fixes:
            to === undefined
              ? []
              : [
                  {
                    text: 'Move it to {to}',
                    data: { to: { lengthM: to } },
                    edits: [
                      {
                        type: 'change-field' as const,
                        in: 'penetrations' as const,
                        id: penetration.id,
                        field: 'heightM',
                        from: penetration.heightM,
                        to,
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
