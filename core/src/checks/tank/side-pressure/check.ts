import { tankType } from '../../../walls/tank-types';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

const BED_M = 0.1;

export default defineCheck({
  meta: {
    id: 'tank/side-pressure',
    severity: 'fails',
    safety: true,
    toDo: 'Take a tank made for the ground, or keep the ground off it.',
    sources: [{ document: 'side pressure on containers not made for it', provenance: 'common-practice' }],
    messages: {
      pressed: {
        title: 'Not made for the ground',
        text: '{tank} is a {type} with {depth} of ground against it: its walls are not made for side pressure. Line the pit with a retaining wall.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks
      .filter((tank) => tank.buriedM > BED_M && !tankType(tank.type).madeForGround)
      .map((tank) => ({
        messageId: 'pressed' as const,
        at: atTank(tank),
        data: {
          tank: tank.label,
          type: tankType(tank.type).name.toLowerCase(),
          depth: { lengthM: Math.min(tank.buriedM, tank.heightM) },
        },
      })),
});
