import { judge } from '../connections/mate';
import type { HoleEnd } from '../connections/end';
import { type Misfit, gapUnderWasher, misfitsOf } from '../connections/families/seal-in-hole';
import { MATERIAL_NAMES } from '../connections/material';
import { holdsAtAll } from '../connections/mating';
import { pipeOf } from '../connections/standards/pipes';
import { WALL_SEAL_STYLES, wallSealSize, wallSealStyle } from '../connections/standards/wall-seals';
import type { WallKind, WallSealSize, WallSealStyle } from '../connections/standards/wall-seals/wall-seal';
import { wallFittingsOf } from '../fittings/catalogue';
import { type Part, isSoldIn } from '../fittings/part';
import { type NominalSize, sizeInInches, sizeWords } from '../quantity/size';
import { memoizeBoth } from '../quantity/memoize';
import type { Values } from '../quantity/values';
import { HAND_M } from '../walls/access';
import { isUpright, wallRadiusM } from '../walls/forms';
import type { Tank } from '../walls/tank';
import { ROLE_NAMES, type Role } from '../walls/roles';
import { tankType, wallKindOf } from '../walls/tank-types';
import type { RunSight } from './context';
import type { Penetration } from '../job/job';
import { levelsOf } from './levels';
import { tankOf } from '../job/lookup';
import { strandsOf } from './strands';
import { sealOf } from './resolve';
import { reachInto } from './ways-in';

/** One figure against another, in a sentence: why a way is ruled out or warned of. */
export interface WayReason {
  /** `doubt`: nobody rates it, and it is done: to be looked at, and no fault. */
  readonly about:
    | 'size'
    | 'role'
    | 'wall'
    | 'thick'
    | 'thin'
    | 'curve'
    | 'water'
    | 'face'
    | 'reach'
    | 'liner'
    | 'hole'
    | 'pipe'
    | 'doubt';
  readonly rulesOut: boolean;
  readonly text: string;
  readonly data: Values;
}

/** One way to seal one opening. */
export interface SealWay {
  readonly style: WallSealStyle;
  readonly verdict: 'allowed' | 'warned' | 'ruled-out';
  /** What rules it out first, then what is warned of. */
  readonly reasons: readonly WayReason[];
  /** The row of the opening's size; undefined where the way is not made in it. */
  readonly row: WallSealSize | undefined;
  /** What the catalogue has of it in this size. */
  readonly parts: readonly Part[];
}

const bySize = (a: NominalSize, b: NominalSize): number => sizeInInches(a) - sizeInInches(b);

/** A parallel thread seals on a face, which most of what is screwed on has not. */
const wantsFace = ({ ends }: Part): boolean => ends.some(({ end }) => end.kind === 'thread' && end.standard === 'g');

/**
 * Every way to seal an opening in its wall, with what stands for and against it: by size, material, thickness and curve
 * of the wall, the water in front of it, the face, whether a hand reaches the nut, and the pipe that is to go through. Among
 * the parts of a way what is sold where the work is comes first, and of that what a taper seals in.
 */
export function sealWays(hole: Penetration, tank: Tank, context: RunSight): readonly SealWay[] {
  const partsOf = wallFittingsOf(context.catalogue);
  const { region } = context.job;
  const last = (part: Part): number => (isSoldIn(part, region) ? 0 : 2) + (wantsFace(part) ? 1 : 0);
  return WALL_SEAL_STYLES.map((style) =>
    judgeWay(
      style,
      hole,
      tank,
      context,
      partsOf(style.id, hole.size).toSorted((a, b) => last(a) - last(b)),
    ),
  );
}

