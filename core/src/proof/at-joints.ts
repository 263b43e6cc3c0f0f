import type { JudgedJoint } from '../derived/context';
import type { End, FlangeEnd, HoseEnd, PipeEnd, ThreadEnd } from '../connections/end';
import { threadName } from '../connections/format';
import { type Material, isMetal } from '../connections/material';
import { flangeDrilling, flangeOf } from '../connections/standards/flanges';
import { hoseOf } from '../connections/standards/hose';
import { pipeOf, pipeSeries } from '../connections/standards/pipes';
import { threadForm } from '../connections/standards/threads';
import { wallSealStyle } from '../connections/standards/wall-seals';
import type { Use } from '../parts/list/trace';
import { type Measures, MM_PER_INCH, inchFigure } from '../quantity/length';
import { memoize } from '../quantity/memoize';
import { type NominalSize, sizeInInches, sizeWords } from '../quantity/size';
import { type Claim, claim } from './claim';

/** An end in its joint, with what it is made of. */
interface Side<One extends End = End> {
  readonly end: One;
  readonly material: Material | undefined;
}

/**
 * What a joint is closed with, told by its two ends alone: by their kind, their size and what they are made of (common
 * practice). A joint that does not go together is closed by nothing.
 */
export const atJoint = (judged: JudgedJoint, measures: Measures): readonly Claim[] => AT_JOINT[measures](judged);

const closing = (judged: JudgedJoint, measures: Measures): readonly Claim[] => {
  const { a, b, joint, penetration, mating } = judged;
  if (!a.end || !b.end || !['holds', 'holds-with', 'fits-unrated'].includes(mating.verdict)) return [];
  const use: Use = { place: penetration?.label ?? '', of: 'joint', id: joint.id, penetrationId: penetration?.id };
  const sides = [
    { end: a.end, material: a.material },
    { end: b.end, material: b.material },
  ] as const;
  // Soap and inserts can be left out, and the joint goes together all the same: whoever says so buys none.
  const leftOut = ({ code }: Claim): boolean =>
    joint.madeWith !== null &&
    ((code === 'LU' && !joint.madeWith.includes('lubricant')) || (code === 'IN' && !joint.madeWith.includes('insert')));
  return ofSides(sides[0], sides[1], {
    use,
    rated: mating.verdict !== 'fits-unrated',
    onWasher: mating.verdict === 'holds-with',
    factorySeal: joint.factorySeal,
    measures,
  }).filter((one) => !leftOut(one));
};

/** Worked out once for each joint, in each of the measures. */
const AT_JOINT: Readonly<Record<Measures, (judged: JudgedJoint) => readonly Claim[]>> = {
  'in-gal': memoize((judged: JudgedJoint) => closing(judged, 'in-gal')),
  'mm-l': memoize((judged: JudgedJoint) => closing(judged, 'mm-l')),
};

interface At {
  readonly use: Use;
  readonly rated: boolean;
  /** What stands in its wall is sealed by its own washer. */
  readonly onWasher: boolean;
  readonly factorySeal: boolean;
  /** Clamps go by number where people measure in inches, elsewhere by millimetres. */
  readonly measures: Measures;
}

const isA =
  <Kind extends End['kind']>(kind: Kind) =>
  (side: Side): side is Side<Extract<End, { readonly kind: Kind }>> =>
    side.end.kind === kind;

function ofSides(a: Side, b: Side, at: At): readonly Claim[] {
  const pair = [a, b];
  const both = <Kind extends End['kind']>(kind: Kind) => pair.filter(isA(kind));
  const [threads, pipes, hoses, flanges] = [both('thread'), both('pipe'), both('hose'), both('flange')];
  if (threads.length === 2) return ofThreads(threads, at);
  if (pipes.length === 2) return ofPipes(pipes, at);
  if (hoses.length === 2) return ofHoses(hoses, at);
  if (flanges.length === 2)
    return ofFlanges(
      flanges.map(({ end }) => end),
      at,
    );
  const [wall] = both('wall-seal');
  // Where water only runs past a wall that curves, its lip and its washer are looked at and not counted on.
  if (wall && both('hole').length === 1) return at.onWasher ? ofWall(wall.end, at) : [];
  const coupler = both('cam').find(({ end }) => end.part === 'coupler');
  if (coupler && both('cam').length === 2)
    return [claim('WA', 1, at.use, { detail: `${sizeWords(coupler.end.size)} cam gasket`, notBought: true })];
  const [bore] = hoses;
  if (bore?.end.part === 'bore' && pipes[0]?.end.part === 'spigot') return ofPipeInHose(bore.end, pipes[0].end, at);
  if (both('gasket').length === 1 && pipes.length === 1) return ofGasket(at, pipes[0], both('gasket')[0]);
  return [];
}

