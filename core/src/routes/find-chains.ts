import type { End } from '../connections/end';
import { formatEnd } from '../connections/format';
import { judge } from '../connections/mate';
import type { Material } from '../connections/material';
import { holdsAtAll } from '../connections/mating';
import type { Catalogue } from '../fittings/catalogue';
import { type Part, isByLength } from '../fittings/part';

/** An end as it stands, with the material of the part it belongs to. */
export interface OpenEnd {
  readonly end: End;
  readonly material?: Material | undefined;
}

/** One part of a chain: which of its ends faces the start. */
export interface ChainLink {
  readonly part: Part;
  readonly endIn: number;
  readonly endOut: number;
}

export interface Chain {
  readonly links: readonly ChainLink[];
  readonly priceUsd: number;
}

export interface ChainOptions {
  /** Most parts in a chain. */
  readonly mostParts?: number;
  readonly limit?: number;
}

const DEFAULT_MOST_PARTS = 3;
const DEFAULT_LIMIT = 3;

/**
 * The shortest chains of pieces between two open ends in which every joint holds, fewest parts first, then the cheapest.
 *
 * Breadth first over the ends that can be left standing: each further part goes on to an end reached before. At most
 * `mostParts` deep, so it always stops. Pieces sold by length and parts with one end never join.
 *
 * @param from,to  the ends as they stand (`3/4 NPT M` sticks out, `3/4 NH F swivel` waits for its male)
 * @returns at most `limit` chains that differ in what they are made of; empty where none is found
 */
export function findChains(
  from: OpenEnd,
  to: OpenEnd,
  catalogue: Catalogue,
  options: ChainOptions = {},
): readonly Chain[] {
  const { mostParts = DEFAULT_MOST_PARTS, limit = DEFAULT_LIMIT } = options;
  const goesOn = passagesOf(catalogue);
  const found: Chain[] = [];
  const reached = new Set<string>([keyOf(from)]);
  let front: { standing: OpenEnd; chain: Chain }[] = [{ standing: from, chain: { links: [], priceUsd: 0 } }];
  for (let depth = 1; depth <= mostParts && found.length < limit && front.length > 0; depth++) {
    const next: typeof front = [];
    for (const { standing, chain } of front) {
      for (const { link, far } of goesOn(standing)) {
        const longer = { links: [...chain.links, link], priceUsd: chain.priceUsd + link.part.priceUsd };
        if (holds(far, to)) found.push(longer);
        else next.push({ standing: far, chain: longer });
      }
    }
    next.sort((a, b) => a.chain.priceUsd - b.chain.priceUsd);
    front = next.filter(({ standing }) => !reached.has(keyOf(standing)) && reached.add(keyOf(standing)));
  }
  return found.sort((a, b) => a.links.length - b.links.length || a.priceUsd - b.priceUsd).slice(0, limit);
}

interface Step {
  readonly link: ChainLink;
  readonly near: OpenEnd;
  readonly far: OpenEnd;
}

/** What can be passed through from an end; remembered for as long as the catalogue lives. */
type Passages = (standing: OpenEnd) => readonly Step[];

const passages = new WeakMap<Catalogue, Passages>();

function passagesOf(catalogue: Catalogue): Passages {
  const known = passages.get(catalogue);
  if (known) return known;
  const steps = catalogue.list.flatMap(stepsThrough);
  const onwards = new Map<string, readonly Step[]>();
  const goesOn: Passages = (standing) => {
    const key = keyOf(standing);
    const before = onwards.get(key);
    if (before) return before;
    const onward = steps.filter(({ near }) => holds(standing, near));
    onwards.set(key, onward);
    return onward;
  };
  passages.set(catalogue, goesOn);
  return goesOn;
}

/** Both ways through a piece with exactly two ends to use. */
function stepsThrough(part: Part): readonly Step[] {
  const usable = part.ends.flatMap(({ end, position }, index) =>
    position === 'inside' || end.kind === 'wall-seal' ? [] : [{ index, standing: { end, material: part.material } }],
  );
  const [first, second, third] = usable;
  if (isByLength(part) || !first || !second || third) return [];
  return [
    { link: { part, endIn: first.index, endOut: second.index }, near: first.standing, far: second.standing },
    { link: { part, endIn: second.index, endOut: first.index }, near: second.standing, far: first.standing },
  ];
}

const keys = new WeakMap<End, string>();

/** Ends of the catalogue live as long as it does, so their text is made once. */
function endKey(end: End): string {
  const known = keys.get(end) ?? formatEnd(end);
  keys.set(end, known);
  return known;
}

const keyOf = ({ end, material }: OpenEnd): string => `${endKey(end)}|${material ?? ''}`;

const holds = (a: OpenEnd, b: OpenEnd): boolean =>
  holdsAtAll(judge(a.end, b.end, { a: a.material, b: b.material }).verdict);
