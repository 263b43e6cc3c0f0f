import type { End, EndKind } from '../connections/end';
import { formatEnd } from '../connections/format';
import { judge } from '../connections/mate';
import type { Material } from '../connections/material';
import { type Service, holdsAtAll } from '../connections/mating';
import { CAPABILITIES, can, goesRound } from '../fittings/capability';
import type { Catalogue } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import { memoize } from '../quantity/memoize';
import { type Traits, traitsOf } from './leans';

/** An end as it stands, with the material of the part it belongs to. */
export interface OpenEnd {
  readonly end: End;
  readonly material?: Material | undefined;
  /** What the water does there; not said: what is promised holds the head of a tank. */
  readonly service?: Service | undefined;
}

/** Every end of one kind, size and material in the catalogue is one node: what goes on to one goes on to all. */
export interface RouteNode extends Omit<OpenEnd, 'service'> {
  readonly material: Material;
  /** Nodes with the same end, whatever their material, share this number. */
  readonly endId: number;
}

/** A part that something passes through, with what it is weighed by. */
export interface Passer {
  readonly part: Part;
  readonly traits: Traits;
}

/** A way through a part: in by one end, out by the other. */
export interface Passage {
  /** Index into `passers`. */
  readonly passer: number;
  readonly endIn: number;
  readonly endOut: number;
}

/** Ways from one node to another through parts that do the same: for a chain only the cheapest of them counts. */
export interface RouteEdge {
  readonly near: number;
  readonly far: number;
  /** A bit for each of CAPABILITIES. */
  readonly does: number;
  readonly passages: readonly Passage[];
}

/** A joint that holds, seen from one node. */
export interface Meeting {
  readonly node: number;
  /** Does it take cement? */
  readonly glued: boolean;
}

/** A catalogue made ready for finding ways: nodes, the edges between them, and which nodes hold with which. */
export interface WayIndex {
  readonly nodes: readonly RouteNode[];
  readonly passers: readonly Passer[];
  readonly edges: readonly RouteEdge[];
  /** Edges by the node they are entered at, and by the node they leave at: indices into `edges`. */
  readonly entering: readonly (readonly number[])[];
  readonly leaving: readonly (readonly number[])[];
  readonly meets: readonly (readonly Meeting[])[];
  /** What an end that may be of no part at all holds with. */
  readonly meetingsOf: (standing: OpenEnd) => readonly Meeting[];
  /** Nodes that have just this end, in any material. */
  readonly nodesWith: (end: End) => readonly number[];
}

/** Kinds that can meet at all; others never do, and need not be judged. */
const PARTNERS: Readonly<Partial<Record<EndKind, readonly EndKind[]>>> = {
  thread: ['thread'],
  pipe: ['pipe', 'hose', 'gasket'],
  hose: ['hose', 'pipe'],
  cam: ['cam'],
  click: ['click'],
  flange: ['flange'],
  gasket: ['pipe'],
};

/** Ends by kind, and threads by sex: only across these is there anything to judge. */
const bucketOf = (end: End): string => (end.kind === 'thread' ? `thread ${end.sex}` : end.kind);
const bucketsFor = (end: End): readonly string[] =>
  end.kind === 'thread' ? [end.sex === 'male' ? 'thread female' : 'thread male'] : (PARTNERS[end.kind] ?? []);

/** The indexes of a catalogue that have been built: one for chains with the water, one against it, for each service. */
const built = memoize<Catalogue, Map<string, WayIndex>>(() => new Map());

/**
 * The index of a catalogue; it lives as long as the catalogue does.
 *
 * @param flow     which way the water goes, seen along a chain from its start: what lets it through one way only stands so
 * @param service  what the water does at the joints of a chain
 */
export function wayIndex(catalogue: Catalogue, flow: 'onward' | 'back' = 'onward', service?: Service): WayIndex {
  const indexes = built(catalogue);
  const key = `${flow} ${service ?? ''}`;
  const index = indexes.get(key) ?? buildIndex(catalogue, flow, service);
  indexes.set(key, index);
  return index;
}

class NodeBook {
  readonly nodes: RouteNode[] = [];
  readonly ends: End[] = [];
  /** Nodes with an end, by the end's number. */
  readonly withEnd: number[][] = [];
  private readonly nodeIds = new Map<string, number>();
  private readonly endIds = new Map<string, number>();

  nodeOf(end: End, material: Material): number {
    const endId = this.endIdOf(end);
    const key = `${endId} ${material}`;
    const known = this.nodeIds.get(key);
    if (known !== undefined) return known;
    const node = this.nodes.length;
    this.nodeIds.set(key, node);
    this.withEnd[endId]?.push(node);
    this.nodes.push({ end, material, endId });
    return node;
  }

