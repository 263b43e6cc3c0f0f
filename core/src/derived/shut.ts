import type { OwnSeal, Penetration } from '../job/job';
import { holesOf, tankOf } from '../job/lookup';
import { wallSealStyle } from '../connections/standards/wall-seals';
import { closesEnd } from '../fittings/capability';
import type { Role } from '../walls/roles';
import type { RunSight } from './context';
import { staysClosed } from './ports';
import type { Strand } from './run';
import { strandsOf } from './strands';

type Sight = Pick<RunSight, 'job' | 'runs'>;

/** What somebody puts into or over a hole so that nothing goes through: it keeps out what crawls and falls. */
export const COVERS: readonly OwnSeal[] = ['cap', 'plug', 'hatch', 'second-lid'];

/** Does a line end in what closes it? */
export const endsClosed = ({ end, items }: Strand): boolean => {
  const last = items.at(-1);
  return end.at === 'closed' && last !== undefined && closesEnd(last.part);
};

/**
 * Does an opening let nothing through, water or air? A port that stays closed, a hole with a cover in it, and one of which every
 * line ends in a plug or a cap. What nobody has finished yet is taken for open: it is meant to be.
 */
export function isShut(hole: Penetration, { job, runs }: Sight): boolean {
  if (staysClosed(hole, tankOf(job, hole))) return true;
  const strands = strandsOf(hole, runs);
  if (hole.ownSeal !== null && COVERS.includes(hole.ownSeal)) return strands.every(({ items }) => items.length === 0);
  return strands.length > 0 && strands.every(endsClosed);
}

/** What goes through the walls of a dry chamber in which a pump stands. */
const OF_A_HOUSING: readonly Role[] = ['pump-line', 'cord-entry', 'access', 'vent', 'clearance', 'drain'];

/** Is it a dry chamber for a pump: a pump line through it, and nothing by which water is kept in it or drawn from it? */
export function isDryHousing({ job }: Pick<Sight, 'job'>, tankId: string): boolean {
  const holes = holesOf(job, tankId);
  return (
    holes.filter(({ roles }) => roles.includes('pump-line')).length > 1 &&
    holes.every(({ roles }) => roles.every((role) => OF_A_HOUSING.includes(role)))
  );
}

/** What a grate in the top lets through whatever it is for: air, and in a storm the surplus. */
const BY_A_GRATE: readonly Role[] = ['vent', 'overflow'];

/** Is it an opening in a top with a grate in it and nothing on that? */
export function isGrated(hole: Penetration, { runs }: Pick<Sight, 'runs'>): boolean {
  const [first, ...others] = strandsOf(hole, runs)[0]?.items ?? [];
  return (
    hole.face === 'top' &&
    others.length === 0 &&
    first?.part.features.includes('screen') === true &&
    first.part.ends.some(({ end }) => end.kind === 'wall-seal' && wallSealStyle(end.style).where === 'top')
  );
}

/** The openings of a tank that do what they are for: with one of these roles, and not shut. */
export const workingHoles = (sight: Sight, tankId: string, ...roles: readonly Role[]): readonly Penetration[] => {
  const byGrate = roles.some((role) => BY_A_GRATE.includes(role));
  return holesOf(sight.job, tankId).filter(
    (hole) =>
      (hole.roles.some((role) => roles.includes(role)) || (byGrate && isGrated(hole, sight))) && !isShut(hole, sight),
  );
};
