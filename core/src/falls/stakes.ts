import type { CheckContext } from '../derived/context';
import { upOf } from '../derived/heights';
import { baseLevelM } from '../derived/set-out';
import { drainLegs } from './drain';
import { outfalls } from './outfall';

/** A height to set out: a stake, a line or a mark on a wall. */
export interface Stake {
  readonly id: string;
  readonly what: string;
  /** Where it shall be, above the finished ground at the tanks [m]. */
  readonly wantedM: number;
  /** Where the ground is there now [m]; undefined where nobody has read it or it does not matter. */
  readonly presentM: number | undefined;
}

/** Every height to set out, from the tanks outward: bases, both ends of what must fall, outfalls, finished ground. */
export function stakes(context: CheckContext): readonly Stake[] {
  const { job } = context;
  const bases = job.tanks.map((tank) => ({
    id: `base ${tank.id}`,
    what: `Base of ${tank.label}`,
    wantedM: baseLevelM(tank, job),
    presentM: undefined,
  }));
  const pipes = drainLegs(context).flatMap(({ run, leg, fromM, toM }): readonly Stake[] => {
    // The pipe is set out by the lowest point of its bore.
    const below = leg.part.boreMm / 2000;
    const name = `${run.penetration.label} ${leg.part.name.toLowerCase()}`;
    const ends = [
      { id: `high ${leg.placed.id}`, what: `${name}, invert at its high end`, wantedM: fromM - below },
      { id: `low ${leg.placed.id}`, what: `${name}, invert at its low end`, wantedM: toM - below },
    ];
    return ends.map((one) => ({ ...one, presentM: undefined }));
  });
  const ends = outfalls(context).map(({ place, placeM }) => ({
    id: `outfall ${place.id}`,
    what: `Outfall at ${place.name}`,
    wantedM: placeM,
    presentM: undefined,
  }));
  const grounds = job.marks.flatMap(({ id, name, kind, finishedM }) =>
    kind === 'ground' && finishedM !== null
      ? [
          {
            id: `ground ${id}`,
            what: `Finished ground, ${name}`,
            wantedM: finishedM,
            presentM: upOf(job, { of: 'mark', id }),
          },
        ]
      : [],
  );
  return [...bases, ...pipes, ...ends, ...grounds];
}
