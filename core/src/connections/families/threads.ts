import type { ThreadEnd } from '../end';
import { formatEnd } from '../format';
import { isMetal } from '../material';
import type { Figure, Mating, Need, Verdict } from '../mating';
import { threadStandard } from '../standards/threads';
import { inchFigure } from '../../quantity/length';
import { defineJointFamily } from './joint-family';
import { type ThreadJudgement, type ThreadReason, judgeThreads } from './judge-threads';
import { tapeFor } from './tape';

const VERDICTS: Readonly<Record<ThreadReason, Verdict>> = {
  'designed-taper': 'holds-with',
  'washer-face': 'holds-with',
  'crest-over-root': 'will-not-go',
  'cross-threads': 'starts-then-leaks',
  'slides-in': 'will-not-go',
  strips: 'starts-then-leaks',
  'pitch-apart': 'will-not-go',
  'pitch-binds': 'starts-then-leaks',
  'flanks-differ': 'fits-unrated',
  'straight-in-taper': 'starts-then-leaks',
  'no-seal': 'fits-unrated',
};

const perInch = (end: ThreadEnd): number => threadStandard(end.standard).threadsPerInch(end.size);
const figure = (value: number): string => `${Math.abs(value).toFixed(1)} mm`;
const turnsWords = (turns: number): string =>
  turns < 0.75 ? 'Less than a turn bites' : turns < 1.5 ? 'One turn bites' : `About ${Math.round(turns)} turns bite`;

function sentence(male: ThreadEnd, female: ThreadEnd, judged: ThreadJudgement): string {
  const pitches = `${inchFigure(perInch(male))} against ${inchFigure(perInch(female))} threads to the inch`;
  const sizes = male.size === female.size ? `Both are called ${male.size} in. ` : '';
  switch (judged.reason) {
    case 'designed-taper':
      return `Same taper thread, ${inchFigure(perInch(male))} to the inch: goes on about ${judged.turnsToTight.toFixed(1)} turns by hand, then wrench it.`;
    case 'washer-face':
      return 'The thread runs loose by design; the flat washer in the female makes the seal. Hand tight, no tape.';
    case 'crest-over-root':
      return `The male is ${figure(judged.entryMm)} larger over its crests than the female is across its roots.`;
    case 'cross-threads':
      return `${sizes}The male is ${figure(judged.entryMm)} too large over the crests: forced in, it cuts across the threads.`;
    case 'slides-in':
      return `The male slides into the female without touching: ${figure(judged.clearanceMm)} apart.`;
    case 'strips':
      return `Only ${judged.overlapMm.toFixed(2)} mm of flank carries: it turns on and strips.`;
    case 'pitch-apart':
      return `${pitches}: the crests cannot mesh for one turn.`;
    case 'pitch-binds':
      return `${sizes}${turnsWords(judged.turnsToTight)}, then it jams: ${pitches}. It never reaches its seal.`;
    case 'flanks-differ':
      return `Same pitch, but the flanks differ: they touch on a line, so no standard calls it a joint.`;
    case 'straight-in-taper':
      return 'A straight thread meets the taper on one thread: it seems tight and weeps.';
    case 'no-seal':
      return 'The threads fit, but neither taper nor washer makes a seal.';
  }
}

function needsOf(
  male: ThreadEnd,
  female: ThreadEnd,
  reason: ThreadReason,
  maleMaterial: Parameters<typeof tapeFor>[2],
): Need[] {
  if (reason === 'designed-taper') {
    const { crestMm } = threadStandard(male.standard).form(male.size, 'male');
    return [tapeFor(male.size, crestMm, maleMaterial)];
  }
  if (reason === 'washer-face')
    return [
      {
        kind: 'washer',
        name: `${female.size} ${threadStandard(female.standard).token} hose washer`,
        suppliedWithPart: female.swivel === true,
      },
    ];
  return [];
}

/** Turns past hand tight (common practice, no source). */
function tightening(reason: ThreadReason, plastic: boolean): string | undefined {
  if (reason === 'washer-face') return 'Hand tight only.';
  if (reason !== 'designed-taper') return undefined;
  return plastic
    ? 'Hand tight, then one to two turns with a strap wrench, never more.'
    : 'Hand tight, then two to three turns by wrench.';
}

const basisOf = (male: ThreadEnd, female: ThreadEnd, judged: ThreadJudgement): Figure[] => [
  { name: 'male', value: perInch(male), unit: 'per inch' },
  { name: 'female', value: perInch(female), unit: 'per inch' },
  { name: 'entry', value: judged.entryMm, unit: 'mm' },
  { name: 'overlap of flanks', value: judged.overlapMm, unit: 'mm' },
  { name: 'clearance', value: judged.clearanceMm, unit: 'mm' },
  { name: 'pitch error in each turn', value: judged.pitchErrorMm, unit: 'mm' },
  ...(Number.isFinite(judged.turnsToTight)
    ? [{ name: 'turns to tight', value: judged.turnsToTight, unit: 'turns' } as const]
    : []),
];

/** The partner of an end: the same thread of the other sex, without a swivel of its own. */
const plain = ({ kind, standard, size }: ThreadEnd, sex: ThreadEnd['sex']): ThreadEnd => ({
  kind,
  standard,
  size,
  sex,
});

/** Two threads: judged from pitch, flanks, taper and diameters; ordered by sex, not by argument. */
export const threads = defineJointFamily(['thread', 'thread'], (a, b, materials): Mating => {
  const sources = [...new Set([threadStandard(a.standard).source, threadStandard(b.standard).source])].sort((x, y) =>
    x.document.localeCompare(y.document),
  );
  if (a.sex === b.sex) {
    const other = a.sex === 'male' ? 'a coupling' : 'a nipple';
    return {
      verdict: 'will-not-go',
      needs: [],
      why: `Both ends are ${a.sex}.`,
      basis: [],
      instead: `Put ${other} between.`,
      sources,
      engagementMm: 0,
    };
  }
  const [male, female] = a.sex === 'male' ? [a, b] : [b, a];
  const [maleMaterial, femaleMaterial] = a.sex === 'male' ? [materials.a, materials.b] : [materials.b, materials.a];
  const maleForm = threadStandard(male.standard).form(male.size, 'male');
  const femaleForm = threadStandard(female.standard).form(female.size, 'female');
  const judged = judgeThreads(maleForm, femaleForm);
  const verdict = VERDICTS[judged.reason];
  const plastic = [maleMaterial, femaleMaterial].some((material) => material !== undefined && !isMetal(material));
  const tighten = tightening(judged.reason, plastic);
  const goesOn = verdict !== 'will-not-go';
  const engagementMm =
    verdict === 'holds-with'
      ? femaleForm.madeUpMm
      : goesOn
        ? Math.min(judged.turnsToTight * femaleForm.pitchMm, femaleForm.madeUpMm)
        : 0;
  return {
    verdict,
    needs: needsOf(male, female, judged.reason, maleMaterial),
    why: sentence(male, female, judged),
    basis: basisOf(male, female, judged),
    ...(verdict === 'holds-with'
      ? {}
      : {
          instead: `Put an adapter ${formatEnd(plain(male, 'female'))} to ${formatEnd(plain(female, 'male'))} between.`,
        }),
    sources,
    engagementMm,
    ...(tighten === undefined ? {} : { tighten }),
  };
});