/** Turns that fitters wind at the most: on metal, on plastic, on stainless, and how often the tape goes beside itself (common practice). */
const TURNS: readonly (readonly [upToIn: number, metal: number, plastic: number, stainless: number, beside: number])[] =
  [
    [3 / 8, 3, 2, 4, 1],
    [3 / 4, 4, 3, 5, 1],
    [1, 5, 4, 6, 1],
    [1.25, 5, 4, 6, 1],
    [2, 6, 5, 7, 1],
    [2.5, 7, 6, 8, 1],
    [4, 8, 7, 9, 2],
  ];

/** Widths of tape on the shelf [in], and the smallest thread each is for. */
const tapeOf = (inches: number): string => (inches < 1 ? 'TA-050' : inches < 2.5 ? 'TA-075' : 'TA-100');

function ofThreads(pair: readonly Side<ThreadEnd>[], { use, rated, factorySeal }: At): readonly Claim[] {
  const male = pair.find(({ end }) => end.sex === 'male');
  const female = pair.find(({ end }) => end.sex === 'female');
  if (!male || !female) return [];
  const [outer, inner] = [threadForm(male.end), threadForm(female.end)];
  // A washer where there is a face for it; else the flanks are filled.
  if (inner.seal === 'washer' || (rated && inner.seal !== 'taper' && outer.taper === 0))
    return [
      claim('WA', 1, use, {
        detail: `${threadName(female.end)} ${female.end.standard === 'nh' ? 'hose' : 'flat'} washer`,
        notBought: female.end.swivel === true,
      }),
    ];
  if (factorySeal) return [];
  const inches = sizeInInches(male.end.size);
  const row = TURNS.find(([upTo]) => inches <= upTo + 1e-6) ?? TURNS.at(-1);
  if (!row) return [];
  const [, metal, plastic, stainless, beside] = row;
  const { material } = male;
  const turns = material === 'stainless' ? stainless : material === undefined || isMetal(material) ? metal : plastic;
  // Up to the centimetre that is torn off.
  const lengthM = Math.ceil((Math.PI * outer.crestMm * turns * beside) / 10) / 100;
  const acrossMm = inches * MM_PER_INCH;
  return [
    claim(tapeOf(inches), lengthM, use, { unit: 'm' }),
    // A film of 0.3 mm over six tenths of a diameter of thread, from 1-1/4 in on.
    ...(inches < 1.25 ? [] : [claim('JP-60', (Math.PI * acrossMm * 0.6 * acrossMm * 0.3) / 1000, use, { unit: 'ml' })]),
  ];
}

/** Sockets that a quart of cement makes, by the outside of the pipe [mm] (from memory). */
const SOCKETS_A_QUART: readonly (readonly [upToMm: number, sockets: number])[] = [
  [22, 300],
  [27, 200],
  [34, 125],
  [43, 110],
  [50, 90],
  [64, 60],
  [76, 50],
  [93, 40],
  [120, 30],
];
const QUART_ML = 946.353;

/** What cement dissolves: the clear sort is PVC as well. */
const SOLVED: Readonly<Partial<Record<Material, 'pvc' | 'cpvc' | 'abs'>>> = {
  pvc: 'pvc',
  'clear-pvc': 'pvc',
  cpvc: 'cpvc',
  abs: 'abs',
};
const SOFT_IN_METAL: readonly Material[] = ['pex', 'polyethylene', 'polypropylene', 'nylon'];