/** How one way stands at one opening. */
export function judgeWay(
  style: WallSealStyle,
  hole: Penetration,
  tank: Tank,
  context: RunSight,
  parts: readonly Part[],
): SealWay {
  const row = style.sizes.find(({ size }) => size === hole.size);
  const reasons = [
    ...(row ? [] : [sizeReason(style, hole)]),
    ...roleReasons(style, hole, parts),
    ...wallReasons(style, tank),
    ...(row ? fitReasons(style, hole, tank, row) : []),
    ...waterReasons(style, hole, tank, row, context),
    ...(row ? reachReasons(style, hole, tank, row, context) : []),
    ...pipeReasons(style, hole, context),
  ].sort((a, b) => Number(b.rulesOut) - Number(a.rulesOut));
  return {
    style,
    verdict: reasons.some(({ rulesOut }) => rulesOut) ? 'ruled-out' : reasons.length > 0 ? 'warned' : 'allowed',
    reasons,
    row,
    parts: suitingIn(parts, hole),
  };
}

/** How what stands in a hole stands there; undefined for a port, where nothing does, and where its tank is not known. */
export const placedWay: (context: RunSight, hole: Penetration) => SealWay | undefined = memoizeBoth(
  (context: RunSight, hole: Penetration) => {
    const [tank, seal] = [tankOf(context.job, hole), sealOf(hole.id, context.index)];
    if (!tank || !seal) return undefined;
    return judgeWay(wallSealStyle(seal.end.style), { ...hole, size: seal.end.size }, tank, context, [seal.part]);
  },
);

const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

function sizeReason({ called, sizes }: WallSealStyle, hole: Penetration): WayReason {
  const made = sizes.map(({ size }) => size).sort(bySize);
  const [least = hole.size, most = hole.size] = [made[0], made.at(-1)];
  return {
    about: 'size',
    rulesOut: true,
    text: '{a} is made from {least} to {most}, not in {size}.',
    data: { a: `A ${called}`, least: sizeWords(least), most: sizeWords(most), size: sizeWords(hole.size) },
  };
}

/** What a way that is made for one purpose is for, and how it is said where the opening is for something else. */
const PURPOSES: Readonly<
  Record<NonNullable<WallSealStyle['purpose']>, { readonly roles: readonly Role[]; readonly is: string }>
> = {
  valve: { roles: ['draw-off', 'drain', 'float-fill'], is: 'is a tap or a float valve by itself' },
  cord: { roles: ['cord-entry'], is: 'closes round a cord' },
  cover: { roles: ['spare', 'clearance', 'access'], is: 'closes a hole' },
  air: { roles: ['vent', 'overflow', 'inlet'], is: 'lets air and water through' },
};

/** What a way does instead of what an opening is for; undefined where it does that. */
function doesInstead(
  { purpose, called }: WallSealStyle,
  hole: Penetration,
  parts: readonly Part[],
): Values | undefined {
  if (purpose !== undefined && !hole.roles.some((role) => PURPOSES[purpose].roles.includes(role)))
    return { called, is: PURPOSES[purpose].is };
  const [wrong] = suitingIn(parts, hole).length > 0 ? [] : parts;
  return wrong && { called: wrong.name.toLowerCase(), is: `lets water ${isFloat(wrong) ? 'in' : 'out'}` };
}

function roleReasons(style: WallSealStyle, hole: Penetration, parts: readonly Part[]): WayReason[] {
  const instead = doesInstead(style, hole, parts);
  if (!instead) return [];
  return [
    {
      about: 'role',
      rulesOut: true,
      text: 'A {called} {is}; this opening is for: {roles}.',
      data: { ...instead, roles: hole.roles.map((role) => ROLE_NAMES[role].toLowerCase()).join(', ') },
    },
  ];
}

const isFloat = ({ features }: Part): boolean => features.includes('float-arm');
const isTap = ({ features }: Part): boolean => features.includes('spout');

/** Of taps and float valves those that do what an opening is for: the one lets water out, the other in. */
const suitingIn = (parts: readonly Part[], { roles }: Pick<Penetration, 'roles'>): readonly Part[] =>
  parts.filter((part) => isFloat(part) === roles.includes('float-fill') || !(isFloat(part) || isTap(part)));

const KIND_NAMES: Readonly<Record<WallKind, string>> = {
  plastic: 'plastic',
  metal: 'sheet metal',
  concrete: 'concrete',
};

