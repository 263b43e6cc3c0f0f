import type { End, EndKind } from './end';
import { describeEnd } from './format';
import { cam } from './families/cam';
import { click } from './families/click';
import { flange } from './families/flange';
import { hoseAndPipe } from './families/hose-and-pipe';
import { hoseOnBarb } from './families/hose-on-barb';
import { type Explanation, type JointConditions, type JointFamily, bare, judgements } from './families/joint-family';
import { explainOwn, judgeOwn } from './families/own';
import { pipeInGasket } from './families/pipe-in-gasket';
import { pipes } from './families/pipes';
import { sealInHole } from './families/seal-in-hole';
import { threads } from './families/threads';
import { MATERIAL_NAMES, corrodes, eatsAway, isMetal } from './material';
import type { Caution, Judgement, Mating, Medium } from './mating';
import { holdsAtAll } from './mating';
import { threadForm } from './standards/threads';

/** Every way two ends can meet. A new one: its file, and a line here. */
const JOINT_FAMILIES: readonly JointFamily[] = [
  threads,
  pipes,
  hoseOnBarb,
  hoseAndPipe,
  cam,
  click,
  flange,
  pipeInGasket,
  sealInHole,
];

interface Found {
  readonly family: JointFamily;
  readonly swapped: boolean;
}

const BY_KIND: Partial<Record<EndKind, Partial<Record<EndKind, Found>>>> = {};
const register = (first: EndKind, second: EndKind, found: Found): void => {
  const row = (BY_KIND[first] ??= {});
  if (row[second]) throw new RangeError(`mate: two families join ${first} and ${second}`);
  row[second] = found;
};
for (const family of JOINT_FAMILIES) {
  const [first, second] = family.kinds;
  register(first, second, { family, swapped: false });
  if (first !== second) register(second, first, { family, swapped: true });
}

const GENERAL = judgements({
  'nothing-joins': ['will-not-go'],
  'left-out-leaks': ['starts-then-leaks'],
  'left-out-unrated': ['fits-unrated'],
  'metals-attack': ['fits-unrated'],
});

/** Left out, a joint goes together all the same and may hold for a while: no lubricant rolls the ring, no insert lets the pipe give way. */
const MILD: readonly Medium[] = ['lubricant', 'insert'];

const NONE: JointConditions = {};

const swap = (conditions: JointConditions): JointConditions => ({
  ...conditions,
  a: conditions.b,
  b: conditions.a,
});

function judgeEnds(a: End, b: End, conditions: JointConditions): Judgement {
  if (a.kind === 'own' || b.kind === 'own') return judgeOwn(a, b);
  const found = BY_KIND[a.kind]?.[b.kind];
  if (!found) return GENERAL['nothing-joins'];
  return found.swapped
    ? found.family.judge(b, a, conditions === NONE ? NONE : swap(conditions))
    : found.family.judge(a, b, conditions);
}

/** What the joint itself does not know: something left out of it, or two metals that do not bear one another. */
function withConditions(judgement: Judgement, { a, b, madeWith }: JointConditions): Judgement {
  if (!holdsAtAll(judgement.verdict)) return judgement;
  if (madeWith !== undefined) {
    const missing = judgement.media.filter((medium) => !madeWith.includes(medium));
    if (missing.length > 0)
      return missing.every((medium) => MILD.includes(medium)) ? GENERAL['left-out-unrated'] : GENERAL['left-out-leaks'];
  }
  if (a !== undefined && b !== undefined && eatsAway(a, b)) return GENERAL['metals-attack'];
  return judgement;
}

/**
 * The bare judgement of two ends: verdict, reason as a code, and what it holds with. No text is made and nothing is
 * remembered between calls; `mate` puts the same judgement into words.
 *
 * @param a,b         the two ends, in either order: the answer is the same
 * @param conditions  materials of the parts, and what the joint is made with; unknown ones are not held against it
 */
export const judge = (a: End, b: End, conditions: JointConditions = NONE): Judgement =>
  conditions === NONE ? judgeEnds(a, b, NONE) : withConditions(judgeEnds(a, b, conditions), conditions);

