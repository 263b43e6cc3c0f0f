import { lengthStepM } from '../../../quantity/length';
import { tankOf } from '../../../job/lookup';
import { flatRadiusM } from '../../../derived/resolve';
import { acrossM } from '../../../walls/forms';
import { freePlace, noDrillZones, zoneAt } from '../../../walls/no-drill';
import { defineCheck } from '../../define-check';
import { moveFix } from '../../move-fix';
import { atPenetration } from '../../places';

export default defineCheck({
  meta: {
    id: 'hole/in-no-drill-zone',
    severity: 'fails',
    toDo: 'Move the hole to the nearest flat height.',
    sources: [{ document: 'flanges sit on the flat part of the wall', provenance: 'common-practice' }],
    messages: {
      zone: {
        title: 'Not on the flat',
        text: '{hole} reaches into the {zone} ({from} to {to}, with {flat} of flat needed round it); what seals it does not lie flat there and leaks.',
      },
    },
  },
  sees: 'run',
  check: ({ job, index, runs }) =>
    runs.flatMap(({ penetration }) => {
      const tank = tankOf(job, penetration);
      if (!tank || penetration.port !== null || penetration.stands) return [];
      const zones = noDrillZones(tank);
      const radiusM = flatRadiusM(penetration, job, index);
      const zone = zoneAt(zones, penetration, radiusM);
      if (!zone) return [];
      return [
        {
          messageId: 'zone' as const,
          at: atPenetration(penetration),
          data: {
            hole: penetration.label,
            flat: { lengthM: 2 * radiusM },
            zone: zone.reason,
            from: { lengthM: zone.fromM },
            to: { lengthM: zone.shape === 'ring' ? Math.min(zone.toM, acrossM(tank) / 2) : zone.toM },
          },
          fixes: () => {
            const free = freePlace(tank, penetration, radiusM, { marksM: lengthStepM(job.measures, true) });
            return free === undefined ? [] : [moveFix(penetration, free)];
          },
        },
      ];
    }),
});
