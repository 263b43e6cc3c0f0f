import type { End } from '../end';
import { judgePair } from '../families/threads';
import type { JointConditions } from '../families/joint-family';
import { overRubberMm } from '../families/pipe-joints/sleeve';
import { CEMENT_NAMES, type Cement } from '../material';
import { mate } from '../mate';
import { type Mating, holdsAtAll } from '../mating';
import { hoseOf } from '../standards/hose';
import { pipeOf } from '../standards/pipes';
import type { Range } from '../standards/thread-standard';
import { threadForm } from '../standards/threads';
import { type Temperature, setTimes } from './cement';
import { type Clamp, clampFor } from './clamp';
import { type DryFit, readDryFit } from './dry-fit';
import { tapeLengthM, tapeTurns, tapeWidthIn } from './tape';
import { type Tightening, tightenFace, tightenTaper } from './tighten';
import { type Washer, washerFor } from './washer';

export interface TapeMakeUp {
  /** Turns fitters wind on this size and material, with what the dry fit asks for added. */
  readonly turns: Range;
  readonly usualTurns: Range;
  readonly lengthM: number;
  readonly widthIn: number;
  /** Larger threads take paste over the tape. */
  readonly paste: boolean;
  readonly expectedTurns: number;
  readonly toleranceTurns: number;
  readonly dryFit?: DryFit;
}

export interface CementMakeUp {
  readonly cement: Cement;
  readonly name: string;
  readonly ml: number;
  /** 0 for a one-step cement. */
  readonly primerMl: number;
  readonly socketDepthMm: number;
  readonly setMin: number;
  readonly cureMin: number;
}

/** Turns from the first bite, within which a taper joint comes tight: inside it the direction of a tap can be chosen. */
export interface TurnWindow {
  readonly turns: Range;
  /** Turns between just tight and too tight: the choice of where to stop. */
  readonly choiceTurns: number;
  /** A whole turn of choice, so that any direction can be reached. */
  readonly anyDirection: boolean;
}

/** How a joint is made up: what closes it, how much of it, and how far to tighten. */
export interface MakeUp {
  readonly mating: Mating;
  readonly tape?: TapeMakeUp;
  readonly cement?: CementMakeUp;
  readonly washer?: Washer & { readonly name: string };
  readonly clamp?: Clamp & { readonly count: number; readonly outsideMm: number };
  readonly insert?: string;
  readonly bolts?: { readonly name: string; readonly count: number };
  readonly solder?: { readonly wireMm: number; readonly fluxMl: number };
  readonly lubricantMl?: number;
  readonly tightening?: Tightening;
  readonly window?: TurnWindow;
  /** What must be measured first, where a count of turns says nothing. */
  readonly measure?: string;
  /** What does nothing on this joint, so that nobody wastes it. */
  readonly useless: readonly ('tape' | 'cement')[];
}

export interface MakeUpOptions {
  /** Turns it went on by hand, dry. */
  readonly handTurns?: number;
  readonly temperature?: Temperature;
}

/** Winding, seen from the open end of the male. */
export const WINDING = 'Clockwise, seen from the open end of the male; leave the first thread bare.';
const LUBRICANT_ML = 5;
/** Straight threads that go on: a count of turns says nothing of them. */
const ASKS_DIAMETER: ReadonlySet<string> = new Set(['straight-in-taper', 'no-face', 'flanks-differ']);
/** A taper that comes tight on its thread, rated or not. */
const JAMS: ReadonlySet<string> = new Set(['designed-taper', 'flanks-differ', 'tapers-differ', 'taper-in-straight']);
/** Paste over the tape from this diameter: 1-1/4 in and larger (common practice). */
const PASTE_FROM_MM = 38;

