import { sizeWords } from '../../quantity/size';
import { threadCounterpart } from '../counterpart';
import { differenceMm, inchFigure } from '../../quantity/length';
import type { ThreadEnd } from '../end';
import { formatEnd, threadName } from '../format';
import type { Material } from '../material';
import type { Figure, Need } from '../mating';
import { tapeFor } from '../make-up/tape';
import { tightenFace, tightenTaper } from '../make-up/tighten';
import type { ThreadForm } from '../standards/thread-standard';
import { threadForm, threadStandard } from '../standards/threads';
import { type Explanation, type JointConditions, bare, defineJointFamily, judgements, sourcesOf } from './joint-family';
import { type ThreadJudgement, type ThreadReason, judgeThreads } from './judge-threads';

const JUDGEMENTS = judgements<ThreadReason | 'same-sex' | 'taped-by-practice' | 'nut-tapers'>({
  'designed-taper': ['holds-with', 'tape'],
  'washer-face': ['holds-with', 'washer'],
  'crest-over-root': ['will-not-go'],
  'cross-threads': ['starts-then-leaks'],
  'slides-in': ['will-not-go'],
  strips: ['starts-then-leaks'],
  'pitch-apart': ['will-not-go'],
  'pitch-binds': ['starts-then-leaks'],
  'pitch-within-play': ['fits-unrated'],
  'flanks-differ': ['fits-unrated'],
  'straight-in-taper': ['starts-then-leaks'],
  'tapers-differ': ['fits-unrated'],
  'short-of-seat': ['starts-then-leaks'],
  'face-not-reached': ['starts-then-leaks'],
  'few-turns': ['starts-then-leaks'],
  'runs-out': ['starts-then-leaks'],
  'taper-in-straight': ['fits-unrated'],
  'no-face': ['starts-then-leaks'],
  'same-sex': ['will-not-go'],
  'taped-by-practice': ['holds-with', 'tape'],
  'nut-tapers': ['unknown'],
});

/**
 * Why two threads are judged as they are in their joint: a taper male taped into the parallel female of a tank fitting is
 * ordinary practice where no pump and no mains press; a nut that turns is made straight, so one that is called taper is a
 * thread to look at.
 */
function reasonIn(
  female: ThreadEnd,
  { seal }: ThreadForm,
  reason: ThreadReason,
  service: JointConditions['service'],
): keyof typeof JUDGEMENTS {
  if (female.swivel && seal === 'taper' && JUDGEMENTS[reason].verdict !== 'will-not-go') return 'nut-tapers';
  return reason === 'taper-in-straight' && seal === 'rim' && service !== 'pressure' ? 'taped-by-practice' : reason;
}

const perInch = (end: ThreadEnd): number => threadStandard(end.standard).threadsPerInch(end.size);
const perInchWords = (end: ThreadEnd): string => inchFigure(Math.round(perInch(end) * 10) / 10);
const turnsWords = (turns: number): string =>
  turns < 0.75 ? 'Less than a turn bites' : turns < 1.5 ? 'One turn bites' : `About ${Math.round(turns)} turns bite`;

/** Both ends of a threaded joint by sex, with their forms. */
export interface ThreadPair {
  readonly male: ThreadEnd;
  readonly female: ThreadEnd;
  readonly judged: ThreadJudgement;
}

/** The figures of a threaded joint; undefined where both ends have one sex. */
export function judgePair(a: ThreadEnd, b: ThreadEnd): ThreadPair | undefined {
  if (a.sex === b.sex) return undefined;
  const [male, female] = a.sex === 'male' ? [a, b] : [b, a];
  return { male, female, judged: judgeThreads(threadForm(male), threadForm(female)) };
}

