import type { End, OwnEnd } from '../end';
import { describeEnd } from '../format';
import type { Judgement } from '../mating';
import { type Explanation, bare, judgements } from './joint-family';

const JUDGEMENTS = judgements({
  'not-measured': ['unknown'],
  'own-nut-only': ['will-not-go'],
  'water-leaves': ['will-not-go'],
});

/** What to measure of an end of no standard before anything can be said of it. */
export const MEASURE: Readonly<Record<OwnEnd['what'], string>> = {
  'container-neck':
    'Take the cap off and measure: outside over the crests, crests over 24 mm, whether it runs straight. 4 crests is 6 mm pitch.',
  'bulkhead-thread': 'Use the nut that came with it.',
  'bulkhead-nut': 'Use it on the body it came with.',
  'union-nut': 'Keep the two halves that were sold together.',
  'union-tail': 'Keep the two halves that were sold together.',
  'home-made': 'Measure outside and inside at three places round the end, and how round and how deep it is.',
  thread: 'Measure across the crests, count the crests over a length, see whether it tapers.',
  'open-mesh': 'Leave it free.',
};

const NUT_OF: Partial<Record<OwnEnd['what'], OwnEnd['what']>> = {
  'bulkhead-thread': 'bulkhead-nut',
  'bulkhead-nut': 'bulkhead-thread',
  'union-nut': 'union-tail',
  'union-tail': 'union-nut',
};

/** The one other end that this one may go with; undefined for ends that may go with anything once measured. */
const onlyWith = (one: End): OwnEnd['what'] | undefined => (one.kind === 'own' ? NUT_OF[one.what] : undefined);
const isWhat = (one: End, what: OwnEnd['what']): boolean => one.kind === 'own' && one.what === what;

/** Judges a pair of which at least one end is of no standard: never a guess. */
export function judgeOwn(a: End, b: End): Judgement {
  if (isWhat(a, 'open-mesh') || isWhat(b, 'open-mesh')) return JUDGEMENTS['water-leaves'];
  for (const [one, other] of [
    [a, b],
    [b, a],
  ] as const) {
    const only = onlyWith(one);
    if (only !== undefined && !isWhat(other, only)) return JUDGEMENTS['own-nut-only'];
  }
  return JUDGEMENTS['not-measured'];
}

export function explainOwn(a: End, b: End, { reason }: Judgement): Explanation {
  const own = [a, b].filter((end): end is OwnEnd => end.kind === 'own').sort((x, y) => (x.what < y.what ? -1 : 1));
  const names = own.map(describeEnd);
  const measures = [...new Set(own.map(({ what }) => MEASURE[what]))].join(' ');
  const source = { document: 'makers’ own threads', provenance: 'common-practice' } as const;
  if (reason === 'water-leaves')
    return bare('Water leaves by the mesh: nothing goes on it.', [source], MEASURE['open-mesh']);
  if (reason === 'own-nut-only') {
    const bound = own.find((end) => onlyWith(end) !== undefined);
    return bare(
      `A ${bound ? describeEnd(bound) : 'maker’s own thread'} goes with nothing but its own partner: the thread is the maker's.`,
      [source],
      measures,
    );
  }
  return bare(
    `The ${names.join(' and the ')} ${names.length > 1 ? 'are' : 'is'} of no standard. ${measures}`,
    [source],
    measures,
  );
}
