import { formatEnd } from '../../connections/format';
import { MATERIAL_NAMES, type Material } from '../../connections/material';
import { pipeSeries } from '../../connections/standards/pipes';
import { threadStandard } from '../../connections/standards/threads';
import { memoize } from '../../quantity/memoize';
import type { NominalSize } from '../../quantity/size';
import type { Region } from '../../region';
import type { Catalogue } from '../catalogue';
import { type EndClass, endClass } from '../end-class';
import { type Part, isSoldIn } from '../part';
import type { Query } from './read-query';

/** What a search is narrowed down to. */
export interface Narrowing {
  readonly ends?: readonly EndClass[];
  readonly size?: NominalSize | undefined;
  readonly material?: Material | undefined;
  readonly region?: Region | undefined;
  /** Only what there is some of. */
  readonly onHand?: ReadonlyMap<string, number> | undefined;
}

export interface Found {
  readonly parts: readonly Part[];
  /** Parts that miss one word of what was asked. */
  readonly near: readonly Part[];
  /** How many of what the words ask for have such an end; before narrowing down by it. */
  readonly byEnd: ReadonlyMap<EndClass, number>;
  readonly byMaterial: ReadonlyMap<Material, number>;
}

/** A part with everything it may be asked by. */
export interface Indexed {
  readonly part: Part;
  readonly words: ReadonlySet<string>;
  /** The noun of its name, alone and with the word before it: a union ball valve is a valve. */
  readonly heads: readonly string[];
  readonly sizes: ReadonlySet<NominalSize>;
  readonly ends: ReadonlySet<EndClass>;
  readonly text: string;
}

/** Every part of a catalogue with its words, made once. */
export const textIndex = memoize(({ list }: Catalogue): readonly Indexed[] => list.map(indexed));

function indexed(part: Part): Indexed {
  const words = new Set<string>();
  const say = (...some: readonly string[]): void => {
    for (const one of some) words.add(one.toLowerCase());
  };
  say(
    ...part.name.split(/[\s,]+/),
    ...pairsOf(part.name),
    ...part.family.split('-'),
    part.family,
    ...MATERIAL_NAMES[part.material].split(' '),
    part.material,
  );
  if (part.bendDegrees === 45 || part.branchDegrees === 45) say('45');
  if (part.features.includes('slip')) say('slip');
  if (part.features.includes('bend')) say('elbow');
  if (part.detail.includes('Schedule 80')) say('sch80');
  const sizes = new Set<NominalSize>([part.size]);
  for (const { end } of part.ends) {
    if ('size' in end) sizes.add(end.size);
    if (end.kind === 'thread')
      say(threadStandard(end.standard).token, end.sex, 'thread', ...(end.swivel ? ['swivel'] : []));
    else if (end.kind === 'pipe') say(end.part, ...seriesWords(end.series));
    else if (end.kind === 'hose') say(end.part, end.system, ...(end.part === 'barb' ? ['tail'] : []));
    else say(end.kind, ...('part' in end ? [end.part] : []));
  }
  const cam = part.ends.find(({ end }) => end.kind === 'cam')?.end;
  if (cam?.kind === 'cam') say(camType(cam.part, part.ends.find(({ end }) => end.kind !== 'cam')?.end));
  const ends = new Set(part.ends.flatMap(({ end }) => endClass(end) ?? []));
  for (const one of ends) say(one);
  return {
    part,
    words,
    heads: headsOf(part.name),
    sizes,
    ends,
    text: `${part.code} ${part.name} ${part.detail} ${part.ends.map(({ end }) => formatEnd(end)).join(' ')}`.toLowerCase(),
  };
}

/** What a series of pipe is called by; of its long name only what tells it from a drain. */
const seriesWords = (series: Parameters<typeof pipeSeries>[0]): readonly string[] => {
  const { token, name } = pipeSeries(series);
  return [token, ...(name.includes('pressure') ? ['pressure'] : [])];
};

const wordsOfName = (name: string): readonly string[] =>
  name
    .toLowerCase()
    .split(/[\s,]+/)
    .filter((word) => word !== '');

/** Two words of a name that stand side by side, as one: 'float-valve'. */
const pairsOf = (name: string): readonly string[] => {
  const words = wordsOfName(name);
  return words.slice(1).map((word, at) => `${words[at] ?? ''}-${word}`);
};

/** What follows says more of the thing and is not its name. */
const SAYS_MORE = /,| (?:with|on|for|from|of|to|round) | \d/;

function headsOf(name: string): readonly string[] {
  const said = name.split(SAYS_MORE)[0] ?? name;
  const words = wordsOfName(said);
  return [...words.slice(-1), ...pairsOf(said).slice(-1)];
}

/** The letter of a cam coupling by A-A-59326, from its half and from what stands behind it. */
function camType(half: 'adapter' | 'coupler', behind: Part['ends'][number]['end'] | undefined): string {
  if (!behind) return half === 'adapter' ? 'type-dp' : 'type-dc';
  if (behind.kind === 'hose') return half === 'adapter' ? 'type-e' : 'type-c';
  const male = behind.kind === 'thread' && behind.sex === 'male';
  return half === 'adapter' ? (male ? 'type-f' : 'type-a') : male ? 'type-b' : 'type-d';
}