function wallReasons(style: WallSealStyle, tank: Tank): WayReason[] {
  if (style.walls.includes(wallKindOf(tank))) return [];
  return [
    {
      about: 'wall',
      rulesOut: true,
      text: 'Made for walls of {for}; this one is {is}, {wall} thick.',
      data: {
        for: style.walls.map((one) => KIND_NAMES[one]).join(' or '),
        is: MATERIAL_NAMES[tankType(tank.type).material],
        wall: { lengthM: tank.wallM },
      },
    },
  ];
}

/** What each misfit of hole, wall and curve is about, and whether something can be done about it. */
const MISFITS: Readonly<Record<Misfit, Pick<WayReason, 'about' | 'rulesOut' | 'text'>>> = {
  'hole-too-small': {
    about: 'hole',
    rulesOut: false,
    text: 'The hole is {hole}; the {called} needs {leastHole}: open it.',
  },
  'hole-too-large': {
    about: 'hole',
    rulesOut: true,
    text: 'The hole is {hole}; the {called} covers at most {mostHole}.',
  },
  'wall-too-thick': { about: 'thick', rulesOut: true, text: 'The wall is {wall} thick; it grips at most {mostWall}.' },
  'wall-too-thin': {
    about: 'thin',
    rulesOut: false,
    text: 'The wall is {wall} thick; it needs at least {leastWall}: back it with a plate.',
  },
  'curve-too-sharp': {
    about: 'curve',
    rulesOut: true,
    text: 'On a radius of {radius} a {called} of {flange} stands {gap} off at its edge; it is made for {leastRadius}, {takes} off.',
  },
  'curve-in-doubt': {
    about: 'doubt',
    rulesOut: false,
    text: 'On a radius of {radius} a {called} of {flange} may need a flatter place: {leastRadius} is flat enough for sure, {mayRadius} has been done.',
  },
};

/** Hole, thickness and curve, compared as the joint compares them. */
function fitReasons({ called }: WallSealStyle, hole: Penetration, tank: Tank, row: WallSealSize): WayReason[] {
  const radiusM = wallRadiusM(tank, hole);
  const end: HoleEnd = {
    kind: 'hole',
    diameterMm: hole.holeM === null ? row.typicalHoleMm : hole.holeM * 1000,
    wallMm: tank.wallM * 1000,
    ...(radiusM === undefined ? {} : { wallRadiusMm: radiusM * 1000 }),
  };
  const misfits = misfitsOf(end, row);
  if (misfits.length === 0) return [];
  const mm = (value: number): Values[string] => ({ lengthM: value / 1000 });
  const data: Values = {
    called,
    hole: mm(end.diameterMm),
    leastHole: mm(row.holeMm[0]),
    mostHole: mm(row.holeMm[1]),
    wall: mm(end.wallMm),
    leastWall: mm(row.gripMm[0]),
    mostWall: mm(row.gripMm[1]),
    flange: mm(row.flangeMm),
    radius: mm(end.wallRadiusMm ?? 0),
    gap: mm(gapUnderWasher(row.flangeMm, end.wallRadiusMm ?? Infinity)),
    leastRadius: mm(row.leastRadiusMm),
    mayRadius: mm(row.mayRadiusMm ?? row.leastRadiusMm),
    takes: mm(gapUnderWasher(row.flangeMm, row.leastRadiusMm)),
  };
  return misfits.map((misfit) => ({ ...MISFITS[misfit], data }));
}

/** The lowest edge of an opening [m above the base]. */
const lowestEdgeM = (hole: Penetration, row: WallSealSize | undefined): number =>
  hole.face === 'bottom'
    ? 0
    : isUpright(hole.face)
      ? hole.heightM - (hole.holeM ?? (row?.typicalHoleMm ?? 0) / 1000) / 2
      : hole.heightM;

/** Does water ever stand at an opening, so that what seals it must hold water? By the highest water of its tank. */
export function mustHoldWater(hole: Penetration, tank: Tank, context: RunSight): boolean {
  const seal = sealOf(hole.id, context.index);
  const row = seal && wallSealSize(seal.end.style, seal.end.size);
  return lowestEdgeM(hole, row) < levelsOf(tank, context).fullM;
}