function ofPipes(pair: readonly Side<PipeEnd>[], at: At): readonly Claim[] {
  const pipe = pair.find(({ end }) => end.part === 'spigot');
  const fitting = pair.find(({ end }) => end.part !== 'spigot');
  if (!pipe || !fitting) return [];
  const [ofPipe, ofFitting] = [
    pipe.material ?? pipeSeries(pipe.end.series).material,
    fitting.material ?? pipeSeries(fitting.end.series).material,
  ];
  const { outsideMm } = pipeOf(pipe.end);
  const insert = claim('IN', 1, at.use, { detail: `${pipe.end.size} ${pipeSeries(pipe.end.series).token} insert` });
  switch (fitting.end.part) {
    case 'socket':
      return ofSocket(ofPipe, ofFitting, outsideMm, at);
    case 'push-fit':
      return pipeSeries(fitting.end.series).pressure
        ? ofPipe === 'pex' || ofPipe === 'polyethylene'
          ? [insert]
          : []
        : [soap(at)];
    case 'compression':
      return ofPipe === 'pex' ||
        (ofPipe !== undefined && ofFitting !== undefined && isMetal(ofFitting) && SOFT_IN_METAL.includes(ofPipe))
        ? [insert]
        : [];
    case 'sleeve':
      // Rubber of 5 mm all round.
      return wormDrive(outsideMm + 10, 1, at);
    case 'crimp':
    case 'expansion': {
      const ring = `${sizeWords(pipe.end.size)} ${fitting.end.part} ring`;
      return [claim(ringCode(pipe.end.size, fitting.end.part), 1, at.use, { detail: ring })];
    }
    default:
      return [];
  }
}

const ringCode = (size: NominalSize, how: 'crimp' | 'expansion'): string =>
  `RG-${`${sizeWords(size)} ${how}`.replaceAll(/[^A-Za-z0-9]+/g, '-').toUpperCase()}`;

const soap = ({ use }: At): Claim => claim('LU', 5, use, { unit: 'ml', notBought: true });

function ofSocket(
  pipe: Material | undefined,
  fitting: Material | undefined,
  outsideMm: number,
  { use }: At,
): readonly Claim[] {
  if (pipe === undefined || fitting === undefined) return [];
  if (pipe === 'copper')
    return [
      claim('SOL-250', Math.ceil(outsideMm) / 1000, use, { unit: 'm' }),
      claim('FX-80', outsideMm * 0.02, use, { unit: 'ml' }),
    ];
  const [inside, outside] = [SOLVED[pipe], SOLVED[fitting]];
  if (inside === undefined || outside === undefined) return [];
  const mixed = inside !== outside;
  if (mixed && (inside === 'cpvc' || outside === 'cpvc')) return [];
  const ml = QUART_ML / (SOCKETS_A_QUART.find(([upTo]) => outsideMm <= upTo)?.[1] ?? 10);
  const code = mixed ? 'CT-118' : { pvc: 'CE-118', cpvc: 'CC-118', abs: 'CA-118' }[inside];
  return [
    claim(code, ml, use, { unit: 'ml' }),
    // A quart of primer does twice the sockets of a quart of cement; ABS and the cement between two plastics want none.
    ...(mixed || inside === 'abs' ? [] : [claim('PR-118', ml / 2, use, { unit: 'ml' })]),
  ];
}

/** Worm drives by number: what they close on [in] (SAE J1508, from memory). */
type Drive = readonly [name: number | string, least: number, most: number];
const BY_NUMBER: readonly Drive[] = [
  [4, 1 / 4, 5 / 8],
  [6, 7 / 16, 0.78],
  [8, 1 / 2, 29 / 32],
  [10, 9 / 16, 17 / 16],
  [12, 11 / 16, 5 / 4],
  [16, 13 / 16, 3 / 2],
  [20, 13 / 16, 7 / 4],
  [24, 17 / 16, 2],
  [28, 21 / 16, 9 / 4],
  [32, 25 / 16, 5 / 2],
  [36, 29 / 16, 11 / 4],
  [40, 33 / 16, 3],
  [44, 37 / 16, 13 / 4],
  [48, 41 / 16, 7 / 2],
  [56, 49 / 16, 4],
  [64, 7 / 2, 9 / 2],
  [72, 4, 5],
  [88, 41 / 8, 6],
  [104, 49 / 8, 7],
];
/** Worm drives by millimetres (DIN 3017, from memory): the ranges overlap by half from 50 mm on. */
const BY_MILLIMETRES: readonly Drive[] = [
  ...([
    [8, 12],
    [10, 16],
    [12, 22],
    [16, 27],
    [20, 32],
    [25, 40],
    [32, 50],
    [40, 60],
  ] as const),
  ...Array.from({ length: 12 }, (_, step) => [50 + 10 * step, 70 + 10 * step] as const),
].map(([least, most]): Drive => [`${least}-${most}`, least / MM_PER_INCH, most / MM_PER_INCH]);