function sentence({ male, female, judged }: ThreadPair, reason: keyof typeof JUDGEMENTS): string {
  const pitches = `${perInchWords(male)} against ${perInchWords(female)} threads to the inch`;
  const called = male.size === female.size ? `Both are called ${sizeWords(male.size)}. ` : '';
  const [maleForm, femaleForm] = [threadForm(male), threadForm(female)];
  const byHand = `${judged.turnsToTight.toFixed(1)} turns by hand`;
  switch (reason) {
    case 'same-sex':
      return `Both ends are ${male.sex}.`;
    case 'nut-tapers':
      return 'A nut that turns is made straight and seals on a washer; a taper thread does not turn on its tail: it is one of the two.';
    case 'taped-by-practice':
      return `The taper jams in the straight thread after about ${byHand} and tape fills the crowns.`;
    case 'tapers-differ':
      return `The male grows by 1 in ${Math.round(1 / maleForm.taper)}, the female by 1 in ${Math.round(1 / femaleForm.taper)}: they touch at one end only.`;
    case 'face-not-reached':
      return `The male has ${maleForm.usableLengthMm.toFixed(1)} mm of thread and the washer lies ${femaleForm.madeUpMm.toFixed(1)} mm in: its end never comes to it.`;
    case 'few-turns':
      return `It is caught by ${Math.min(judged.turnsToTight, judged.turnsThereAre).toFixed(1)} of a turn: that is no thread to hold water.`;
    case 'designed-taper':
      return femaleForm.taper > 0
        ? `Same taper thread, ${perInchWords(male)} to the inch: goes on about ${byHand}, then wrench it.`
        : `Made for one another by ISO 7-1: the taper male jams in the straight female after about ${byHand}. Tape fills the crowns.`;
    case 'washer-face':
      if (maleForm.taper > 0)
        return `The end of the male comes to the flat washer in the nut about when its taper comes tight, after ${judged.turnsToTight.toFixed(1)} turns: the washer makes the seal. Tape on the thread does nothing here.`;
      return femaleForm.seal === 'washer'
        ? 'The thread runs loose by design; the flat washer in the female makes the seal. Hand tight. Tape on the thread does nothing here.'
        : 'The thread runs loose by design; a flat washer between the shoulder of the male and the rim makes the seal. Tape on the thread does nothing here.';
    case 'crest-over-root':
      return `The male is ${differenceMm(judged.entryMm)} larger over its crests than the female is across its roots.`;
    case 'cross-threads':
      return `${called}The male is ${differenceMm(judged.entryMm)} too large over the crests: forced in, it cuts across the threads.`;
    case 'slides-in':
      return `The male slides into the female without touching: ${differenceMm(judged.clearanceMm)} apart.`;
    case 'strips':
      return `Only ${Math.round(judged.carries * 100)} % of the flank carries: it turns on and strips.`;
    case 'pitch-apart':
      return `${pitches}: the crests cannot mesh for one turn.`;
    case 'pitch-binds':
      return `${called}${turnsWords(judged.turnsToTight)}, then it jams: ${pitches}. It never reaches its seal.`;
    case 'pitch-within-play':
      return `${pitches}, but so much play that it goes on: no standard makes this a joint.`;
    case 'flanks-differ':
      return `Same ${perInchWords(male)} threads to the inch, ${maleForm.flankDeg} against ${femaleForm.flankDeg} degrees: it will go on and wrench up; the flanks touch on a line, so no standard calls it a joint.`;
    case 'straight-in-taper':
      return 'A straight thread meets the taper on one thread: it seems tight and weeps.';
    case 'short-of-seat':
      return `The taper is tight after ${judged.turnsToTight.toFixed(1)} turns, before its end reaches the washer.`;
    case 'runs-out':
      return `It runs in to the end of its thread and is still loose: tight would be ${judged.turnsToTight.toFixed(1)} turns, there are ${judged.turnsThereAre.toFixed(1)}.`;
    case 'taper-in-straight':
      return `The taper jams in the straight thread after about ${byHand}. Taped it holds the head of a tank; under pressure no standard rates it.`;
    case 'no-face':
      return 'Two straight threads, and no face for a washer to seal on: the water follows the thread out.';
  }
}

const isTaped = (reason: string): boolean => reason === 'designed-taper' || reason === 'taped-by-practice';
/** What closes a joint that goes together, rated or not: a washer where the female has a face for it, else tape on the flanks. */
function needsOf(
  { male, female }: ThreadPair,
  reason: keyof typeof JUDGEMENTS,
  material: Material | undefined,
): readonly Need[] {
  const unrated = JUDGEMENTS[reason].verdict === 'fits-unrated';
  if (reason === 'washer-face' || (unrated && threadForm(female).seal === 'washer'))
    return [{ kind: 'washer', name: washerName(female), comesWith: female.swivel === true ? formatEnd(female) : null }];
  return unrated || isTaped(reason) ? [tapeFor(male.size, threadForm(male).crestMm, material)] : [];
}

const washerName = (female: ThreadEnd): string =>
  `${threadName(female)} ${female.standard === 'nh' ? 'hose' : 'flat'} washer`;