function threadMakeUp(
  a: End,
  b: End,
  { a: ofA, b: ofB }: JointConditions,
  mating: Mating,
  handTurns: number | undefined,
): Partial<MakeUp> {
  if (a.kind !== 'thread' || b.kind !== 'thread') return {};
  const pair = judgePair(a, b);
  if (!pair || mating.verdict === 'will-not-go') return {};
  const { male, female, judged } = pair;
  const [maleForm, femaleForm] = [threadForm(male), threadForm(female)];
  const [maleMaterial, femaleMaterial] = male === a ? [ofA, ofB] : [ofB, ofA];
  const across = maleForm.acrossMm.map((mm) => mm.toFixed(1)).join(' to ');
  const measure = `A straight or moulded thread has no hand-tight count. Measure the male over its crests: ${across} mm.`;
  const washerNeed = mating.needs.find((need) => need.kind === 'washer');
  if (washerNeed?.kind === 'washer') {
    const known = washerFor(female);
    return {
      ...(known ? { washer: { ...known, name: washerNeed.name } } : {}),
      ...(maleForm.taper === 0 ? { measure } : {}),
      tightening: tightenFace(maleMaterial, femaleMaterial),
      useless: ['tape'],
    };
  }
  if (!JAMS.has(judged.reason) || maleForm.taper === 0) return ASKS_DIAMETER.has(judged.reason) ? { measure } : {};
  const usualTurns = tapeTurns(male.size, maleMaterial);
  const dryFit = handTurns === undefined ? undefined : readDryFit(maleForm, judged, handTurns);
  const extra = dryFit?.extraTape ?? 0;
  const turns: Range = [usualTurns[0] + extra, usualTurns[1] + extra];
  const tightening = tightenTaper(maleMaterial, femaleMaterial);
  const wrench = tightening.pastHandTurns;
  const toleranceTurns = Math.max(maleForm.gaugeToleranceTurns, femaleForm.gaugeToleranceTurns);
  const [least, most] =
    handTurns === undefined
      ? [judged.turnsToTight - toleranceTurns, judged.turnsToTight + toleranceTurns]
      : [handTurns, handTurns];
  return {
    tape: {
      turns,
      usualTurns,
      lengthM: tapeLengthM(male.size, maleForm.crestMm, turns[1]),
      widthIn: tapeWidthIn(male.size),
      paste: maleForm.crestMm > PASTE_FROM_MM,
      expectedTurns: judged.turnsToTight,
      toleranceTurns,
      ...(dryFit ? { dryFit } : {}),
    },
    tightening,
    window: {
      turns: [Math.max(0, least) + wrench[0], most + wrench[1]],
      choiceTurns: wrench[1] - wrench[0],
      anyDirection: wrench[1] - wrench[0] >= 1,
    },
  };
}

function needsMakeUp(a: End, b: End, mating: Mating, temperature: Temperature): Partial<MakeUp> {
  const hose = [a, b].find((end) => end.kind === 'hose' && end.part === 'bore');
  const spigot = [a, b].find((end) => end.kind === 'pipe' && end.part === 'spigot');
  const socket = [a, b].find((end) => end.kind === 'pipe' && end.part === 'socket');
  return Object.assign(
    {},
    ...mating.needs.map((need): Partial<MakeUp> => {
      switch (need.kind) {
        case 'cement': {
          if (spigot?.kind !== 'pipe' || socket?.kind !== 'pipe') return {};
          const { cement, ml, primerMl } = need;
          return {
            cement: {
              cement,
              name: CEMENT_NAMES[cement],
              ml,
              primerMl,
              socketDepthMm: pipeOf(socket).socketDepthMm,
              ...setTimes(pipeOf(spigot).outsideMm, temperature),
            },
            useless: ['tape'],
          };
        }
        case 'clamp': {
          // The ring of an insert is squeezed by its own tool: no worm drive closes it.
          if (spigot && !isSleeve(a, b)) return {};
          const outsideMm = hose?.kind === 'hose' ? hoseOf(hose).outsideOnBarbMm : spigotWithRubber(spigot);
          return { clamp: { ...clampFor(outsideMm), count: need.count, outsideMm }, useless: ['tape', 'cement'] };
        }
        case 'insert':
          return { insert: need.name };
        case 'solder':
          return { solder: { wireMm: need.wireMm, fluxMl: need.fluxMl }, useless: ['tape', 'cement'] };
        case 'lubricant':
          return { lubricantMl: LUBRICANT_ML, useless: ['cement'] };
        case 'bolts':
          return { bolts: { name: need.name, count: need.count }, useless: ['tape', 'cement'] };
        case 'tape':
        case 'washer':
          return {};
      }
    }),
  ) as Partial<MakeUp>;
}

const isSleeve = (a: End, b: End): boolean => [a, b].some((end) => end.kind === 'pipe' && end.part === 'sleeve');
const spigotWithRubber = (spigot: End | undefined): number =>
  spigot?.kind === 'pipe' ? overRubberMm(pipeOf(spigot).outsideMm) : 0;

/**
 * How two ends are made up: sealant and amount, washer, clamp, cement and its times, and how far to tighten.
 *
 * Tape is given for every taper that jams, also where no standard rates the joint. A dry fit adds what its slack asks for,
 * or says that no amount of tape will do. A straight or moulded thread asks for a measured diameter instead.
 *
 * @param options.handTurns    counted by hand, without tape
 * @param options.temperature  warm 60 to 100 F (15 to 38 C), cool 40 to 60 F (4 to 15 C), cold 0 to 40 F (-18 to 4 C)
 */
export function makeUp(a: End, b: End, conditions: JointConditions = {}, options: MakeUpOptions = {}): MakeUp {
  const mating = mate(a, b, conditions);
  return {
    mating,
    useless: [],
    ...(holdsAtAll(mating.verdict) ? needsMakeUp(a, b, mating, options.temperature ?? 'warm') : {}),
    ...threadMakeUp(a, b, conditions, mating, options.handTurns),
  };
}
