import { distance } from 'fastest-levenshtein';
import { INCHES_OF_DN, NOMINAL_SIZES, type NominalSize, isNominalSize } from '../quantity/size';
import { type Result, err, ok } from '../result';
import { type End, OWN_ENDS, PIPE_PARTS } from './end';
import { OWN_WORDS } from './format';
import { CAM_SIZES, CAM_TYPES, CLICK_SIZES } from './standards/couplings';
import { FLANGE_DRILLINGS } from './standards/flanges';
import { HOSE_SYSTEMS } from './standards/hose';
import { PIPE_SERIES } from './standards/pipes';
import { THREAD_STANDARDS } from './standards/threads';
import { WALL_SEAL_STYLES } from './standards/wall-seals';

/** Why a text is no end: which word was not understood, and the nearest that would be. */
export interface EndProblem {
  readonly code:
    | 'empty'
    | 'several-ends'
    | 'unknown-word'
    | 'unknown-size'
    | 'size-not-made'
    | 'sex-not-made'
    | 'missing-word'
    | 'extra-word';
  readonly word: string;
  readonly nearest: readonly string[];
}

const HOLE = /^(\d+(?:\.\d+)?) hole (\d+(?:\.\d+)?) wall(?: (\d+(?:\.\d+)?) radius)?$/;
const SEX: Readonly<Record<string, 'male' | 'female'>> = { M: 'male', MALE: 'male', F: 'female', FEMALE: 'female' };

/** What installers also say, in the words of the grammar. */
const ALSO_SAID: Readonly<Record<string, string>> = {
  GHT: 'NH',
  MGHT: 'NH M',
  FGHT: 'NH F',
  MHT: 'NH M',
  FHT: 'NH F',
  MNPT: 'NPT M',
  FNPT: 'NPT F',
  MPT: 'NPT M',
  FPT: 'NPT F',
  MIP: 'NPT M',
  FIP: 'NPT F',
  MIPT: 'NPT M',
  FIPT: 'NPT F',
  BSPP: 'G',
  BSPT: 'R',
  NUT: 'F swivel',
  CAMLOCK: 'cam',
  MDPE: 'PE',
  HDPE: 'PE',
  PE80: 'PE',
  PE100: 'PE',
  CPVC: 'CTS',
  PEX: 'CTS',
};

/** Pipe thread as much of the world says it: taper or parallel is not said, and they are two threads. */
const BSP: Readonly<Record<string, 'male' | 'female' | undefined>> = {
  BSP: undefined,
  MBSP: 'male',
  FBSP: 'female',
  // On German labels: outside and inside thread.
  AG: 'male',
  IG: 'female',
};
const BSP_STANDARDS: Readonly<Record<'male' | 'female', readonly string[]>> = {
  male: ['R', 'G'],
  female: ['Rp', 'Rc', 'G'],
};

/** Pipe whose size is its nominal bore. */
const CALLED_BY_BORE: readonly string[] = ['ANZ', 'ANZ-DWV', 'ANZ-STORM', 'CU-ANZ'];

type Parsed = Result<End, EndProblem>;
/** Reads what follows the size and the family's own word. */
type Reader = (size: NominalSize, rest: readonly string[]) => Parsed;

const fail = (code: EndProblem['code'], word: string, near: readonly string[]): Parsed =>
  err({ code, word, nearest: near });

/**
 * Reads an end as `formatEnd` writes it. Letter case and spaces are forgiven, the size may follow its thread, and what
 * installers also say is understood (`3/4npt m`, `R 3/4 male`, `3/4 GHT F`, `2 cam F` for the adapter of a type F).
 *
 * @error several-ends   what is said is the name of several ends; `nearest` has them all, written whole
 * @error unknown-word   a word that is no part of any end, with the nearest ones
 * @error unknown-size   the size is not one of the trade's
 * @error size-not-made  the standard has no such size; `nearest` lists those it has
 * @error sex-not-made   the standard is male only or female only
 * @error missing-word   the text stops too soon; `nearest` says what may follow
 */
