import { lengthStepM } from '../../../quantity/length';
import { wallSealStyle } from '../../../connections/standards/wall-seals';
import { closesRoundCord } from '../../../connections/standards/wall-seals/wall-seal';
import type { RunSight } from '../../../derived/context';
import { invertM, obvertM } from '../../../derived/levels';
import type { Penetration } from '../../../job/job';
import { isUpright } from '../../../walls/forms';
import { freePlace } from '../../../walls/no-drill';
import { SPILLS_BY, passesWater } from '../../../walls/roles';
import { flatRadiusM, sealOf } from '../../../derived/resolve';
import { workingHoles } from '../../../derived/shut';
import { moveFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/overflow-too-high',
    severity: 'fails',
    toDo: 'Lower the overflow, or raise the other opening.',
    sources: [{ document: 'the overflow is the lowest opening above the water', provenance: 'common-practice' }],
    messages: {
      above: {
        title: 'Overflow too high',
        text: 'The top of {hole} is at {top}; {other} is at {at}: water leaves there first.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) =>
      workingHoles(context, tank.id, 'overflow').flatMap((hole) => {
        if (!isUpright(hole.face)) return [];
        const topM = obvertM(hole, tank, context);
        const others = workingHoles(context, tank.id, ...SPILLS_BY)
          .filter((other) => !isTightRoundCord(other, context))
          .filter((other) => other.id !== hole.id && isUpright(other.face) && !other.roles.includes('overflow'))
          .map((other) => ({ name: `${other.label} ${other.name.toLowerCase()}`, atM: invertM(other, tank, context) }));
        const lowest = [...others, { name: 'the brim', atM: tank.brimM }].toSorted((a, b) => a.atM - b.atM)[0];
        if (!lowest || topM <= lowest.atM + 0.0005) return [];
        const wanted: Penetration = { ...hole, heightM: hole.heightM - (topM - lowest.atM) };
        const radiusM = flatRadiusM(hole, context.job, context.index);
        const free = freePlace(tank, wanted, radiusM, {
          fields: ['heightM'],
          mostUpM: wanted.heightM,
          marksM: lengthStepM(context.job.measures, true),
        });
        return [
          {
            messageId: 'above' as const,
            at: atPenetration(hole),
            data: {
              hole: hole.label,
              top: { lengthM: topM },
              other: lowest.name,
              at: { lengthM: lowest.atM },
            },
            fixes: free && hole.port === null ? [moveFix(hole, free, 'Lower it to {up}')] : [],
          },
        ];
      }),
    ),
});

/** A cord entry whose seal closes round the cord and holds water is no leak, however low it is. */
const isTightRoundCord = ({ id, roles }: Penetration, { index }: RunSight): boolean => {
  const seal = sealOf(id, index);
  const style = seal && wallSealStyle(seal.end.style);
  return !passesWater(roles) && style !== undefined && closesRoundCord(style) && style.where === 'anywhere';
};
