import type { Tank } from '../../../walls/tank';
import type { Job } from '../../../job/job';
import { sizeInInches } from '../../../quantity/size';
import { newPenetration } from '../../../job/new-tank';
import { facesOf } from '../../../walls/forms';
import { flangeRadiusM, nearestFree, noDrillZones } from '../../../walls/no-drill';
import { linkedTanks } from '../../../job/linked-tanks';
import { defineCheck } from '../../define-check';
import type { Fix } from '../../finding';
import { atTank, freshId } from '../../places';

export default defineCheck({
  meta: {
    id: 'tank/no-overflow',
    severity: 'fails',
    summary: 'A tank, or a group of linked tanks, from which surplus water has no way out.',
    sources: [{ document: 'overflow at least as large as the inlet', provenance: 'common-practice' }],
    messages: {
      none: { title: 'No overflow', text: '{tanks} has no overflow: when it is full, water finds its own way out.' },
    },
  },
  check: (context) =>
    linkedTanks(context)
      .filter(
        (tanks) =>
          !context.job.penetrations.some(
            ({ tankId, roles }) => roles.includes('overflow') && tanks.some(({ id }) => id === tankId),
          ),
      )
      .map((tanks) => {
        const [first] = tanks;
        if (!first) throw new RangeError('no-overflow: an empty group');
        return {
          messageId: 'none' as const,
          at: atTank(first),
          data: { tanks: tanks.map(({ label }) => label).join(' with ') },
          fixes: overflowFix(context.job, first),
        };
      }),
});

/** An overflow as large as the largest inlet, as high as the flat of the wall allows. */
function overflowFix(job: Job, tank: Tank): Fix[] {
  const inlets = job.penetrations
    .filter(({ tankId, roles }) => tankId === tank.id && roles.includes('inlet'))
    .map(({ size }) => size);
  const size = [...inlets].sort((a, b) => sizeInInches(b) - sizeInInches(a))[0] ?? '1-1/2';
  const radiusM = flangeRadiusM(size, undefined);
  const side = facesOf(tank).find(({ seen }) => seen !== 'plan');
  if (!side) return [];
  const wanted = { face: side.face, heightM: tank.brimM - radiusM, aroundM: side.acrossM / 2, depthM: 0 };
  const place = nearestFree(noDrillZones(tank), wanted, radiusM, tank.brimM);
  if (place === undefined) return [];
  const { heightM } = place;
  const penetration = newPenetration({
    id: freshId(`${tank.id}-overflow`, job.penetrations),
    tankId: tank.id,
    name: 'Overflow',
    roles: ['overflow'],
    size,
    ...place,
  });
  return [
    {
      text: 'Add an overflow of {size} in at {height}',
      data: { size, height: { lengthM: heightM } },
      edits: [{ type: 'add-penetration', penetration }],
      partsAdded: 0,
      priceUsd: 0,
    },
  ];
}