function waterReasons(
  style: WallSealStyle,
  hole: Penetration,
  tank: Tank,
  row: WallSealSize | undefined,
  context: RunSight,
): WayReason[] {
  const { fullM } = levelsOf(tank, context);
  const lowestM = lowestEdgeM(hole, row);
  const wet = lowestM < fullM;
  const reasons: WayReason[] = [];
  if (style.where === 'dry' && wet)
    reasons.push({
      about: 'water',
      rulesOut: true,
      text: 'It keeps insects out, not water in: its lowest edge is {edge} up, the water stands to {full}.',
      data: { edge: { lengthM: Math.max(0, lowestM) }, full: { lengthM: fullM } },
    });
  if (style.where === 'top' && hole.face !== 'top')
    reasons.push({
      about: 'face',
      rulesOut: true,
      text: 'It lies in a top; this opening is in the {face}.',
      data: { face: hole.face },
    });
  if (wet && tankType(tank.type).lined && !style.clampsLiner)
    reasons.push({
      about: 'liner',
      rulesOut: !style.washer,
      text: 'The liner of {tank} has to be clamped at every opening below {full}; a {called} does not clamp it by a flange of its own.',
      data: { tank: tank.label, full: { lengthM: fullM }, called: style.called },
    });
  return reasons;
}

function reachReasons(
  style: WallSealStyle,
  hole: Penetration,
  tank: Tank,
  row: WallSealSize,
  { job, index }: RunSight,
): WayReason[] {
  if (!style.needsHand) return [];
  const { reaches, distanceM, openingM, armM } = reachInto(hole, tank, job, index);
  if (reaches) return [];
  const flangeM = row.flangeMm / 1000;
  const passes = style.onACord && openingM >= flangeM;
  if (passes && hole.drawnIn) return [];
  const cord = passes ? ' It may be drawn in on a cord.' : '';
  return [
    distanceM === undefined
      ? {
          about: 'reach',
          rulesOut: !passes,
          text: `No hand gets inside: the widest opening is {opening}, a hand needs {hand}.${cord}`,
          data: { opening: { lengthM: openingM }, hand: { lengthM: HAND_M } },
        }
      : {
          about: 'reach',
          rulesOut: !passes,
          text: `No hand gets to the nut: it is {distance} from the way in, an arm reaches {arm}.${cord}`,
          data: { distance: { lengthM: distanceM }, arm: { lengthM: armM } },
        },
  ];
}

/** A lip takes only the pipe it is made for: what the next pipe of the run says about it. */
function pipeReasons(style: WallSealStyle, hole: Penetration, { runs, catalogue }: RunSight): WayReason[] {
  const items = strandsOf(hole, runs)[0]?.items ?? [];
  const pipe = items.slice(0, 2).flatMap(({ part, inEnd }) => {
    const end = part.ends[inEnd]?.end;
    return end?.kind === 'pipe' && end.part === 'spigot' ? [end] : [];
  })[0];
  if (!pipe) return [];
  const lips = wallFittingsOf(catalogue)(style.id, hole.size).flatMap(({ ends: [, lip] }) =>
    lip?.end.kind === 'gasket' ? [lip.end] : [],
  );
  const [first] = lips;
  if (!first || lips.some((lip) => holdsAtAll(judge(lip, pipe).verdict))) return [];
  return [
    {
      about: 'pipe',
      rulesOut: true,
      text: `The pipe is {is} outside; the ${style.called} is made for {for}.`,
      data: {
        is: { lengthM: pipeOf(pipe).outsideMm / 1000 },
        for: { lengthM: pipeOf(first).outsideMm / 1000 },
      },
    },
  ];
}

/** The words of a verdict, as they stand beside a way. */
export const WAY_WORDS: Readonly<Record<SealWay['verdict'], string>> = {
  allowed: 'Allowed',
  warned: 'With care',
  'ruled-out': 'Ruled out',
};

export const wayTitle = ({ style }: SealWay): string => capital(style.called);
