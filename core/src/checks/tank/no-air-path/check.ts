import { newPenetration } from '../../../job/new-tank';
import { holesOf } from '../../../job/levels';
import { acrossM, faceOf } from '../../../walls/forms';
import { nearestFree, noDrillZones, flangeRadiusM } from '../../../walls/no-drill';
import type { Job } from '../../../job/job';
import type { Tank } from '../../../walls/tank';
import { tankType } from '../../../walls/tank-types';
import type { Fix } from '../../finding';
import { atTank, freshId } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/no-air-path',
    severity: 'fails',
    summary: 'A tank whose air has no way in or out.',
    sources: [{ document: 'each separate air space needs its own path', provenance: 'common-practice' }],
    messages: {
      none: {
        title: 'No way for air',
        text: '{tank} has no vent, no overflow and a tight lid: filled from below it stops on trapped air, drawn down it pulls a vacuum.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks
      .filter((tank) => !tankType(tank.type).breathes)
      .filter((tank) => holesOf(job, tank.id, 'vent', 'overflow').every(({ portUse }) => portUse === 'plug'))
      .map((tank) => ({
        messageId: 'none' as const,
        at: atTank(tank),
        data: { tank: tank.label },
        fixes: ventFix(tank, job),
      })),
});

/** A small vent in the top, where it is flat. */
function ventFix(tank: Tank, job: Job): Fix[] {
  const top = faceOf(tank, 'top');
  if (!top) return [];
  const wanted = { face: 'top' as const, heightM: tank.heightM, aroundM: acrossM(tank) * 0.3, depthM: top.alongM / 2 };
  const place = nearestFree(noDrillZones(tank), wanted, flangeRadiusM('1', undefined), tank.heightM) ?? wanted;
  const penetration = newPenetration({
    id: freshId(`${tank.id}-vent`, job.penetrations),
    tankId: tank.id,
    name: 'Vent',
    roles: ['vent'],
    size: '1',
    ...place,
  });
  return [
    {
      text: 'Add a vent of 1 in in the top',
      data: {},
      edits: [{ type: 'add-penetration', penetration }],
      partsAdded: 0,
      priceUsd: 0,
    },
  ];
}
