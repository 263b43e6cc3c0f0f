import type { CheckContext } from '../derived/context';
import { placeUpM } from '../derived/heights';
import { type Penetration, type Terminal, siteFigure } from '../job/job';
import { invertM } from '../derived/levels';
import { awayM, baseLevelM } from '../derived/set-out';
import { holesOf, tankOf } from '../job/lookup';

/** Can the surplus of a tank run out by itself where it is meant to leave? */
export interface Outfall {
  readonly place: Terminal;
  readonly hole: Penetration;
  /** The lowest point of the overflow, and the place, above the finished ground [m]. */
  readonly fromM: number;
  readonly placeM: number;
  /** Along the line [m]. */
  readonly distanceM: number;
  /** What the least fall over that distance takes, and what boxes on the way take [m]. */
  readonly fallsM: number;
  readonly dropsM: number;
  /** What is left over [m]; negative: so much short. */
  readonly leftM: number;
}

/** The overflow that runs to a place: the one whose run ends there, else the first there is. */
function overflowTo(place: Terminal, { job, runs }: CheckContext): Penetration | undefined {
  const ending = runs.find(
    ({ penetration, strands }) =>
      penetration.roles.includes('overflow') && strands.some(({ end }) => end.at === 'terminal' && end.id === place.id),
  );
  if (ending) return ending.penetration;
  const taken = runs.some(({ strands }) => strands.some(({ end }) => end.at === 'terminal' && end.id === place.id));
  return taken ? undefined : job.tanks.flatMap(({ id }) => holesOf(job, id, 'overflow'))[0];
}

/** Every daylight of which height and distance are known, held against the least fall of a drain. */
export const outfalls = (context: CheckContext): readonly Outfall[] =>
  context.job.terminals.flatMap((place): readonly Outfall[] => {
    const { job } = context;
    if (place.kind !== 'daylight') return [];
    const placeM = placeUpM(job, place.id);
    const hole = overflowTo(place, context);
    const tank = tankOf(job, hole);
    const distanceM = awayM(place.id, hole?.id, job);
    if (placeM === undefined || distanceM === undefined || !hole || !tank) return [];
    const items = context.runs
      .find(({ penetration }) => penetration.id === hole.id)
      ?.strands.flatMap((one) => one.items);
    const dropsM = (items ?? []).reduce((sum, { part }) => sum + (part.dropMm ?? 0) / 1000, 0);
    const fromM = baseLevelM(tank, job) + invertM(hole, tank, context);
    const fallsM = distanceM * siteFigure(job, 'fallShare');
    return [
      {
        place,
        hole,
        fromM,
        placeM,
        distanceM,
        fallsM,
        dropsM,
        leftM: fromM - placeM - fallsM - dropsM,
      },
    ];
  });
