import { tankOf } from '../../../job/lookup';
import { flatRadiusM, holeDiameterM } from '../../../job/resolve';
import type { CheckContext } from '../../../job/context';
import type { Penetration } from '../../../job/job';
import { faceOf } from '../../../walls/forms';
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
    summary: 'Two holes closer than their flanges or than a hole between them allow.',
    sources: [{ document: 'a hole between holes, an inch between flanges', provenance: 'common-practice' }],
    messages: {
      near: { title: 'Too near another', text: '{hole} and {other} are {apart} apart; their flanges need {least}.' },
    },
  },
  check: (context) => {
    const { penetrations } = context.job;
    return penetrations.flatMap((hole, index) =>
      penetrations.slice(index + 1).flatMap((other) => {
        const apartM = distanceM(hole, other, context);
        if (apartM === undefined) return [];
        const leastM = leastApartM(hole, other, context);
        return apartM >= leastM - 0.0005
          ? []
          : [
              {
                messageId: 'near' as const,
                at: atPenetration(other),
                data: {
                  hole: hole.label,
                  other: other.label,
                  apart: { lengthM: apartM },
                  least: { lengthM: leastM },
                },
                fixes: asideFix(other, hole, leastM, context),
              },
            ];
      }),
    );
  },
});

/** Centre to centre on the face they share, the shorter way round a wall; undefined on different faces. */
function distanceM(a: Penetration, b: Penetration, { job }: CheckContext): number | undefined {
  const tank = tankOf(job, a);
  if (a.tankId !== b.tankId || a.face !== b.face || (a.port !== null && b.port !== null) || !tank) return undefined;
  const shape = faceOf(tank, a.face);
  if (!shape) return undefined;
  const along = Math.abs(a.aroundM - b.aroundM);
  const around = shape.seen === 'wall' ? Math.min(along, shape.acrossM - along) : along;
  return Math.hypot(around, shape.seen === 'plan' ? a.depthM - b.depthM : a.heightM - b.heightM);
}

/** Half of both flanges and an inch; and between the edges of the holes at least the larger hole. */
function leastApartM(a: Penetration, b: Penetration, { job, index }: CheckContext): number {
  const flanges = flatRadiusM(a, job, index) + flatRadiusM(b, job, index) + BETWEEN_M;
  const holes = [a, b].map(({ id }) => holeDiameterM(id, job, index) ?? 0);
  return Math.max(flanges, (holes[0] ?? 0) / 2 + (holes[1] ?? 0) / 2 + Math.max(...holes));
}

/** Along the face, away from the other. */
function asideFix(hole: Penetration, from: Penetration, leastM: number, { job }: CheckContext): Fix[] {
  const tank = tankOf(job, hole);
  const shape = tank && faceOf(tank, hole.face);
  if (!shape || hole.port !== null) return [];
  const away = hole.aroundM >= from.aroundM ? 1 : -1;
  const to = [away, -away].map((side) => from.aroundM + side * leastM).find((at) => at > 0 && at < shape.acrossM);
  return to === undefined ? [] : [moveFix(hole, { ...hole, aroundM: to }, 'Move it along to {round}')];
}
