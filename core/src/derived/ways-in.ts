import { spotOf } from '../walls/forms';
import { type Reach, type WayIn, ownWayIn, reachOf } from '../walls/access';
import type { Tank } from '../walls/tank';
import type { RunJob } from './run-job';
import { type Penetration, siteFigure } from '../job/job';
import { holesOf } from '../job/lookup';
import { holeDiameterM } from './resolve';
import type { JobIndex } from './run';

/** Every opening of a tank that a hand or a pump could go through: its own lid, and what was cut as access. */
export function waysIn(tank: Tank, job: RunJob, index: JobIndex): readonly WayIn[] {
  const own = ownWayIn(tank);
  const cut = holesOf(job, tank.id, 'access').flatMap((hole): WayIn[] => {
    const widthM = holeDiameterM(hole.id, job, index);
    return widthM === undefined ? [] : [{ ...spotOf(tank, hole), widthM }];
  });
  return [...(own ? [own] : []), ...cut];
}

/** Whether a hand reaches the inside of an opening, by the arm of this job. */
export const reachInto = (hole: Penetration, tank: Tank, job: RunJob, index: JobIndex): Reach =>
  reachOf(tank, hole, waysIn(tank, job, index), siteFigure(job, 'armM'));