  nodesWith(end: End): readonly number[] {
    const endId = this.endIds.get(formatEnd(end));
    return endId === undefined ? [] : (this.withEnd[endId] ?? []);
  }

  private endIdOf(end: End): number {
    const text = formatEnd(end);
    const known = this.endIds.get(text);
    if (known !== undefined) return known;
    this.endIds.set(text, this.ends.length);
    this.ends.push(end);
    this.withEnd.push([]);
    return this.ends.length - 1;
  }
}

function buildIndex({ list }: Catalogue, flow: 'onward' | 'back', service: Service | undefined): WayIndex {
  const book = new NodeBook();
  const passers: Passer[] = [];
  const edges: (RouteEdge & { passages: Passage[] })[] = [];
  const edgeIds = new Map<number, number>();
  const addPassage = (near: number, far: number, does: number, passage: Passage): void => {
    const key = (near * MOST_PLACES + far) * 2 ** CAPABILITIES.length + does;
    const known = edgeIds.get(key);
    if (known === undefined) {
      edgeIds.set(key, edges.length);
      edges.push({ near, far, does, passages: [passage] });
    } else edges[known]?.passages.push(passage);
  };
  for (const part of list) {
    const through = endsThrough(part);
    if (!through || goesRound(part)) continue;
    const [first, second] = through;
    const [near, far] = [first, second].map((index) => book.nodeOf(endAt(part, index), part.material));
    if (near === undefined || far === undefined) continue;
    const does = CAPABILITIES.reduce((bits, capability, bit) => bits | (can(part, capability) ? 1 << bit : 0), 0);
    const passer = passers.length;
    passers.push({ part, traits: traitsOf(part, does) });
    if (!part.oneWay || flow === 'onward') addPassage(near, far, does, { passer, endIn: first, endOut: second });
    if (part.oneWay ? flow === 'back' : near !== far)
      addPassage(far, near, does, { passer, endIn: second, endOut: first });
  }
  const { nodes, ends } = book;
  const entering: number[][] = nodes.map(() => []);
  const leaving: number[][] = nodes.map(() => []);
  for (const [edge, { near, far }] of edges.entries()) {
    entering[near]?.push(edge);
    leaving[far]?.push(edge);
  }
  const buckets = new Map<string, number[]>();
  for (const [endId, end] of ends.entries()) {
    const bucket = buckets.get(bucketOf(end));
    if (bucket) bucket.push(endId);
    else buckets.set(bucketOf(end), [endId]);
  }
  /** Ends that hold with this one, or may, when nothing is known of materials: they alone are judged again with them. */
  const unsaid = { service };
  const partnersOf = (end: End): readonly number[] =>
    bucketsFor(end)
      .flatMap((bucket) => buckets.get(bucket) ?? [])
      .filter((endId) => {
        const { verdict } = judge(end, ends[endId] ?? end, unsaid);
        return holdsAtAll(verdict) || verdict === 'unknown';
      });
  const meetingsWith = (standing: OpenEnd, partners: readonly number[]): readonly Meeting[] =>
    partners.flatMap((endId) =>
      (book.withEnd[endId] ?? []).flatMap((node): readonly Meeting[] => {
        const there = nodes[node];
        if (!there) return [];
        const judged = judge(standing.end, there.end, { a: standing.material, b: there.material, service });
        return holdsAtAll(judged.verdict) ? [{ node, glued: judged.media.includes('cement') }] : [];
      }),
    );
  const partners = ends.map(partnersOf);
  return {
    nodes,
    passers,
    edges,
    entering,
    leaving,
    meets: nodes.map((node) => meetingsWith(node, partners[node.endId] ?? [])),
    meetingsOf: (standing) => meetingsWith(standing, partnersOf(standing.end)),
    nodesWith: (end) => book.nodesWith(end),
  };
}

/** More nodes than any catalogue has: makes one number of two. */
const MOST_PLACES = 2 ** 20;

const endAt = (part: Part, index: number): End => {
  const found = part.ends[index];
  if (!found) throw new RangeError(`wayIndex: ${part.code} has no end ${index}`);
  return found.end;
};

/** The two ends of a part with exactly two to use. */
function endsThrough(part: Part): readonly [number, number] | undefined {
  const usable = part.ends.flatMap(({ end, position }, index) =>
    position === 'inside' || end.kind === 'wall-seal' ? [] : [index],
  );
  // A branch is left open: such a part is only for who asks for one.
  const straight = usable.filter((index) => part.ends[index]?.position !== 'branch');
  const [first, second, third] = straight.length === 2 && can(part, 'branch') ? straight : usable;
  return first === undefined || second === undefined || third !== undefined ? undefined : [first, second];
}
