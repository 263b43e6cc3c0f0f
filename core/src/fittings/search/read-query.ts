import { distance } from 'fastest-levenshtein';
import { INCHES_OF_DN, type NominalSize, sizeWords } from '../../quantity/size';
import { GERMAN } from './spoken-german';
import { COUNTED, EMPTY_WORDS, type Meaning, PHRASES, VOCABULARY, readSize } from './spoken';

/** A word that was understood, with the word itself: a part may be called just that. */
export interface Asked extends Meaning {
  readonly said: string;
}

/** What a few spoken words ask for. */
export interface Query {
  readonly sizes: readonly NominalSize[];
  readonly meanings: readonly Asked[];
  /** Words that were not understood as they stand, and what they were taken for. */
  readonly corrected: readonly { readonly wrote: string; readonly read: string }[];
  /** Words that mean nothing here: looked for in names and codes as they are. */
  readonly literal: readonly string[];
  /** What no part is asked by: the list counts it by itself. */
  readonly counted: readonly string[];
  /** All of it as it was written, in small letters: a name that is written as it stands is that thing. */
  readonly text: string;
}

/** Called without the pipe they are for: a 'soil pipe elbow' is an elbow. */
const PIPE_FITTINGS: ReadonlySet<string> = new Set([
  'elbow',
  'tee',
  'wye',
  'coupling',
  'cap',
  'plug',
  'adapter',
  'union',
]);

/** Letters that name the types of cam couplings; only beside the word. */
const CAM_TYPE = /^(dc|dp|[a-f])$/;

/** Short words are not guessed at; of longer ones one slip is forgiven, of long ones two (two letters changed about are two). */
const slipsForgiven = (word: string): number => (word.length < 4 ? 0 : word.length < 6 ? 1 : 2);

/**
 * Reads a query as installers speak: `3/4 ball valve fem`, `2in cam F`, `reducing bush 2x1.5`, `32mm poly elbow`.
 * Nothing is an error: what is not understood is looked for literally.
 */
export function readQuery(text: string): Query {
  const sizes: NominalSize[] = [];
  const meanings: Asked[] = [];
  const take = (meaning: Meaning, said: string): void => {
    if (!meanings.some(({ name }) => name === meaning.name)) meanings.push({ ...meaning, said });
  };
  const corrected: { wrote: string; read: string }[] = [];
  const literal: string[] = [];
  const counted: string[] = [];
  const words = wordsOf(text);
  const cam = words.some((word) => VOCABULARY.get(word)?.name === 'cam');
  for (const word of words) {
    const size = word === '45' || word === '22.5' ? undefined : readSize(word);
    if (size !== undefined) {
      if (!sizes.includes(size)) sizes.push(size);
      continue;
    }
    if (cam && CAM_TYPE.test(word)) {
      take({ name: `type ${word.toUpperCase()}`, anyOf: [`type-${word}`] }, word);
      continue;
    }
    const meaning = VOCABULARY.get(word);
    if (meaning) {
      take(meaning, word);
      continue;
    }
    if (Object.hasOwn(COUNTED, word)) {
      const name = COUNTED[word] ?? word;
      if (!counted.includes(name)) counted.push(name);
      continue;
    }
    if (EMPTY_WORDS.has(word)) continue;
    const guess = closest(word);
    const guessed = guess === undefined ? undefined : VOCABULARY.get(guess);
    if (guess !== undefined && guessed) {
      corrected.push({ wrote: word, read: guessed.name });
      take(guessed, word);
    } else literal.push(word);
  }
  // A bushing reduces: the word adds nothing beside it.
  const bushing = meanings.some(({ name }) => name === 'bushing');
  // A fitting of a pipe is that fitting; a bracket of one is called so.
  const fitting = meanings.some(({ name }) => PIPE_FITTINGS.has(name));
  return {
    sizes,
    meanings: meanings.filter(({ name }) => !(bushing && name === 'reducing') && !(fitting && name === 'pipe')),
    corrected,
    literal,
    counted,
    text: text.toLowerCase().replace(/\s+/g, ' ').trim(),
  };
}

/** Quotes, fractions, angles and nominal diameters as a plain keyboard has them; a quarter turn is what an elbow is. */
const plainMarks = (text: string): string =>
  text
    .replace(/[“”″]/g, '"')
    .replace(/½/g, ' 1/2')
    .replace(/¾/g, ' 3/4')
    .replace(/¼/g, ' 1/4')
    .replace(/\b1\/4 bend\b/g, 'elbow')
    .replace(/\b1\/8 bend\b/g, 'elbow 45')
    .replace(/\b(?:90|8[78](?:[.,]5)?)\s*(?:°|deg(?:rees?)?\b|d\b)/g, ' ')
    .replace(/\b90(?=\s*(?:ell|el|elbow|bend)\b)/g, ' ')
    .replace(/\b(ell|el|elbow|bend)\s+90\b(?!\s*mm)/g, '$1 ')
    .replace(/\b45\s*(?:°|deg(?:rees?)?\b)/g, ' 45 ')
    .replace(/\bdn\s*(\d+)\b/g, (said, dn: string) =>
      /\b(?:ht|kg)|drain|abfluss|kanal/.test(text) ? dn : (INCHES_OF_DN[dn] ?? dn),
    );

const SPOKEN_SO = [...GERMAN, ...PHRASES];

/** Splits into words, parts sizes that are written together, joins the ones that belong together. */
const wordsOf = (text: string): readonly string[] =>
  SPOKEN_SO.reduce((said, [phrase, read]) => said.replace(phrase, read), plainMarks(text.toLowerCase()))
    .replace(/(\d)\s+(\d\/\d)/g, '$1-$2')
    .replace(/([\d"])\s*(?:x|×|\*)\s*(?=[\d.])/g, '$1 ')
    .replace(/(\d)\s+(mm|in|inch)\b/g, '$1$2')
    .replace(/schedule\s+(\d)/g, 'sch$1')
    .replace(/sch\s+(\d)/g, 'sch$1')
    .split(/[\s,;:()]+/)
    .filter((word) => word !== '');

function closest(word: string): string | undefined {
  const most = slipsForgiven(word);
  let best: string | undefined;
  let least = most + 1;
  for (const known of VOCABULARY.keys()) {
    if (Math.abs(known.length - word.length) >= least || known.length < 4) continue;
    const slips = distance(word, known);
    if (slips < least) [best, least] = [known, slips];
  }
  return best;
}

/** What is said where no part is meant: 'The list counts thread tape by itself, from the joints: there is no part to choose.' */
export const countedWords = ({ counted }: Query): string =>
  `The list counts ${counted.join(' and ')} by itself, from the joints: there is no part to choose.`;

/** The query read back in full names: 'bushing, 2 in to 1-1/2 in'. */
export const queryWords = ({ sizes, meanings, literal, counted }: Query): string =>
  [
    meanings.map(({ name }) => name).join(' '),
    sizes.map(sizeWords).join(' to '),
    ...counted,
    ...literal.map((word) => `“${word}”`),
  ]
    .filter((part) => part !== '')
    .join(', ');
