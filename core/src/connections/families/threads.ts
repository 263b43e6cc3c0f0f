import { sizeWords } from '../../quantity/size';
import { threadCounterpart } from '../counterpart';
import { inchFigure } from '../../quantity/length';
import type { ThreadEnd } from '../end';
import { formatEnd, threadName } from '../format';
import type { Material } from '../material';
import type { Figure, Need } from '../mating';
import { tapeFor } from '../make-up/tape';
import { tightenFace, tightenTaper } from '../make-up/tighten';
import { threadForm, threadStandard } from '../standards/threads';
import { type Explanation, bare, defineJointFamily, judgements, sourcesOf } from './joint-family';
import { type ThreadJudgement, type ThreadReason, judgeThreads } from './judge-threads';

const JUDGEMENTS = judgements<ThreadReason | 'same-sex'>({
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
  'short-of-seat': ['starts-then-leaks'],
  'runs-out': ['starts-then-leaks'],
  'taper-in-straight': ['fits-unrated'],
  'no-face': ['starts-then-leaks'],
  'same-sex': ['will-not-go'],
});

const perInch = (end: ThreadEnd): number => threadStandard(end.standard).threadsPerInch(end.size);
const figure = (value: number): string => `${Math.abs(value).toFixed(1)} mm`;
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

function sentence({ male, female, judged }: ThreadPair): string {
  const pitches = `${perInchWords(male)} against ${perInchWords(female)} threads to the inch`;
  const called = male.size === female.size ? `Both are called ${sizeWords(male.size)}. ` : '';
  const [maleForm, femaleForm] = [threadForm(male), threadForm(female)];
  switch (judged.reason) {
    case 'designed-taper':
      return femaleForm.taper > 0
        ? `Same taper thread, ${perInchWords(male)} to the inch: goes on about ${judged.turnsToTight.toFixed(1)} turns by hand, then wrench it.`
        : `Made for one another by ISO 7-1: the taper male jams in the straight female after about ${judged.turnsToTight.toFixed(1)} turns by hand. Tape fills the crowns.`;
    case 'washer-face':
      return femaleForm.seal === 'washer'
        ? 'The thread runs loose by design; the flat washer in the female makes the seal. Hand tight. Tape on the thread does nothing here.'
        : 'The thread runs loose by design; a flat washer between the shoulder of the male and the rim makes the seal. Tape on the thread does nothing here.';
    case 'crest-over-root':
      return `The male is ${figure(judged.entryMm)} larger over its crests than the female is across its roots.`;
    case 'cross-threads':
      return `${called}The male is ${figure(judged.entryMm)} too large over the crests: forced in, it cuts across the threads.`;
    case 'slides-in':
      return `The male slides into the female without touching: ${figure(judged.clearanceMm)} apart.`;
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
      return 'The taper jams in the straight thread on its first turns. With tape it may hold the head of a tank; no standard makes it a joint.';
    case 'no-face':
      return 'Two straight threads, and no face for a washer to seal on: the water follows the thread out.';
  }
}

function needsOf({ male, female, judged }: ThreadPair, material: Material | undefined): Need[] {
  if (judged.reason === 'designed-taper') return [tapeFor(male.size, threadForm(male).crestMm, material)];
  if (judged.reason !== 'washer-face') return [];
  return [{ kind: 'washer', name: washerName(female), suppliedWithPart: female.swivel === true }];
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

/** Two threads: judged from pitch, flanks, taper and diameters; ordered by sex, not by argument. */
export const threads = defineJointFamily({
  kinds: ['thread', 'thread'],
  judge: (a, b) => {
    if (a.sex === b.sex) return JUDGEMENTS['same-sex'];
    const [male, female] = a.sex === 'male' ? [a, b] : [b, a];
    return JUDGEMENTS[judgeThreads(threadForm(male), threadForm(female)).reason];
  },
  explain: (a, b, conditions, { verdict }): Explanation => {
    const sources = sourcesOf(threadStandard(a.standard).source, threadStandard(b.standard).source);
    const pair = judgePair(a, b);
    if (!pair)
      return bare(`Both ends are ${a.sex}.`, sources, `Put ${a.sex === 'male' ? 'a coupling' : 'a nipple'} between.`);
    const { male, female, judged } = pair;
    const [ofMale, ofFemale] = male === a ? [conditions.a, conditions.b] : [conditions.b, conditions.a];
    const tighten =
      judged.reason === 'designed-taper'
        ? tightenTaper(ofMale, ofFemale).words
        : judged.reason === 'washer-face'
          ? tightenFace(ofMale, ofFemale).words
          : undefined;
    const femaleForm = threadForm(female);
    const goesInMm = Math.min(judged.turnsToTight * femaleForm.pitchMm, femaleForm.madeUpMm);
    return {
      needs: needsOf(pair, ofMale),
      why: sentence(pair),
      basis: basisOf(pair),
      ...(verdict === 'holds-with'
        ? {}
        : {
            instead: `Put an adapter ${formatEnd(threadCounterpart(male))} to ${formatEnd(threadCounterpart(female))} between.`,
          }),
      sources,
      engagementMm: verdict === 'holds-with' ? femaleForm.madeUpMm : verdict === 'will-not-go' ? 0 : goesInMm,
      ...(tighten === undefined ? {} : { tighten }),
    };
  },
});