const basisOf = ({ male, female, judged }: ThreadPair): Figure[] => [
  { name: 'male', value: perInch(male), unit: 'per inch' },
  { name: 'female', value: perInch(female), unit: 'per inch' },
  { name: 'flanks of the male', value: threadForm(male).flankDeg, unit: 'degrees' },
  { name: 'flanks of the female', value: threadForm(female).flankDeg, unit: 'degrees' },
  { name: 'entry', value: judged.entryMm, unit: 'mm' },
  { name: 'overlap of flanks', value: judged.overlapMm, unit: 'mm' },
  { name: 'flank that carries', value: judged.carries * 100, unit: '%' },
  { name: 'clearance', value: judged.clearanceMm, unit: 'mm' },
  { name: 'pitch error in each turn', value: judged.pitchErrorMm, unit: 'mm' },
  ...(Number.isFinite(judged.turnsToTight)
    ? [{ name: 'turns to tight', value: judged.turnsToTight, unit: 'turns' } as const]
    : []),
  { name: 'turns of thread', value: judged.turnsThereAre, unit: 'turns' },
];

/** What stands behind a taper in a parallel thread, and what does not. */
const PRACTICE =
  'Ordinary practice on tank fittings, and no standard: ISO 7-1 makes R for Rc and Rp only, ISO 228-1 makes no joint on its thread. Good for what stands in a tank; not for a pump or the mains. A taper splits a plastic socket: stop where it is tight.';
const PRACTICE_NPT =
  'Ordinary practice on drums, and no standard: ASME B1.20.1 makes NPT for a taper female. Good for what stands in a drum; not for a pump or the mains.';

/** Two threads: judged from pitch, flanks, taper, lengths and diameters; ordered by sex, not by argument. */
export const threads = defineJointFamily({
  kinds: ['thread', 'thread'],
  judge: (a, b, { service }) => {
    if (a.sex === b.sex) return JUDGEMENTS['same-sex'];
    const [male, female] = a.sex === 'male' ? [a, b] : [b, a];
    const form = threadForm(female);
    return JUDGEMENTS[reasonIn(female, form, judgeThreads(threadForm(male), form).reason, service)];
  },
  explain: (a, b, conditions): Explanation => {
    const sources = sourcesOf(threadStandard(a.standard).source, threadStandard(b.standard).source);
    const pair = judgePair(a, b);
    if (!pair)
      return bare(`Both ends are ${a.sex}.`, sources, `Put ${a.sex === 'male' ? 'a coupling' : 'a nipple'} between.`);
    const { male, female, judged } = pair;
    const [maleForm, femaleForm] = [threadForm(male), threadForm(female)];
    const reason = reasonIn(female, femaleForm, judged.reason, conditions.service);
    const { verdict } = JUDGEMENTS[reason];
    const [ofMale, ofFemale] = male === a ? [conditions.a, conditions.b] : [conditions.b, conditions.a];
    const tighten = isTaped(reason)
      ? tightenTaper(ofMale, ofFemale).words
      : reason === 'washer-face'
        ? tightenFace(ofMale, ofFemale).words
        : undefined;
    const byTurnsMm = judged.turnsToTight * femaleForm.pitchMm;
    return {
      needs: needsOf(pair, reason, ofMale),
      why: sentence(pair, reason),
      basis: basisOf(pair),
      ...(reason === 'taped-by-practice' ? { practice: maleForm.flankDeg === 55 ? PRACTICE : PRACTICE_NPT } : {}),
      ...(verdict === 'holds-with' ? {} : { instead: insteadOf(pair, reason) }),
      sources,
      engagementMm:
        reason === 'taped-by-practice'
          ? Math.min(byTurnsMm + LEAST_WRENCHED_TURNS * femaleForm.pitchMm, femaleForm.usableLengthMm)
          : verdict === 'holds-with'
            ? femaleForm.madeUpMm
            : verdict === 'will-not-go'
              ? 0
              : Math.min(byTurnsMm, femaleForm.madeUpMm),
      ...(tighten === undefined ? {} : { tighten }),
    };
  },
});

/** A taper in a straight thread is wrenched about this much past hand tight (common practice). */
const LEAST_WRENCHED_TURNS = 1;

function insteadOf({ male, female }: ThreadPair, reason: string): string {
  if (reason === 'nut-tapers')
    return `Look into the nut: with a flat washer it is ${male.standard === 'npt' ? 'NPSM or NPSH' : 'G'}; without, and fast on its part, it is not a nut.`;
  return `Put an adapter ${formatEnd(threadCounterpart(male))} to ${formatEnd(threadCounterpart(female))} between.`;
}
