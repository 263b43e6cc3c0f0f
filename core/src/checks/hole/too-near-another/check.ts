import { holesOf } from '../../../job/lookup';
import { holeDiameterM, sealOf } from '../../../derived/resolve';
import type { CheckContext, RunSight } from '../../../derived/context';
import { staysClosed } from '../../../derived/ports';
import type { Penetration } from '../../../job/job';
import { METRES_PER_INCH, lengthStepM, markAbove, markBelow } from '../../../quantity/length';
import { sizeInInches } from '../../../quantity/size';
import { faceOf } from '../../../walls/forms';
import { type HoleRoom, flangeRadiusM, leastApartM, noDrillZones, zoneAt } from '../../../walls/no-drill';
import type { Tank, WallPlace } from '../../../walls/tank';
import type { Fix } from '../../finding';
import { moveFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/too-near-another',
    severity: 'fails',
    toDo: 'Move one of them, or both. Where no move is offered no place at their heights is free: take another face, or a smaller fitting.',
    sources: [{ document: 'a hole between holes, an inch between flanges', provenance: 'common-practice' }],
    messages: {
      near: { title: 'Too near another', text: '{hole} and {other} are {apart} apart; their flanges need {least}.' },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const holes = holesOf(context.job, tank.id).map((hole) => roundOf(hole, tank, context));
      return holes.flatMap((one, index) =>
        holes.slice(index + 1).flatMap((other) => {
          if (isThere(one.hole) && isThere(other.hole)) return [];
          const apart = distanceM(one.hole, other.hole, tank);
          const leastM = leastApartM(one, other);
          return apart === undefined || apart >= leastM - TOUCH_M
            ? []
            : [
                {
                  messageId: 'near' as const,
                  at: atPenetration(other.hole),
                  data: {
                    hole: one.hole.label,
                    other: other.hole.label,
                    apart: { lengthM: apart },
                    least: { lengthM: leastM },
                  },
                  fixes: (whole: CheckContext) => apartFixes(one.hole.id, other.hole.id, tank, whole),
                },
              ];
        }),
      );
    }),
});

const TOUCH_M = 0.0005;

/** An opening, and what it takes of the face round its middle. */
interface Round extends HoleRoom {
  readonly hole: Penetration;
}

function roundOf(hole: Penetration, tank: Tank, { job, index }: Pick<RunSight, 'job' | 'index'>): Round {
  // A port that stays closed takes no flange; it is as wide as it is.
  if (staysClosed(hole, tank)) return { hole, flatM: (sizeInInches(hole.size) * METRES_PER_INCH) / 2, holeM: 0 };
  const holeM = holeDiameterM(hole.id, job, index);
  return { hole, flatM: flangeRadiusM(hole.size, holeM, sealOf(hole.id, index)?.end.style), holeM: holeM ?? 0 };
}

/** It came with the tank or was made long ago: nobody drills it now. */
const isThere = ({ port, stands }: Penetration): boolean => port !== null || stands;

/** Centre to centre on the face they share, the shorter way round a wall; undefined on different faces. */
function distanceM(a: WallPlace, b: WallPlace, tank: Tank): number | undefined {
  const shape = a.face === b.face ? faceOf(tank, a.face) : undefined;
  if (!shape) return undefined;
  const along = Math.abs(a.aroundM - b.aroundM);
  const around = shape.seen === 'wall' ? Math.min(along, shape.acrossM - along) : along;
  return Math.hypot(around, shape.seen === 'plan' ? a.depthM - b.depthM : a.heightM - b.heightM);
}

/** Moved, an opening stands here; its height is what it is for, and stays. */
interface Moved {
  readonly round: Round;
  readonly to: WallPlace;
  readonly byM: number;
}

/** Places along the face at which an opening lies flat and clear of all others, the nearest first. */
function placesFor(round: Round, others: readonly Round[], tank: Tank, marksM: number): readonly Moved[] {
  const { hole } = round;
  const shape = faceOf(tank, hole.face);
  if (!shape || isThere(hole)) return [];
  const zones = noDrillZones(tank);
  const near = others.filter((other) => other.hole.face === hole.face);
  const edges = zones.flatMap((zone) =>
    zone.face === hole.face && zone.shape === 'band' && zone.along === 'round'
      ? [zone.fromM - round.flatM, zone.toM + round.flatM]
      : [],
  );
  const beside = near.flatMap((other) => {
    const acrossM = shape.seen === 'plan' ? hole.depthM - other.hole.depthM : hole.heightM - other.hole.heightM;
    const leastM = leastApartM(round, other);
    const alongM = Math.sqrt(Math.max(0, leastM ** 2 - acrossM ** 2));
    return [other.hole.aroundM - alongM, other.hole.aroundM + alongM];
  });
  const isFree = (to: WallPlace): boolean =>
    to.aroundM >= round.flatM &&
    to.aroundM <= shape.acrossM - round.flatM &&
    !zoneAt(zones, to, round.flatM) &&
    near.every((other) => (distanceM(to, other.hole, tank) ?? Infinity) >= leastApartM(round, other) - TOUCH_M);
  return [hole.aroundM, round.flatM, shape.acrossM - round.flatM, ...edges, ...beside]
    .flatMap((at) => [markBelow(at, marksM), markAbove(at, marksM)])
    .map((aroundM) => ({ ...hole, aroundM }))
    .filter(isFree)
    .map((to) => ({ round, to, byM: Math.abs(to.aroundM - hole.aroundM) }))
    .toSorted((a, b) => a.byM - b.byM);
}

/** The shorter of the two moves; where neither has a place, both. */
function apartFixes(oneId: string, otherId: string, tank: Tank, context: CheckContext): readonly Fix[] {
  const marksM = lengthStepM(context.job.measures, true);
  const all = holesOf(context.job, tank.id).map((hole) => roundOf(hole, tank, context));
  const [one, other] = [oneId, otherId].map((id) => all.find(({ hole }) => hole.id === id));
  if (!one || !other) return [];
  const without = (...out: readonly Round[]): readonly Round[] => all.filter((round) => !out.includes(round));
  const single = [one, other]
    .flatMap((round) => placesFor(round, without(round), tank, marksM).slice(0, 1))
    .toSorted((a, b) => a.byM - b.byM);
  if (single.length > 0)
    return single.map(({ round, to }) =>
      moveFix(round.hole, to, 'Move {hole} along to {round}', { hole: round.hole.label }),
    );
  const [both] = placesFor(one, without(one, other), tank, marksM)
    .flatMap((first) => {
      const stands = { ...one, hole: { ...one.hole, aroundM: first.to.aroundM } };
      const [second] = placesFor(other, [...without(one, other), stands], tank, marksM);
      return second ? [{ first, second, byM: first.byM + second.byM }] : [];
    })
    .toSorted((a, b) => a.byM - b.byM);
  if (!both) return [];
  const [first, second] = [both.first, both.second].map(({ round, to }) => moveFix(round.hole, to));
  return first && second
    ? [
        {
          ...first,
          text: 'Move {hole} along to {round} and {other} to {there}',
          data: {
            hole: one.hole.label,
            other: other.hole.label,
            round: { lengthM: both.first.to.aroundM },
            there: { lengthM: both.second.to.aroundM },
          },
          edits: [...first.edits, ...second.edits],
        },
      ]
    : [];
}
