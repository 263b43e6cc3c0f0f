import { METRES_PER_INCH } from '../quantity/length';
import { memoize } from '../quantity/memoize';
import { sizeInInches } from '../quantity/size';
import { formOf, isUpright } from '../walls/forms';
import { volumeAtM3 } from '../walls/level';
import { DRAWS, POURS_IN } from '../walls/roles';
import type { Tank } from '../walls/tank';
import type { RunSight } from './context';
import { placeUpM } from './heights';
import { baseLevelM } from './set-out';
import { type Penetration, siteFigure } from '../job/job';
import type { RunJob } from './run-job';
import { linkedTanks, linksOf } from './linked-tanks';
import { holesOf, tankOf } from '../job/lookup';
import { isDryHousing, workingHoles } from './shut';
import { strandsOf } from './strands';

/** A float arm shuts its valve when the water stands this far under the hole of the valve (typical, value from memory). */
export const FLOAT_BELOW_M = 0.08;
/** Length of the arm of a small float valve (typical, value from memory). */
const FLOAT_ARM_M = 0.35;

/** What the levels of a tank follow from: the job, and the runs walked once. */
export type LevelContext = Pick<RunSight, 'job' | 'runs'>;

/** Levels of one tank that follow from its openings [m above its own base], and what they hold [m3]. */
export interface TankLevels {
  /** The highest the water stands. */
  readonly fullM: number;
  readonly fullBecause: 'overflow' | 'float valve' | 'brim';
  /** Below it nothing comes out: the higher of the lowest bore of an outlet and the highest point its water must pass. */
  readonly deadM: number;
  readonly deadBecause: 'outlet' | 'destination' | 'pump' | 'link' | 'nothing';
  /** The top of what settles. */
  readonly sedimentM: number;
  readonly fullM3: number;
  readonly deadM3: number;
  readonly sedimentM3: number;
  readonly usableM3: number;
  /** Where it would run over: its overflow, or the brim. */
  readonly spillsM: number;
  /** What a float valve that shuts below the overflow leaves unfilled [m3]. */
  readonly floatLosesM3: number;
}

/** The bore through an opening [m]: the least of what stands in it and what comes next, or its nominal size. */
export function boreM(hole: Penetration, { runs }: Pick<LevelContext, 'runs'>): number {
  const items = strandsOf(hole, runs)[0]?.items.slice(0, 2) ?? [];
  const least = Math.min(...items.map(({ part }) => part.boreMm / 1000));
  return Number.isFinite(least) ? least : sizeInInches(hole.size) * METRES_PER_INCH;
}

/** The level at which water enters an opening [m above the base]: the lowest point of its bore. */
export const invertM = (hole: Penetration, tank: Tank, context: Pick<LevelContext, 'runs'>): number =>
  hole.face === 'bottom' ? tank.wallM : isUpright(hole.face) ? hole.heightM - boreM(hole, context) / 2 : hole.heightM;

/** How high an opening lets water pass, over the finished ground at the tanks [m]. */
export function passesAtM(hole: Penetration, context: LevelContext): number {
  const tank = tankOf(context.job, hole);
  return tank ? invertM(hole, tank, context) + baseLevelM(tank, context.job) : Infinity;
}

/** Its highest point [m above the base]. */
export const obvertM = (hole: Penetration, tank: Tank, context: Pick<LevelContext, 'runs'>): number =>
  hole.face === 'bottom' ? tank.wallM : isUpright(hole.face) ? hole.heightM + boreM(hole, context) / 2 : hole.heightM;

/**
 * How much higher than in an upright wall a float valve shuts [m], by how its wall slopes: its arm stands square on the wall, points up
 * where the tank widens and down on a shoulder that draws in.
 */
export function armTiltsM(hole: Penetration, tank: Tank): number {
  if (!isUpright(hole.face)) return 0;
  const { right, behind, up } = formOf(tank).lookOf(tank, hole);
  return (-up / Math.max(Math.hypot(right, behind), Number.EPSILON)) * FLOAT_ARM_M;
}

/** The level at which a float valve shuts [m above the base]: as it is said, or as its arm has it. */
export const shutsAtM = (hole: Penetration, tank: Tank): number =>
  hole.shutsM ?? Math.max(0, hole.heightM - FLOAT_BELOW_M + armTiltsM(hole, tank));

