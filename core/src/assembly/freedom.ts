import type { JudgedJoint } from '../derived/context';
import type { Material } from '../connections/material';
import { type Part, isByLength, outsideMmOf } from '../fittings/part';
import type { Terminal } from '../job/job';
import { emptyKg } from '../walls/stand';
import type { Tank } from '../walls/tank';
import { isFlexible } from '../fittings/flexible';
import { natureOf } from './joint-nature';

/** How a part, a joint or what a run ends at can move while the run is made. */
export type Freedom =
  /** It stays as it is. */
  | { readonly is: 'fixed' }
  /** Its axis stays; it can be moved along it. */
  | { readonly is: 'slides' }
  /** A nut, or its own half, turns and draws back while the rest stays. */
  | { readonly is: 'turns' }
  /** It can be bent by hand, no tighter than this radius of its axis [m]. */
  | { readonly is: 'bends'; readonly radiusM: number }
  /** It hangs free, or can be shifted while it is empty: it comes to meet what is joined to it. */
  | { readonly is: 'loose' };

/**
 * Least radius of the axis, as a multiple of the outside diameter, to which it is bent cold and stays round (common practice;
 * for polyethylene the 20 to 25 diameters of its makers at 20 C, from memory).
 */
const BENDS_TO: Partial<Readonly<Record<Material, number>>> = {
  polyethylene: 25,
  pex: 8,
  'vinyl-hose': 6,
  rubber: 6,
};

/** What a part gives of itself, whatever it is joined with. */
export function freedomOfPart(part: Part): Freedom {
  if (part.features.includes('union-nut')) return { is: 'turns' };
  if (part.features.includes('slip')) return { is: 'slides' };
  if (!isFlexible(part)) return { is: 'fixed' };
  return { is: 'bends', radiusM: ((BENDS_TO[part.material] ?? 0) * outsideMmOf(part)) / 1000 };
}

/**
 * By how much the ends of a piece come nearer to each other when it is bowed aside to its least radius, both ends still
 * looking the way they did [m]: four arcs, to one side, back, and straight again (closed formula: length less chord). A piece
 * twice as long gives some eight times as much.
 *
 * @param lengthM  of the piece, from end to end
 * @param radiusM  least radius of its axis
 */
export const bowGivesM = (lengthM: number, radiusM: number): number =>
  radiusM > 0 ? lengthM - 4 * radiusM * Math.sin(Math.min(lengthM / (4 * radiusM), QUARTER)) : lengthM;

const QUARTER = Math.PI / 2;
const HALVINGS = 40;

/** The least length of a piece that gives so much when it is bowed [m]: `bowGivesM` the other way. */
export function lengthThatGivesM(giveM: number, radiusM: number): number {
  let [short, long] = [0, giveM + 4 * radiusM * QUARTER];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (short + long) / 2;
    if (bowGivesM(middle, radiusM) < giveM) short = middle;
    else long = middle;
  }
  return long;
}

/** Two people shift as much without a machine [kg] (25 kg each, the usual bound of hand work; from memory). */
const SHIFTED_KG = 50;

/** A new tank that is light, and not let into the ground, is shifted along its base on to a joint; one that stands and works is full. */
export const freedomOfTank = (tank: Tank): Freedom =>
  tank.buriedM === 0 && !tank.stands && emptyKg(tank) <= SHIFTED_KG ? { is: 'loose' } : { is: 'fixed' };

/** What ends in the open air or in drip tube hangs free; other places stand (unless somebody has said so). */
export const freedomOfPlace = ({ loose, kind }: Terminal): Freedom =>
  (loose ?? (kind === 'drip-line' || kind === 'daylight')) ? { is: 'loose' } : { is: 'fixed' };

/** Pipe in a gasket of a wall can be pushed on into the tank and drawn back; what goes to a stop cannot. */
export const slidesThrough = ({ a, b }: Pick<JudgedJoint, 'a' | 'b'>): boolean =>
  [a, b].some(({ end }) => end?.kind === 'gasket');

/** How a joint lets its two sides move once it is made: pipe in a gasket slides, a nut that is held turns, all else stays. */
export function freedomOfJoint(judged: JudgedJoint): Freedom {
  if (slidesThrough(judged)) return { is: 'slides' };
  const nature = natureOf(judged);
  return { is: nature === 'by-hand' ? 'turns' : nature === 'free' ? 'loose' : 'fixed' };
}

/** What the two sides of a joint must do for it to be the last that is made. */
export interface ToBeMade {
  /** One side must be turned against the other. */
  readonly turned: boolean;
  /** They must stand apart along the axis by so much before they go together [mm]. */
  readonly apartMm: number;
}

/**
 * What a joint asks for when it is made last. A nut, a flange, a saddle and a rubber sleeve are drawn together where they
 * are; all else goes in by its depth, and a thread turns on the way (common practice).
 */
export function toBeMade(judged: JudgedJoint): ToBeMade {
  const nature = natureOf(judged);
  const ends = [judged.a.end, judged.b.end];
  const inPlace =
    nature === 'free' ||
    ends.some((end) => end?.kind === 'flange' || (end?.kind === 'thread' && end.swivel === true)) ||
    ends.some((end) => end?.kind === 'pipe' && (end.part === 'saddle' || end.part === 'sleeve'));
  return { turned: nature === 'turns', apartMm: inPlace ? 0 : judged.mating.engagementMm };
}

/** How much a piece gives of its length when it is bowed [m]; undefined where its length is not known. */
export function givesM(part: Part, lengthM: number | null): number | undefined {
  const freedom = freedomOfPart(part);
  if (freedom.is !== 'bends') return 0;
  const own = isByLength(part) ? lengthM : (part.readyM ?? null);
  return own === null ? undefined : bowGivesM(own, freedom.radiusM);
}
