import { type Leg, coursesOf } from '../assembly/course';
import type { CheckContext } from '../derived/context';
import { invertM, sharingWith } from '../derived/levels';
import { baseLevelM } from '../derived/set-out';
import type { Penetration } from '../job/job';
import { holesOf, tankOf } from '../job/lookup';
import { isUpright } from '../walls/forms';
import type { Tank } from '../walls/tank';

/** A fill that stops by itself: once the tank stands as high as its diverter, the surplus goes on down the downpipe. */
export interface SelfStopping {
  readonly hole: Penetration;
  readonly tank: Tank;
  readonly diverter: Leg;
  /** Where the diverter spills, above the finished ground [m]. */
  readonly spillM: number;
  /** The lowest opening of the tanks that water could leave by, and what it is called. */
  readonly lowestM: number;
  readonly lowest: string;
  readonly lowestHole: Penetration | undefined;
  readonly sure: boolean;
}

/** Openings at which nothing holds water back. */
const UNSEALED = ['overflow', 'vent', 'cord-entry', 'inlet', 'access'] as const;

/** Every diverter in a run that fills a tank, held against the lowest opening of what it fills. */
export const selfStopping = (context: CheckContext): readonly SelfStopping[] =>
  context.runs.flatMap(({ penetration: hole }): readonly SelfStopping[] => {
    if (!hole.roles.includes('inlet')) return [];
    const tank = tankOf(context.job, hole);
    const legs = coursesOf(context).get(hole.id)?.strands.flat() ?? [];
    const diverter = legs.find(({ part }) => part.diverts !== undefined);
    if (!tank || !diverter) return [];
    const group = sharingWith(tank, context);
    const openings = group.flatMap((one) => [
      { atM: baseLevelM(one, context.job) + one.brimM, name: `the brim of ${one.label}`, hole: undefined },
      ...holesOf(context.job, one.id, ...UNSEALED)
        // What fills it by hose is filled up to its diverter; it is no way out.
        .filter((other) => other.id !== hole.id && isUpright(other.face))
        .map((other) => ({
          atM: baseLevelM(one, context.job) + invertM(other, one, context),
          name: `${other.label} ${other.name.toLowerCase()}`,
          hole: other,
        })),
    ]);
    const lowest = openings.toSorted((a, b) => a.atM - b.atM)[0];
    return lowest
      ? [
          {
            hole,
            tank,
            diverter,
            spillM: diverter.through.up,
            lowestM: lowest.atM,
            lowest: lowest.name,
            lowestHole: lowest.hole,
            sure: diverter.sure && diverter.assumed.length === 0,
          },
        ]
      : [];
  });