/** What has been worked out of a job: its runs follow from it, so the job alone is the key. */
interface Known {
  /** `not-shown`: the job shows a part of another, in which it cannot be told. */
  groups: readonly (readonly Tank[])[] | 'not-shown' | undefined;
  readonly levels: Map<string, TankLevels> | 'not-shown';
  readonly spills: Map<readonly Tank[], ReadonlyMap<string, number>>;
  /** Where the pumps that hang in the tanks draw. */
  intakes: Intakes;
}
/** By the opening that a pump hangs behind, how high it draws [m above the base of its tank]. */
type Intakes = () => ReadonlyMap<string, number>;
const NO_INTAKES: Intakes = () => new Map();
const knownOf = memoize<RunJob, Known>(() => ({
  groups: undefined,
  levels: new Map(),
  spills: new Map(),
  intakes: NO_INTAKES,
}));

/** Says how what hangs in the tanks of a job is found: where it comes to follows from how its parts lie, which is worked out later. */
export function giveIntakes(job: RunJob, intakes: Intakes): void {
  knownOf(job).intakes = intakes;
}

/**
 * Says the levels of the tanks of a job that shows a part of another, by their ids: they follow from what it does not
 * show. Without them nobody may ask.
 */
export const giveLevels = (job: RunJob, levels?: ReadonlyMap<string, TankLevels>): void =>
  knownOf.know(job, {
    groups: 'not-shown',
    levels: levels ? new Map(levels) : 'not-shown',
    spills: new Map(),
    intakes: NO_INTAKES,
  });

/** The tanks that share their water with this one, itself among them. */
export function sharingWith(tank: Tank, context: LevelContext): readonly Tank[] {
  const known = knownOf(context.job);
  known.groups ??= linkedTanks(context);
  if (known.groups === 'not-shown') throw new RangeError('sharingWith: asked of a part of a job');
  return known.groups.find((group) => group.some(({ id }) => id === tank.id)) ?? [tank];
}

interface Outlet {
  readonly levelM: number;
  readonly because: TankLevels['deadBecause'];
}

/** The level below which one outlet gives nothing. */
function outletOf(hole: Penetration, tank: Tank, context: LevelContext): Outlet {
  if (hole.roles.includes('pump-line')) {
    const intakeM = tank.pump?.intakeM ?? knownOf(context.job).intakes().get(hole.id);
    if (intakeM !== undefined) return { levelM: intakeM, because: 'pump' };
  }
  const lowest = invertM(hole, tank, context);
  if (hole.roles.includes('pump-line')) return { levelM: lowest, because: 'outlet' };
  const ends = strandsOf(hole, context.runs).flatMap(({ end }) =>
    end.at === 'terminal' ? [placeUpM(context.job, end.id) ?? -Infinity] : [],
  );
  // Of several places on one outlet the lowest says what can be drawn; each is told what it gets.
  const highest = Math.min(Infinity, ...ends) - baseLevelM(tank, context.job);
  return Number.isFinite(highest) && highest > lowest
    ? { levelM: highest, because: 'destination' }
    : { levelM: lowest, because: 'outlet' };
}

const lowestOf = (outlets: readonly Outlet[]): Outlet | undefined => outlets.toSorted((a, b) => a.levelM - b.levelM)[0];

const ownOutlet = (tank: Tank, context: LevelContext): Outlet | undefined =>
  lowestOf(workingHoles(context, tank.id, ...DRAWS).map((hole) => outletOf(hole, tank, context)));

/** Below which nothing comes out of a tank: by its own outlets, or through a link by another tank's. */
function deadOf(tank: Tank, context: LevelContext): Outlet | undefined {
  const own = ownOutlet(tank, context);
  const links = workingHoles(context, tank.id, 'link').map((hole) => invertM(hole, tank, context));
  const others = links.length === 0 ? [] : sharingWith(tank, context).filter(({ id }) => id !== tank.id);
  const through = others.flatMap((other): Outlet[] => {
    const outlet = ownOutlet(other, context);
    if (!outlet) return [];
    const levelM = Math.max(
      Math.min(...links),
      outlet.levelM + baseLevelM(other, context.job) - baseLevelM(tank, context.job),
    );
    return [{ levelM, because: 'link' }];
  });
  return lowestOf([...(own ? [own] : []), ...through]);
}

