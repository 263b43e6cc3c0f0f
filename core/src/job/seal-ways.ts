import { judge } from '../connections/mate';
import { gapUnderWasher } from '../connections/families/seal-in-hole';
import { MATERIAL_NAMES, isMetal } from '../connections/material';
import { holdsAtAll } from '../connections/mating';
import { pipeOf } from '../connections/standards/pipes';
import { WALL_SEAL_STYLES } from '../connections/standards/wall-seals';
import type { WallKind, WallSealSize, WallSealStyle } from '../connections/standards/wall-seals/wall-seal';
import { wallFittingsOf } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import { type NominalSize, sizeInInches, sizeWords } from '../quantity/size';
import type { Values } from '../quantity/values';
import { HAND_M } from '../walls/access';
import { isUpright, wallRadiusM } from '../walls/forms';
import type { Tank } from '../walls/tank';
import { tankType } from '../walls/tank-types';
import type { CheckContext } from './context';
import type { Penetration } from './job';
import { levelsOf } from './levels';
import { reachInto } from './ways-in';

/** One figure against another, in a sentence: why a way is ruled out or warned of. */
export interface WayReason {
  readonly about: 'size' | 'wall' | 'thick' | 'thin' | 'curve' | 'water' | 'face' | 'reach' | 'liner' | 'hole' | 'pipe';
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

/** The kind of a wall by what it is made of. */
export const wallKindOf = (tank: Pick<Tank, 'type'>): WallKind => {
  const { material } = tankType(tank.type);
  return material === 'concrete' ? 'concrete' : isMetal(material) ? 'metal' : 'plastic';
};

const bySize = (a: NominalSize, b: NominalSize): number => sizeInInches(a) - sizeInInches(b);

/**
 * Every way to seal an opening in its wall, with what stands for and against it: by size, material, thickness and curve
 * of the wall, the water in front of it, the face, whether a hand reaches the nut, and the pipe that is to go through.
 */
export function sealWays(hole: Penetration, tank: Tank, context: CheckContext): readonly SealWay[] {
  const partsOf = wallFittingsOf(context.catalogue);
  return WALL_SEAL_STYLES.map((style) => judgeWay(style, hole, tank, context, partsOf(style.id, hole.size)));
}

/** How one way stands at one opening. */
export function judgeWay(
  style: WallSealStyle,
  hole: Penetration,
  tank: Tank,
  context: CheckContext,
  parts: readonly Part[],
): SealWay {
  const row = style.sizes.find(({ size }) => size === hole.size);
  const reasons = [
    ...sizeReasons(style, hole, row),
    ...wallReasons(style, tank, row),
    ...(row ? curveReasons(style, hole, tank, row) : []),
    ...waterReasons(style, hole, tank, context),
    ...(row ? reachReasons(style, hole, tank, row, context) : []),
    ...(row ? holeReasons(style, hole, row) : []),
    ...pipeReasons(style, hole, context),
  ].sort((a, b) => Number(b.rulesOut) - Number(a.rulesOut));
  return {
    style,
    verdict: reasons.some(({ rulesOut }) => rulesOut) ? 'ruled-out' : reasons.length > 0 ? 'warned' : 'allowed',
    reasons,
    row,
    parts,
  };
}

const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

function sizeReasons({ called, sizes }: WallSealStyle, hole: Penetration, row: WallSealSize | undefined): WayReason[] {
  if (row) return [];
  const made = sizes.map(({ size }) => size).sort(bySize);
  const [least = hole.size, most = hole.size] = [made[0], made.at(-1)];
  return [
    {
      about: 'size',
      rulesOut: true,
      text: '{a} is made from {least} to {most}, not in {size}.',
      data: { a: `A ${called}`, least: sizeWords(least), most: sizeWords(most), size: sizeWords(hole.size) },
    },
  ];
}

const KIND_NAMES: Readonly<Record<WallKind, string>> = {
  plastic: 'plastic',
  metal: 'sheet metal',
  concrete: 'concrete',
};

function wallReasons(style: WallSealStyle, tank: Tank, row: WallSealSize | undefined): WayReason[] {
  const kind = wallKindOf(tank);
  const wall = { lengthM: tank.wallM };
  if (!style.walls.includes(kind))
    return [
      {
        about: 'wall',
        rulesOut: true,
        text: 'Made for walls of {for}; this one is {is}, {wall} thick.',
        data: {
          for: style.walls.map((one) => KIND_NAMES[one]).join(' or '),
          is: MATERIAL_NAMES[tankType(tank.type).material],
          wall,
        },
      },
    ];
  if (!row) return [];
  const [least, most] = row.gripMm.map((mm) => mm / 1000) as [number, number];
  if (tank.wallM > most)
    return [
      {
        about: 'thick',
        rulesOut: true,
        text: 'The wall is {wall} thick; it grips at most {most}.',
        data: { wall, most: { lengthM: most } },
      },
    ];
  return tank.wallM < least
    ? [
        {
          about: 'thin',
          rulesOut: false,
          text: 'The wall is {wall} thick; it needs at least {least}: back it with a plate.',
          data: { wall, least: { lengthM: least } },
        },
      ]
    : [];
}

function curveReasons(style: WallSealStyle, hole: Penetration, tank: Tank, row: WallSealSize): WayReason[] {
  const radiusM = wallRadiusM(tank, hole);
  const leastM = row.leastRadiusMm / 1000;
  if (radiusM === undefined || radiusM >= leastM) return [];
  const flangeM = row.flangeMm / 1000;
  return style.washer
    ? [
        {
          about: 'curve',
          rulesOut: true,
          text: 'On a radius of {radius} a flat washer of {flange} stands {gap} off at its edge; it takes up {takes}.',
          data: {
            radius: { lengthM: radiusM },
            flange: { lengthM: flangeM },
            gap: { lengthM: gapUnderWasher(flangeM, radiusM) },
            takes: { lengthM: gapUnderWasher(flangeM, leastM) },
          },
        },
      ]
    : [
        {
          about: 'curve',
          rulesOut: true,
          text: '{a} of this size seals down to a radius of {least}; this wall has {radius}.',
          data: { a: `A ${style.called}`, least: { lengthM: leastM }, radius: { lengthM: radiusM } },
        },
      ];
}

function waterReasons(style: WallSealStyle, hole: Penetration, tank: Tank, context: CheckContext): WayReason[] {
  const { fullM } = levelsOf(tank, context);
  const halfM = (style.sizes.find(({ size }) => size === hole.size)?.typicalHoleMm ?? 0) / 2000;
  const lowestM = hole.face === 'bottom' ? 0 : isUpright(hole.face) ? hole.heightM - halfM : hole.heightM;
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
  { job, index }: CheckContext,
): WayReason[] {
  if (!style.needsHand || tankType(tank.type).assembled) return [];
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

/** A hole is sawn no truer than this. */
const SAWN_M = 0.0005;

function holeReasons({ called }: WallSealStyle, { holeM }: Penetration, row: WallSealSize): WayReason[] {
  if (holeM === null) return [];
  const [least, most] = row.holeMm.map((mm) => mm / 1000) as [number, number];
  if (holeM > most + SAWN_M)
    return [
      {
        about: 'hole',
        rulesOut: true,
        text: 'The hole is {hole}; the {called} covers at most {most}.',
        data: { hole: { lengthM: holeM }, called, most: { lengthM: most } },
      },
    ];
  return holeM < least - SAWN_M
    ? [
        {
          about: 'hole',
          rulesOut: false,
          text: 'The hole is {hole}; the {called} needs {least}: open it.',
          data: { hole: { lengthM: holeM }, called, least: { lengthM: least } },
        },
      ]
    : [];
}

/** A lip takes only the pipe it is made for: what the next pipe of the run says about it. */
function pipeReasons(style: WallSealStyle, hole: Penetration, { runs, catalogue }: CheckContext): WayReason[] {
  const items = runs.find(({ penetration }) => penetration.id === hole.id)?.strands[0]?.items ?? [];
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