function explainEnds(a: End, b: End, conditions: JointConditions, judgement: Judgement): Explanation {
  if (a.kind === 'own' || b.kind === 'own') return explainOwn(a, b, judgement);
  const found = BY_KIND[a.kind]?.[b.kind];
  if (!found)
    return bare(
      `Nothing joins ${[describeEnd(a), describeEnd(b)].sort().join(' and ')} directly.`,
      [],
      'Put an adapter between.',
    );
  return found.swapped
    ? found.family.explain(b, a, swap(conditions), judgement)
    : found.family.explain(a, b, conditions, judgement);
}

/** The words for what is left out, or for the metals, in place of those of the joint that would have held. */
function overruled(why: Explanation, made: Judgement, ruled: Judgement, conditions: JointConditions): Explanation {
  const { a, b, madeWith = [] } = conditions;
  if (ruled.reason === 'metals-attack' && a !== undefined && b !== undefined)
    return {
      ...why,
      why: `It goes together, but ${MATERIAL_NAMES[a]} and ${MATERIAL_NAMES[b]} in water eat one another away.`,
      instead: 'Put plastic between the two metals.',
    };
  const missing = made.media.filter((medium) => !madeWith.includes(medium));
  const useless = madeWith.filter((medium) => !made.media.includes(medium));
  const uselessWords =
    useless.length === 0
      ? ''
      : ` ${capital(useless.join(' and '))} on this joint ${useless.length > 1 ? 'do' : 'does'} nothing.`;
  return {
    ...why,
    needs: why.needs.filter(({ kind }) => !missing.includes(kind)),
    why: `It is made to hold with ${missing.join(' and ')}, and that is left out.${uselessWords}`,
    instead: `Put the ${missing.join(' and the ')} in.`,
  };
}

const capital = (text: string): string => `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`;

/** What two materials do to one another, for a joint that goes together (common practice, no source). */
function materialCautions(a: End, b: End, { a: ofA, b: ofB }: JointConditions): readonly Caution[] {
  if (ofA === undefined || ofB === undefined) return [];
  const names = [ofA, ofB].sort().map((one) => MATERIAL_NAMES[one]);
  const cautions: Caution[] = [];
  if (corrodes(ofA, ofB))
    cautions.push({
      kind: 'corrodes',
      text: `${capital(names.join(' on '))} corrodes where it stays wet: look at it each year.`,
    });
  if (a.kind !== 'thread' || b.kind !== 'thread' || a.sex === b.sex) return cautions;
  const [male, female] = a.sex === 'male' ? [ofA, ofB] : [ofB, ofA];
  if (isMetal(male) && !isMetal(female) && threadForm(a.sex === 'male' ? a : b).taper > 0)
    cautions.push({
      kind: 'wedge',
      text: `A ${MATERIAL_NAMES[male]} male in a ${MATERIAL_NAMES[female]} female is a wedge and splits it: hand tight and one turn, or turn the two round.`,
    });
  if (male === 'stainless' && female === 'stainless')
    cautions.push({
      kind: 'galls',
      text: 'Stainless on stainless galls and seizes: tape and paste it, turn it slowly.',
    });
  return cautions;
}

/**
 * Judges whether two ends make a joint that holds, from their dimensions, and says why.
 *
 * @param a,b         the two ends, in either order: the answer is the same
 * @param conditions  of the parts, where known; what cannot bond cannot hold
 * @returns verdict, needs, reason and figures; two kinds that never meet give `will-not-go`, an end of no standard `unknown`
 */
export function mate(a: End, b: End, conditions: JointConditions = NONE): Mating {
  const made = judgeEnds(a, b, conditions);
  const ruled = withConditions(made, conditions);
  const words = explainEnds(a, b, conditions, made);
  const { verdict, reason } = ruled;
  return {
    verdict,
    reason,
    ...(ruled === made ? words : overruled(words, made, ruled, conditions)),
    cautions: verdict === 'will-not-go' || verdict === 'unknown' ? [] : materialCautions(a, b, conditions),
  };
}