/** Full, dead, sediment and usable water of one tank as its openings are now. */
export function levelsOf(tank: Tank, context: LevelContext): TankLevels {
  const { levels } = knownOf(context.job);
  if (levels === 'not-shown') throw new RangeError('levelsOf: asked of a part of a job that shows none');
  const found = levels.get(tank.id) ?? workOutLevels(tank, context);
  levels.set(tank.id, found);
  return found;
}

/**
 * The levels at which tanks that share their water spill by an overflow, their own or one that their water comes to through links,
 * over the finished ground at the tanks [m]: a link that lies higher than the overflow behind it rules. Infinite where there is none.
 */
function spillsOf(group: readonly Tank[], context: LevelContext): ReadonlyMap<string, number> {
  const spills = new Map(
    group.map(({ id }) => [
      id,
      Math.min(Infinity, ...workingHoles(context, id, 'overflow').map((hole) => passesAtM(hole, context))),
    ]),
  );
  const links = group.length < 2 ? [] : linksOf(context);
  // What one tank spills at, the next does at once or at the height of the link; no way is longer than all tanks.
  for (let turn = 1; turn < group.length; turn++)
    for (const { from, to } of links) {
      const passM = Math.max(passesAtM(from, context), passesAtM(to, context));
      const [one, other] = [spills.get(from.tankId), spills.get(to.tankId)];
      if (one === undefined || other === undefined) continue;
      spills.set(from.tankId, Math.min(one, Math.max(other, passM)));
      spills.set(to.tankId, Math.min(other, Math.max(one, passM)));
    }
  return spills;
}

/** Worked out once for each group: the groups of a job are, too. */
function spillsAtM(tank: Tank, context: LevelContext): number {
  const group = sharingWith(tank, context);
  const { spills } = knownOf(context.job);
  const found = spills.get(group) ?? spillsOf(group, context);
  spills.set(group, found);
  return found.get(tank.id) ?? Infinity;
}

/** In a chamber that is kept dry no water stands, however it is made. */
const dryOf = ({ brimM }: Tank): TankLevels => ({
  fullM: 0,
  spillsM: brimM,
  fullBecause: 'brim',
  deadM: 0,
  deadBecause: 'nothing',
  sedimentM: 0,
  fullM3: 0,
  deadM3: 0,
  sedimentM3: 0,
  usableM3: 0,
  floatLosesM3: 0,
});

function workOutLevels(tank: Tank, context: LevelContext): TankLevels {
  const { job } = context;
  if (isDryHousing(context, tank.id)) return dryOf(tank);
  const spillsM = Math.min(tank.brimM, spillsAtM(tank, context) - baseLevelM(tank, job));
  const floats = holesOf(job, tank.id, 'float-fill').map((hole) => shutsAtM(hole, tank));
  const rainComes = holesOf(job, tank.id, ...POURS_IN).length > 0;
  const shutsM = Math.min(...floats, Infinity);
  const floatRules = !rainComes && shutsM < spillsM;
  const fullM = Math.max(0, floatRules ? shutsM : spillsM);
  const dead = deadOf(tank, context);
  const deadM = dead ? Math.min(Math.max(0, dead.levelM), tank.brimM) : 0;
  const sedimentM = siteFigure(job, 'sedimentM') + tank.wallM;
  const [fullM3, deadM3] = [volumeAtM3(tank, fullM), volumeAtM3(tank, deadM)];
  return {
    fullM,
    spillsM,
    fullBecause: floatRules ? 'float valve' : spillsM < tank.brimM ? 'overflow' : 'brim',
    deadM,
    deadBecause: dead?.because ?? 'nothing',
    sedimentM,
    fullM3,
    deadM3,
    sedimentM3: volumeAtM3(tank, sedimentM),
    usableM3: Math.max(0, fullM3 - deadM3),
    floatLosesM3: floatRules ? Math.max(0, volumeAtM3(tank, spillsM) - fullM3) : 0,
  };
}