/** Best a little below the middle of its range, so that it follows rubber that settles. */
const BEST = 0.45;

function wormDrive(aroundMm: number, count: number, { use, measures }: At): readonly Claim[] {
  const drives = measures === 'mm-l' ? BY_MILLIMETRES : BY_NUMBER;
  const inches = aroundMm / MM_PER_INCH;
  const off = ([, least, most]: Drive): number => Math.abs((inches - least) / (most - least) - BEST);
  const round = drives.filter(([, least, most]) => inches >= least && inches <= most);
  const best = round.reduce<Drive | undefined>(
    (found, one) => (found === undefined || off(one) < off(found) ? one : found),
    undefined,
  );
  if (!best) return [];
  const [name] = best;
  const detail = measures === 'mm-l' ? `worm-drive clamp ${name} mm` : `worm-drive clamp no. ${name}`;
  return [claim(`HC-${name}`, count, use, { detail })];
}

/** From this bore on, and always on bore-controlled pipe, two clamps (common practice). */
const TWO_FROM_MM = 35;

function ofHoses(pair: readonly Side<HoseEnd>[], at: At): readonly Claim[] {
  const bore = pair.find(({ end }) => end.part === 'bore');
  const barb = pair.find(({ end }) => end.part === 'barb');
  // The tail of rural pipe has its nut, that of tube for drip its edge; a plain tail in either is clamped.
  if (!bore || (barb?.end.system !== 'hose' && barb?.end.system !== 'pe-id')) return [];
  const { boreMm, outsideOnBarbMm } = hoseOf(bore.end);
  const two =
    Math.max(boreMm, hoseOf(barb.end).boreMm) >= TWO_FROM_MM || pair.some(({ end }) => end.system === 'pe-id');
  return wormDrive(outsideOnBarbMm, two ? 2 : 1, at);
}

/** A hose forced over plain pipe: as thick there as over the middle of its own tail, and clamped. */
function ofPipeInHose(bore: HoseEnd, pipe: PipeEnd, at: At): readonly Claim[] {
  const { boreMm, barbCrestMm, outsideOnBarbMm } = hoseOf(bore);
  const onTailMm = barbCrestMm.reduce((sum, crest) => sum + crest, 0) / barbCrestMm.length;
  return wormDrive(pipeOf(pipe).outsideMm + outsideOnBarbMm - onTailMm, boreMm >= TWO_FROM_MM ? 2 : 1, at);
}

/** Two washers, a nut and two threads beyond it, and a gasket of 3 mm; up to the next length that shops keep (common practice). */
function ofFlanges([a, b]: readonly FlangeEnd[], { use }: At): readonly Claim[] {
  if (!a || !b) return [];
  const [one, other] = [flangeOf(a), flangeOf(b)];
  const least = one.thickMm + other.thickMm + 3 + 1.125 * one.boltMm + 4;
  const metric = one.bolt.startsWith('M');
  const stepMm = metric ? 5 : MM_PER_INCH / 4;
  const lengthMm = Math.ceil(least / stepMm) * stepMm;
  const length = metric ? `${lengthMm} mm` : `${inchFigure(lengthMm / MM_PER_INCH)} in`;
  const gasket = `${sizeWords(a.size)} ${flangeDrilling(a.drilling).name} gasket, full face, 3 mm rubber`;
  return [
    claim('BO', one.bolts, use, { detail: `${one.bolt} x ${length} bolt with nut and two washers` }),
    claim('WA', 1, use, { detail: gasket }),
  ];
}

const ofWall = ({ style, size }: { readonly style: string; readonly size: NominalSize }, { use }: At) => {
  const { washer, called } = wallSealStyle(style);
  return washer ? [claim('WA', 1, use, { detail: `${sizeWords(size)} ${called} gasket`, notBought: true })] : [];
};

/** Pipe is soaped where the lip squeezes it; where it hangs loose in the lip nothing helps. */
function ofGasket(at: At, pipe: Side<PipeEnd> | undefined, lip: Side | undefined): readonly Claim[] {
  if (pipe?.end.part !== 'spigot' || lip?.end.kind !== 'gasket') return [];
  return pipeOf(pipe.end).outsideMm >= pipeOf(lip.end).outsideMm - LOOSE_MM ? [soap(at)] : [];
}
const LOOSE_MM = 0.8;