export function parseEnd(text: string): Parsed {
  const tidy = text
    .trim()
    .replaceAll(/\s+/g, ' ')
    .replace(/^(\d) (\d\/\d)/, '$1-$2')
    .replace(/^([\d/-]+) ?(?:in\b|")/i, '$1')
    .replace(/^([\d.]+) ?mm\b/i, '$1')
    .replace(/^(\d)X(\d)/, '$1x$2');
  if (tidy === '') return fail('empty', '', ['3/4 NPT M']);
  const own = OWN_ENDS.find((what) => OWN_WORDS[what] === tidy.toLowerCase());
  if (own) return ok({ kind: 'own', what: own });
  const hole = HOLE.exec(tidy.toLowerCase());
  if (hole) {
    const [, diameter, wall, radius] = hole;
    const radiusMm = radius === undefined ? {} : { wallRadiusMm: Number(radius) };
    return ok({ kind: 'hole', diameterMm: Number(diameter), wallMm: Number(wall), ...radiusMm });
  }
  const loose = readLoose(tidy);
  if (loose) return loose;
  const spoken = tidy.replace(/^([\d./-]+)(?=[a-wyz])/i, '$1 ').split(' ');
  const words = spoken.flatMap((word) => (ALSO_SAID[word.toUpperCase()] ?? word).split(' '));
  const [first = '', second, ...rest] = words;
  const sizeless = THREAD_STANDARDS.find((one) => one.sizeless && one.token.toUpperCase() === first.toUpperCase());
  if (sizeless) return readThread(sizeless.id, sizeless.sizes[0] ?? '60', words.slice(1));
  if (!isNominalSize(first)) {
    const [, token = '', joined] = /^([a-z]+)([\d/-]+)?$/i.exec(first) ?? [];
    const size = joined ?? second ?? '';
    if (READERS.has(token.toUpperCase()) && isNominalSize(size))
      return readAfterSize(size, [token, ...(joined === undefined || second === undefined ? [] : [second]), ...rest]);
    const looksLikeSize = /^\d/.test(first);
    return looksLikeSize
      ? fail('unknown-size', first, nearest(first, NOMINAL_SIZES))
      : fail(
          'unknown-word',
          first,
          nearest(
            first,
            [...READERS.values()].map(({ word }) => word),
          ),
        );
  }
  return readAfterSize(first, words.slice(1));
}

const READ_LOOSELY = /^(?:dn ?)?([\d./-]+) ?(?:in\b|"|mm\b)? ?([a-z-]+)?(?: (m|f|male|female|spigot|pipe))?$/i;

/** What is said of an end without all that tells it from others: the one it can be, or all of them to choose from. */
function readLoose(text: string): Parsed | undefined {
  const [, said = '', word = '', more = ''] = READ_LOOSELY.exec(text) ?? [];
  const bore = /^dn/i.test(text) ? said : undefined;
  const size = bore === undefined ? said : (INCHES_OF_DN[bore] ?? said);
  if (!isNominalSize(size)) return undefined;
  const upper = word.toUpperCase();
  if (bore !== undefined && (word === '' || word.toLowerCase() === 'spigot'))
    return chosenOf(text, endsOfBore(bore, word !== ''));
  if (upper in BSP) {
    const sex = BSP[upper] ?? SEX[more.toUpperCase()];
    const sexes = sex ? [sex] : (['male', 'female'] as const);
    return chosenOf(
      text,
      sexes.flatMap((one) => BSP_STANDARDS[one].map((standard) => `${size} ${standard} ${sexLetter(one)}`)),
    );
  }
  if (more !== '' && more !== 'pipe' && more !== 'spigot') return undefined;
  if (upper === 'SLIP' && more === '') return chosenOf(text, [`${size} IPS socket`]);
  if (upper === 'POLY' || upper === 'POLYPIPE')
    return chosenOf(text, [`${size} PE spigot`, `${size} PE-ID bore`, `${size} rural bore`]);
  if (more === '' && (PIPE_PARTS as readonly string[]).includes(word.toLowerCase()))
    return chosenOf(
      text,
      PIPE_SERIES.map(({ token }) => `${size} ${token} ${word.toLowerCase()}`),
    );
  return undefined;
}

/** What is called by this nominal bore: threads of the inch that goes with it, and pipe that has it in its name. */
const endsOfBore = (bore: string, pipesOnly: boolean): readonly string[] => [
  ...CALLED_BY_BORE.map((token) => `${bore} ${token} spigot`),
  `${INCHES_OF_DN[bore] ?? bore} IPS spigot`,
  ...(pipesOnly ? [] : ['R', 'G', 'NPT'].map((token) => `${INCHES_OF_DN[bore] ?? bore} ${token} M`)),
];

/** The one of these texts that is an end, or all that are, to choose from; undefined where none is. */
function chosenOf(text: string, candidates: readonly string[]): Parsed | undefined {
  const ends = candidates.filter((one) => parseEnd(one).ok);
  const [only, second] = ends;
  if (only === undefined) return undefined;
  return second === undefined ? parseEnd(only) : fail('several-ends', text, ends);
}

function readAfterSize(size: NominalSize, words: readonly string[]): Parsed {
  const [word] = words;
  const all = (): string[] => [...READERS.values()].map((reader) => reader.word);
  if (word === undefined) return fail('missing-word', size, FIRST_OFFERED);
  const found = READERS.get(word.toUpperCase());
  return found ? found.read(size, words.slice(1)) : fail('unknown-word', word, nearest(word, all()));
}

const FIRST_OFFERED: readonly string[] = ['NPT', 'G', 'IPS', 'PE', 'hose', 'barb', 'cam'];

function readThread(id: string, size: NominalSize, words: readonly string[]): Parsed {
  const standard = THREAD_STANDARDS.find((one) => one.id === id);
  if (!standard) throw new RangeError(`readThread: no ${id}`);
  if (!standard.sizes.includes(size)) return fail('size-not-made', size, standard.sizes);
  const [sexWord, swivelWord, more] = words;
  if (sexWord === undefined) return fail('missing-word', '', standard.sexes.map(sexLetter));
  const sex = SEX[sexWord.toUpperCase()];
  if (sex === undefined) return fail('unknown-word', sexWord, standard.sexes.map(sexLetter));
  if (!standard.sexes.includes(sex)) return fail('sex-not-made', sexWord, standard.sexes.map(sexLetter));
  const end = { kind: 'thread', standard: id, size, sex } as const;
  if (swivelWord === undefined) return ok(end);
  if (sex === 'male') return fail('extra-word', swivelWord, []);
  if (swivelWord.toUpperCase() !== 'SWIVEL') return fail('unknown-word', swivelWord, ['swivel']);
  return more === undefined ? ok({ ...end, swivel: true }) : fail('extra-word', more, []);
}

const sexLetter = (sex: 'male' | 'female'): string => (sex === 'male' ? 'M' : 'F');

/** Reads the last word of an end out of a few, for sizes that are made. */
const lastWord =
  (sizes: readonly NominalSize[], endings: Readonly<Record<string, (size: NominalSize) => End>>): Reader =>
  (size, [word, more]) => {
    if (!sizes.includes(size)) return fail('size-not-made', size, sizes);
    const allowed = Object.keys(endings);
    if (word === undefined) return endings[''] ? ok(endings[''](size)) : fail('missing-word', '', allowed);
    const made = endings[word.toLowerCase()];
    if (!made) return endings[''] ? fail('extra-word', word, []) : fail('unknown-word', word, nearest(word, allowed));
    return more === undefined ? ok(made(size)) : fail('extra-word', more, []);
  };

interface Registered {
  readonly word: string;
  readonly read: Reader;
}

/** Every word that may follow a size, and what it makes of the rest. */
const READERS: ReadonlyMap<string, Registered> = new Map(
  [
    ...THREAD_STANDARDS.filter(({ sizeless }) => !sizeless).map(({ token, id }): Registered => ({
      word: token,
      read: (size, rest) => readThread(id, size, rest),
    })),
    ...PIPE_SERIES.map(({ token, id, sizes, parts }): Registered => ({
      word: token,
      read: lastWord(
        sizes.map(({ size }) => size),
        {
          ...Object.fromEntries(
            parts.map((part) => [part, (size: NominalSize): End => ({ kind: 'pipe', series: id, size, part })]),
          ),
          gasket: (size): End => ({ kind: 'gasket', series: id, size }),
        },
      ),
    })),
    ...HOSE_SYSTEMS.flatMap(({ id, boreWord, barbWord, sizes: rows }): Registered[] => {
      const sizes = rows.map(({ size }) => size);
      const barb = (size: NominalSize): End => ({ kind: 'hose', system: id, size, part: 'barb' });
      const bore = (size: NominalSize): End => ({ kind: 'hose', system: id, size, part: 'bore' });
      return barbWord === ''
        ? [
            { word: boreWord, read: lastWord(sizes, { bore }) },
            { word: 'barb', read: lastWord(sizes, { '': barb }) },
          ]
        : [{ word: boreWord, read: lastWord(sizes, { bore, barb }) }];
    }),
    {
      word: 'cam',
      read: lastWord(CAM_SIZES, {
        adapter: (size): End => ({ kind: 'cam', size, part: 'adapter' }),
        coupler: (size): End => ({ kind: 'cam', size, part: 'coupler' }),
        ...Object.fromEntries(
          Object.entries(CAM_TYPES).map(([type, { part }]) => [
            type.toLowerCase(),
            (size: NominalSize): End => ({ kind: 'cam', size, part }),
          ]),
        ),
      }),
    },
    {
      word: 'click',
      read: lastWord(CLICK_SIZES, {
        plug: (size): End => ({ kind: 'click', size, part: 'plug' }),
        socket: (size): End => ({ kind: 'click', size, part: 'socket' }),
      }),
    },
    ...FLANGE_DRILLINGS.map(({ id, token, sizes }): Registered => ({
      word: token,
      read: lastWord(
        sizes.map(({ size }) => size),
        { flange: (size): End => ({ kind: 'flange', drilling: id, size }) },
      ),
    })),
    ...WALL_SEAL_STYLES.map(({ id, words: [word, last], sizes }): Registered => ({
      word,
      read: lastWord(
        sizes.map(({ size }) => size),
        { [last]: (size): End => ({ kind: 'wall-seal', style: id, size }) },
      ),
    })),
  ].map((one) => [one.word.toUpperCase(), one]),
);

/** The allowed words, nearest first by edit distance, at most three. */
function nearest(word: string, allowed: readonly string[]): string[] {
  const near = (candidate: string): number => distance(word.toLowerCase(), candidate.toLowerCase());
  return [...allowed].sort((a, b) => near(a) - near(b)).slice(0, 3);
}

/** A parse problem in words: what was not understood and the nearest that would be. */
export function endProblemWords({ code, word, nearest: near }: EndProblem): string {
  const list = near.join(', ');
  switch (code) {
    case 'empty':
      return `Nothing written. An end reads like ${list}.`;
    case 'several-ends':
      return `${word} may be several ends. Which: ${list}?`;
    case 'unknown-size':
      return `${word} is no size Herrero knows. Nearest: ${list}.`;
    case 'size-not-made':
      return `It is not made in ${word}. Sizes: ${list}.`;
    case 'sex-not-made':
      return `This thread is only made as ${list}.`;
    case 'missing-word':
      return `The end stops too soon. Next: ${list}.`;
    case 'extra-word':
      return `${word} is one word too many.`;
    case 'unknown-word':
      return `${word} is no word for an end. Nearest: ${list}.`;
  }
}
