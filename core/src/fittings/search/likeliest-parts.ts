import { memoize } from '../../quantity/memoize';
import { remember } from '../../quantity/remember';
import type { Region } from '../../region';
import type { Catalogue } from '../catalogue';
import type { Part } from '../part';
import type { Query } from './read-query';
import { type Indexed, textIndex } from './search-parts';

/** A part that words of somebody else perhaps mean. */
export interface Likely {
  readonly part: Part;
  /** How much of what was said it has, from 0 to 1; seldom words weigh more than common ones. */
  readonly share: number;
  /** How much it is that was not said: words of its name, ends, other sizes. */
  readonly beyond: number;
}

/** A size that is not on a part is worse than any word. */
const SIZE_WEIGHT = 8;
/** Shorter words stand in every name by chance. */
const LEAST_SAID = 4;
/** Words of a name that say nothing by themselves. */
const SMALL_WORDS: ReadonlySet<string> = new Set([
  'with',
  'for',
  'in',
  'of',
  'and',
  'on',
  'to',
  'from',
  'both',
  'a',
  'the',
  'ends',
]);

/** A length or an angle of a name is on it as text: 'Nipple 3/4 NPT, 4 in'. */
const inText = (size: string, { text }: Indexed): boolean =>
  text.includes(` ${size} in`) || text.includes(` ${size} mm`) || text.includes(`, ${size} `);

/** Which parts of the index have a thing that was said, by its place: lists say the same things again and again. */
const havingOf = memoize((catalogue: Catalogue) => {
  const index = textIndex(catalogue);
  const kept = remember<Uint8Array>(500);
  return (key: string, isOn: (one: Indexed) => boolean): Uint8Array =>
    kept(key, () => Uint8Array.from(index, (one) => (isOn(one) ? 1 : 0)));
});

/** One thing that was said: which parts have it, and how much it weighs; not said: by how seldom it is. */
interface Token {
  readonly having: Uint8Array;
  readonly weight: number | undefined;
}

function tokensOf({ meanings, literal, sizes }: Query, catalogue: Catalogue): readonly Token[] {
  const having = havingOf(catalogue);
  return [
    ...meanings.map(({ anyOf, said, name }): Token => ({
      having: having(
        `=${name} ${said}`,
        ({ words, text }) =>
          anyOf.some((word) => words.has(word)) || (said.length >= LEAST_SAID && text.includes(said)),
      ),
      weight: undefined,
    })),
    ...literal.map((word): Token => ({
      having: having(`"${word}`, ({ text }) => text.includes(word)),
      weight: undefined,
    })),
    ...sizes.map((size): Token => ({
      having: having(`#${size}`, (one) => one.sizes.has(size) || inText(size, one)),
      weight: SIZE_WEIGHT,
    })),
  ];
}

/** What a part is beyond what was said: words of its name, kinds of its ends, sizes. */
function beyondOf({ part, sizes }: Indexed, { meanings, literal, sizes: asked }: Query): number {
  const whole = [...meanings.flatMap(({ anyOf, said }) => [...anyOf, said]), ...literal, ...asked];
  const said = new Set([...whole, ...whole.flatMap((word) => word.split('-'))]);
  const name = part.name
    .toLowerCase()
    .split(/[\s,]+|(?<=[a-z])-(?=[a-z])/)
    .filter((word) => word !== '' && !SMALL_WORDS.has(word));
  const ends = new Set(
    part.ends.map(({ end }) =>
      [
        ...(end.kind === 'thread' ? ['thread', end.sex] : [end.kind]),
        ...('part' in end ? [end.part, ...(end.part === 'barb' ? ['tail'] : [])] : []),
      ].join(' '),
    ),
  );
  return (
    name.filter((word) => !said.has(word)).length +
    [...ends].filter((words) => !words.split(' ').some((word) => said.has(word))).length +
    [...sizes].filter((size) => asked.length > 0 && !asked.includes(size)).length
  );
}

/**
 * The parts that are likeliest meant by words of somebody else, best first: words are weighed, not all of them required
 * (inverse document frequency over the catalogue), a size that is not on a part weighs most.
 *
 * @param region only what is sold there; not said: any
 * @param least  parts that have less than this share of what was said are left out
 */
export function likeliestParts(
  catalogue: Catalogue,
  query: Query,
  region: Region | undefined,
  least: number,
): readonly Likely[] {
  const index = textIndex(catalogue);
  const tokens = tokensOf(query, catalogue);
  if (tokens.length === 0) return [];
  const sold = index.map(({ part }) => region === undefined || part.regions.includes(region));
  const many = sold.filter(Boolean).length;
  const weights = tokens.map(({ weight, having }) => {
    if (weight !== undefined) return weight;
    const own = having.reduce((count, one, place) => count + (one === 1 && sold[place] ? 1 : 0), 0);
    return Math.log(1 + many / (1 + own));
  });
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return index
    .flatMap((one, place): readonly Likely[] => {
      if (!sold[place]) return [];
      const met = weights.reduce((sum, weight, at) => sum + (tokens[at]?.having[place] === 1 ? weight : 0), 0);
      return met < least * all ? [] : [{ part: one.part, share: met / all, beyond: beyondOf(one, query) }];
    })
    .sort((a, b) => b.share - a.share || a.beyond - b.beyond);
}