/** Shorter words stand in every name by chance. */
const LEAST_SAID = 4;

/** How many things asked for a part lacks: 0 a hit, 1 a near miss. Sizes count once for each that is nowhere on it. */
function misses({ words, sizes, text }: Indexed, query: Query): number {
  if (query.text.includes(' ') && text.includes(query.text)) return 0;
  let missing = 0;
  for (const { anyOf, said } of query.meanings)
    if (!anyOf.some((word) => words.has(word)) && (said.length < LEAST_SAID || !text.includes(said))) missing++;
  for (const word of query.literal) if (!text.includes(word)) missing++;
  for (const size of query.sizes) if (!sizes.has(size)) missing += 2;
  return missing;
}

/**
 * How far a part is the thing that was asked for: for each word, whether it is what the part is called by, else only said of
 * it; what a word means first comes before what it may mean too.
 */
const farFrom = ({ heads, words }: Indexed, { meanings }: Query): number =>
  meanings.reduce((sum, { anyOf }) => {
    const asHead = anyOf.findIndex((word) => heads.includes(word));
    const asWord = anyOf.findIndex((word) => words.has(word));
    return sum + (asHead >= 0 ? asHead : asWord >= 0 ? anyOf.length + asWord : 2 * anyOf.length);
  }, 0);

/** Is only what the list counts by itself asked for? No part is meant then, whatever size it is of. */
const isCountedAlone = ({ counted, meanings, literal }: Query): boolean =>
  counted.length > 0 && meanings.length + literal.length === 0;

const NOTHING_FOUND: Found = { parts: [], near: [], byEnd: new Map(), byMaterial: new Map() };

/** Of one size asked for, a part of that size all over comes before one that only ends in it. */
const strangeSizes = ({ sizes }: Indexed, query: Query): number =>
  query.sizes.length === 0 ? 0 : [...sizes].filter((size) => !query.sizes.includes(size)).length;

/**
 * The parts of a catalogue that a query asks for, in the order in which they are meant, what is sold where the work is
 * first; nothing where nothing is asked. For lists that are narrowed down by words.
 */
export function wantedOf(
  catalogue: Catalogue,
  query: Query,
  region: Region | null,
): ReadonlyMap<string, number> | undefined {
  const { meanings, literal, sizes, counted } = query;
  if (meanings.length + literal.length + sizes.length + counted.length === 0) return undefined;
  const { parts } = searchParts(catalogue, query);
  const sold = parts.toSorted((a, b) => Number(isSoldIn(b, region)) - Number(isSoldIn(a, region)));
  return new Map(sold.map(({ code }, place) => [code, place]));
}

/**
 * Searches a catalogue for what a query asks; then narrows it down.
 *
 * Hits have everything that was asked; near misses lack one word. Those that are called by what was asked come first, then
 * those of no other size and with fewer words beside those asked for, then in the order of the catalogue.
 */
export function searchParts(catalogue: Catalogue, query: Query, narrowing: Narrowing = {}): Found {
  const hits: Indexed[] = [];
  const near: Indexed[] = [];
  const asked = query.meanings.length + query.literal.length + query.sizes.length > 0;
  if (isCountedAlone(query)) return NOTHING_FOUND;
  for (const one of textIndex(catalogue)) {
    const missing = asked ? misses(one, query) : 0;
    if (missing > 1 || !isThere(one, narrowing)) continue;
    if (missing === 0) hits.push(one);
    else if (query.meanings.length + query.literal.length > 1) near.push(one);
  }
  const byEnd = new Map<EndClass, number>();
  const byMaterial = new Map<Material, number>();
  for (const { ends, part } of hits) {
    for (const one of ends) byEnd.set(one, (byEnd.get(one) ?? 0) + 1);
    byMaterial.set(part.material, (byMaterial.get(part.material) ?? 0) + 1);
  }
  const narrowed = (some: readonly Indexed[]): readonly Part[] =>
    some
      .filter(
        ({ ends, part }) =>
          (narrowing.ends ?? []).every((end) => ends.has(end)) &&
          (narrowing.material === undefined || part.material === narrowing.material),
      )
      .map((one) => ({
        one,
        far: farFrom(one, query),
        strange: strangeSizes(one, query),
        words: one.part.name.split(' ').length,
      }))
      .sort((a, b) => a.far - b.far || a.strange - b.strange || a.words - b.words)
      .map(({ one }) => one.part);
  return { parts: narrowed(hits), near: narrowed(near), byEnd, byMaterial };
}

const isThere = ({ part, sizes }: Indexed, { region, onHand, size }: Narrowing): boolean =>
  (region === undefined || part.regions.includes(region)) &&
  (size === undefined || sizes.has(size)) &&
  (onHand === undefined || (onHand.get(part.code) ?? 0) > 0);
