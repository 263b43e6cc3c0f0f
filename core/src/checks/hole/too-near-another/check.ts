import { holesOf } from '../../../job/lookup';
import { holeDiameterM, sealOf } from '../../../derived/resolve';
import type { CheckContext } from '../../../derived/context';
import type { Penetration } from '../../../job/job';
import { faceOf } from '../../../walls/forms';
import { flangeRadiusM } from '../../../walls/no-drill';
import type { Tank } from '../../../walls/tank';
import type { Fix } from '../../finding';
import { moveFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

/** Between two flanges. */
const BETWEEN_M = 0.0254;

export default defineCheck({
  meta: {
    id: 'hole/too-near-another',
    severity: 'fails',
    toDo: 'Move one of them.',
    sources: [{ document: 'a hole between holes, an inch between flanges', provenance: 'common-practice' }],
    messages: {
      near: { title: 'Too near another', text: '{hole} and {other} are {apart} apart; their flanges need {least}.' },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const holes = holesOf(context.job, tank.id).map((hole) => ({ hole, ...roundOf(hole, context) }));
      return holes.flatMap((one, index) =>
        holes.slice(index + 1).flatMap((other) => {
          const apartM = distanceM(one.hole, other.hole, tank);
          const leastM = leastApartM(one, other);
          return apartM === undefined || apartM >= leastM - 0.0005
            ? []
            : [
                {
                  messageId: 'near' as const,
                  at: atPenetration(other.hole),
                  data: {
                    hole: one.hole.label,
                    other: other.hole.label,
                    apart: { lengthM: apartM },
                    least: { lengthM: leastM },
                  },
                  fixes: () => asideFix(other.hole, one.hole, leastM, tank),
                },
              ];
        }),
      );
    }),
});

/** What an opening takes of the face round its middle [m]. */
interface Round {
  readonly flatM: number;
  readonly holeM: number;
}

const roundOf = ({ id, size }: Penetration, { job, index }: CheckContext): Round => {
  const holeM = holeDiameterM(id, job, index);
  return { flatM: flangeRadiusM(size, holeM, sealOf(id, index)?.end.style), holeM: holeM ?? 0 };
};

/** It came with the tank or was made long ago: nobody drills it now. */
const isThere = ({ port, stands }: Penetration): boolean => port !== null || stands;

/** Centre to centre on the face they share, the shorter way round a wall; undefined on different faces. */
function distanceM(a: Penetration, b: Penetration, tank: Tank): number | undefined {
  if (a.face !== b.face || (isThere(a) && isThere(b))) return undefined;
  const shape = faceOf(tank, a.face);
  if (!shape) return undefined;
  const along = Math.abs(a.aroundM - b.aroundM);
  const around = shape.seen === 'wall' ? Math.min(along, shape.acrossM - along) : along;
  return Math.hypot(around, shape.seen === 'plan' ? a.depthM - b.depthM : a.heightM - b.heightM);
}

/** Half of both flanges and an inch; and between the edges of the holes at least the larger hole. */
const leastApartM = (a: Round, b: Round): number =>
  Math.max(a.flatM + b.flatM + BETWEEN_M, a.holeM / 2 + b.holeM / 2 + Math.max(a.holeM, b.holeM));

/** Along the face, away from the other. */
function asideFix(hole: Penetration, from: Penetration, leastM: number, tank: Tank): Fix[] {
  const shape = faceOf(tank, hole.face);
  if (!shape || hole.port !== null) return [];
  const away = hole.aroundM >= from.aroundM ? 1 : -1;
  const to = [away, -away].map((side) => from.aroundM + side * leastM).find((at) => at > 0 && at < shape.acrossM);
  return to === undefined ? [] : [moveFix(hole, { ...hole, aroundM: to }, 'Move it along to {round}')];
}
