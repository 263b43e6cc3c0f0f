import { runs } from '../test/runs';
import Graph from 'graphology';
import { dijkstra } from 'graphology-shortest-path';
import { describe, expect, test } from 'vitest';
import { formatEnd } from '../connections/format';
import { judge, mate } from '../connections/mate';
import { holdsAtAll } from '../connections/mating';
import { parseEnd } from '../connections/parse';
import { CAPABILITIES, can } from '../fittings/capability';
import { type Catalogue, catalogueOf, shippedCatalogue } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import { type Route, findRoutes } from './find-routes';
import { type RouteWishes, traitsOf, weigh } from './leans';
import { type OpenEnd, wayIndex } from './way-index';

const open = (text: string): OpenEnd => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return { end: parsed.value };
};
const ways = (from: string, to: string, wishes: Parameters<typeof findRoutes>[3] = {}, catalogue = shippedCatalogue) =>
  findRoutes(open(from), open(to), catalogue, wishes);
const codes = ({ links }: Route): readonly string[] => links.map(({ part }) => part.code);

/** Walks a route end by end and asks `mate` of every joint, the last one included. */
function everyJointHolds(from: OpenEnd, to: OpenEnd | undefined, { links }: Route): boolean {
  let standing = from;
  const holds = (next: OpenEnd): boolean =>
    holdsAtAll(mate(standing.end, next.end, { a: standing.material, b: next.material }).verdict);
  for (const { part, endIn, endOut } of links) {
    const [near, far] = [part.ends[endIn], part.ends[endOut]];
    if (!near || !far || endIn === endOut || !holds({ end: near.end, material: part.material })) return false;
    standing = { end: far.end, material: part.material };
  }
  return to === undefined || holds(to);
}

/** Pseudo-random and always the same (a linear congruential generator with the constants of Numerical Recipes). */
function dice(seed: number): (below: number) => number {
  let state = seed;
  return (below) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * below);
  };
}

const PAIRS = [
  ['3/4 NPT M', '3/4 NH F swivel'],
  ['3/4 NPT F', '3/4 NH M'],
  ['1 NPT F', '1/2 NPT F'],
  ['1 hose bore', '3/4 NH F swivel'],
  ['1-1/2 IPS socket', '3/4 NPT F'],
  ['2 NPT F', '1 barb'],
  ['S60x6 M', '32 PE spigot'],
  ['56x4 F', '25 PE spigot'],
  ['1 G M', '1 NPT M'],
] as const;

describe('what is found', () => {
  test.each(PAIRS)('%s to %s: five chains, and every joint of them holds', (from, to) => {
    const { routes } = ways(from, to);
    expect(routes).toHaveLength(5);
    for (const route of routes) expect(everyJointHolds(open(from), open(to), route), codes(route).join()).toBe(true);
  });

  test('the ready-made adapter comes first, chains of parts from the counter after it', () => {
    const { routes } = ways('3/4 NPT M', '3/4 NH F swivel');
    expect(routes.map(codes)[0]).toEqual(['AD-075F']);
    expect(routes.map(codes)).toContainEqual(['CV-075', 'AD-075M']);
  });

  test('no two chains are one in other colours: their ends differ somewhere', () => {
    const { routes } = ways('1 NPT F', '1/2 NPT F', { limit: 12 });
    const ends = routes.map(({ links }) =>
      links
        .map(({ part, endIn, endOut }) =>
          [endIn, endOut].map((at) => formatEnd(part.ends[at]?.end ?? open('1 NPT M').end)).join(),
        )
        .join('|'),
    );
    expect(new Set(ends).size).toBe(12);
  });

  test('a chain never comes back to an end it had, unless something was done in between', () => {
    for (const [from, to] of PAIRS)
      for (const { links } of ways(from, to, { limit: 10 }).routes) {
        const passed = [
          formatEnd(open(from).end),
          ...links.map(({ part, endOut }) => formatEnd(part.ends[endOut]?.end ?? open(from).end)),
        ];
        expect(new Set(passed).size).toBe(passed.length);
      }
  });

  test('two ends that join already need no part', () => {
    expect(ways('3/4 NPT M', '3/4 NPT F').routes).toMatchObject([{ links: [], priceUsd: 0 }]);
    expect(ways('3/4 NH M', '3/4 NH M', { target: 'offers' }).routes).toMatchObject([{ links: [] }]);
  });

  test('a run that shall offer an end ends in just that end', () => {
    for (const route of ways('2 NPT M', '3/4 NH M', { target: 'offers' }).routes) {
      const last = route.links.at(-1);
      expect(last && formatEnd(last.part.ends[last.endOut]?.end ?? open('1 barb').end)).toBe('3/4 NH M');
      expect(everyJointHolds(open('2 NPT M'), undefined, route)).toBe(true);
    }
  });

  test.each([
    ['onward', 0],
    ['back', 1],
  ] as const)('water that goes %s passes taps, check valves and filters as they stand', (flow, entered) => {
    let oneWay = 0;
    for (const [from, to] of PAIRS)
      for (const require of [[], ['non-return', 'filter']] as const)
        for (const { links } of ways(from, to, { require, flow, limit: 10 }).routes)
          for (const { part, endIn } of links.filter((link) => link.part.oneWay)) {
            oneWay += 1;
            expect(endIn, `${part.code} of ${from} to ${to}`).toBe(entered);
          }
    expect(oneWay).toBeGreaterThan(20);
  });

  // G is both the tail and the spout of such a tap: it was put on by either, and two of them in a row.
  test('no way leads through the spout of a tap, and none through two taps', () => {
    for (const from of ['3/4 G F', '1 G F', '1/2 G F', '3/4 Rp F', '3/4 NPT F'])
      for (const to of ['3/4 G M', '3/4 NH M', '1/2 G M'])
        for (const { links } of ways(from, to, { target: 'offers', limit: 20, mostParts: 4 }).routes) {
          const taps = links.filter(({ part }) => part.ends.some(({ mayStayOpen }) => mayStayOpen === 'discharge'));
          for (const { part, endIn } of taps) expect(part.ends[endIn]?.mayStayOpen).not.toBe('discharge');
          expect(taps.filter(({ part }) => part.features.includes('spout')).length).toBeLessThan(2);
        }
  });
});

describe('wishes', () => {
  const from = '2 NPT M';
  const to = '3/4 NH F swivel';

  test('what must be in is in', () => {
    const { routes } = ways(from, to, { require: ['shut-off', 'union', 'elbow'] });
    expect(routes.length).toBeGreaterThan(0);
    for (const { links } of routes)
      for (const wanted of ['shut-off', 'union', 'elbow'] as const)
        expect(links.some(({ part }) => can(part, wanted))).toBe(true);
  });

  test('what is avoided is not', () => {
    for (const { links } of ways('1-1/2 IPS socket', '3/4 NPT F', { avoid: ['metal', 'elbow'] }).routes)
      for (const { part } of links) {
        expect(['brass', 'stainless', 'galvanised']).not.toContain(part.material);
        expect(can(part, 'elbow')).toBe(false);
      }
    // A socket takes nothing but glue: without it there is no way, and the gap says so.
    expect(ways('1-1/2 IPS socket', '3/4 NPT F', { avoid: ['glue'] }).routes).toEqual([]);
  });

  test('only what the region sells, and nothing narrower than asked', () => {
    for (const { links } of ways('1 G M', '32 PE spigot', { region: 'UK', minBoreMm: 20 }).routes)
      for (const { part } of links) {
        expect(part.regions).toContain('UK');
        expect(part.boreMm).toBeGreaterThanOrEqual(20);
      }
  });

  test('leaning changes the order: cheaper, wider, of metal, from the van', () => {
    const price = (prefer: RouteWishes['prefer']) => ways(from, to, { prefer: prefer ?? [] }).routes[0]?.priceUsd ?? 0;
    expect(price(['cheapest'])).toBeLessThanOrEqual(price(['fewest']));
    const bore = (prefer: RouteWishes['prefer']) =>
      ways('1 NPT F', '1 barb', { prefer: prefer ?? [] }).routes[0]?.smallestBoreMm ?? 0;
    expect(bore(['widest'])).toBeGreaterThanOrEqual(bore([]));
    const [metal] = ways('1 NPT F', '1/2 NPT F', { prefer: ['metal'] }).routes;
    expect(metal?.links.map(({ part }) => part.material)).toEqual(['brass']);
    const onHand = new Map([
      ['CV-075', 2],
      ['AD-075M', 1],
    ]);
    expect(
      codes(
        ways('3/4 NPT M', to, { prefer: ['on-hand'], onHand }).routes[0] ?? {
          links: [],
          priceUsd: 0,
          smallestBoreMm: 0,
          cost: 0,
        },
      ),
    ).toEqual(['CV-075', 'AD-075M']);
  });

  test('what cannot be had is named, where there would be a way without it', () => {
    const small = catalogueOf(
      shippedCatalogue.list.filter(({ family }) => family === 'hose-fitting' || family === 'nipple'),
    );
    expect(ways('3/4 NPT F', '3/4 NH F swivel', { require: ['filter', 'elbow', 'union'] }, small)).toMatchObject({
      routes: [],
      unmet: ['filter', 'elbow', 'union'],
    });
  });
});

/** The same graph in the hands of graphology: a node for standing at a node and for entering one, weights by the same wishes. */
function outsideGraph(catalogue: Catalogue, ends: readonly OpenEnd[]): Graph {
  const { nodes, passers, edges, meets } = wayIndex(catalogue);
  const weighing = weigh(
    {},
    ends.map(({ end }) => end),
  );
  const graph = new Graph({ multi: false, type: 'directed' });
  for (const node of nodes.keys()) {
    graph.addNode(`at ${node}`);
    graph.addNode(`in ${node}`);
  }
  const edge = (a: string, b: string, weight: number): void => {
    if (weight === Number.POSITIVE_INFINITY) return;
    if (!graph.hasEdge(a, b)) graph.addEdge(a, b, { weight });
    else if (weight < Number(graph.getEdgeAttribute(a, b, 'weight'))) graph.setEdgeAttribute(a, b, 'weight', weight);
  };
  for (const { near, far, passages } of edges)
    for (const { passer } of passages) {
      const found = passers[passer];
      if (found) edge(`in ${near}`, `at ${far}`, weighing.ofPart(found.traits));
    }
  for (const [node, meetings] of meets.entries())
    for (const { node: next, glued } of meetings) edge(`at ${node}`, `in ${next}`, weighing.ofJoint(glued));
  return graph;
}

describe('against the outside', () => {
  // Random pairs, 500 in the long run, against the shortest path of a general-purpose graph library on the same graph, same cost.
  test('the best chain costs what graphology says it costs', () => {
    const catalogue = catalogueOf(shippedCatalogue.list.filter((_, index) => index % 3 === 0));
    const index = wayIndex(catalogue);
    const roll = dice(20261125);
    let compared = 0;
    const pairs = runs(40, 500);
    for (let pair = 0; pair < pairs; pair++) {
      const [a, b] = [roll(index.nodes.length), roll(index.nodes.length)];
      const [from, to] = [index.nodes[a], index.nodes[b]];
      if (!from || !to) throw new Error('no node');
      if (holdsAtAll(judge(from.end, to.end, { a: from.material, b: to.material }).verdict)) continue;
      const ends = [from, to];
      const graph = outsideGraph(catalogue, ends);
      graph.addNode('target');
      const weighing = weigh(
        {},
        ends.map(({ end }) => end),
      );
      for (const { node, glued } of index.meetingsOf(to))
        graph.mergeEdge(`at ${node}`, 'target', { weight: weighing.ofJoint(glued) });
      const path = dijkstra.bidirectional(graph, `at ${a}`, 'target', 'weight');
      const [route] = findRoutes(from, to, catalogue, { mostParts: 60, limit: 1 }).routes;
      if (path === null) {
        expect(route, `${formatEnd(from.end)} to ${formatEnd(to.end)}`).toBeUndefined();
        continue;
      }
      let cost = 0;
      for (const [step, node] of path.slice(1).entries())
        cost +=
          node === 'target'
            ? Math.min(
                ...index
                  .meetingsOf(to)
                  .filter(({ node }) => `at ${node}` === path[step])
                  .map(({ glued }) => weighing.ofJoint(glued)),
              )
            : Number(graph.getEdgeAttribute(path[step], node, 'weight'));
      expect(route?.cost, `${formatEnd(from.end)} to ${formatEnd(to.end)}`).toBeCloseTo(cost, 9);
      compared++;
    }
    expect(compared).toBeGreaterThan(0.4 * pairs);
  });

  /** Exhaustive search over every chain of a small catalogue, with must-haves: independent of the code under test. */
  test('with must-haves the best chain is the best of all chains, by exhaustive search', () => {
    const small = catalogueOf(
      shippedCatalogue.list.filter(({ code }) =>
        /^(NC|NH|U|LV|LM|C|AD|AS|R|HV)-(050|075|100|075050|100075)[MF]?$/.test(code),
      ),
    );
    const require = ['shut-off', 'union'] as const;
    const pairs = [
      ['3/4 NPT F', '3/4 NPT F'],
      ['1 NPT F', '3/4 NH F swivel'],
      ['3/4 NPT M', '1/2 NPT M'],
    ] as const;
    for (const [from, to] of pairs) {
      const weighing = weigh({ require }, [open(from).end, open(to).end]);
      const holds = (a: OpenEnd, b: OpenEnd) =>
        holdsAtAll(judge(a.end, b.end, { a: a.material, b: b.material }).verdict);
      const cost = (part: Part) =>
        weighing.ofPart(
          traitsOf(
            part,
            CAPABILITIES.reduce((bits, one, bit) => bits | (can(part, one) ? 1 << bit : 0), 0),
          ),
        );
      const ofAll = (standing: OpenEnd, chain: readonly Part[], spent: number, left: number): number => {
        const done = require.every((one) => chain.some((part) => can(part, one)));
        const here =
          chain.length > 0 && done && holds(standing, open(to))
            ? spent + weighing.ofJoint(false)
            : Number.POSITIVE_INFINITY;
        if (left === 0) return here;
        return Math.min(
          here,
          ...small.list.flatMap((part) =>
            [0, 1].map((endIn) => {
              const [near, far] = [part.ends[endIn], part.ends[1 - endIn]];
              if (!near || !far || (part.oneWay && endIn === 1)) return Number.POSITIVE_INFINITY;
              if (!holds(standing, { end: near.end, material: part.material })) return Number.POSITIVE_INFINITY;
              return ofAll(
                { end: far.end, material: part.material },
                [...chain, part],
                spent + weighing.ofJoint(false) + cost(part),
                left - 1,
              );
            }),
          ),
        );
      };
      expect(ways(from, to, { require, mostParts: 4 }, small).routes[0]?.cost, `${from} to ${to}`).toBeCloseTo(
        ofAll(open(from), [], 0, 4),
        9,
      );
    }
  });
});

describe('the gap', () => {
  test('is the one part that would close it, in end notation', () => {
    const cams = catalogueOf(shippedCatalogue.list.filter(({ family }) => family === 'cam-coupling'));
    // A 2 in cam adapter stands open; the container's outlet is coarse: what is missing has one of each.
    expect(ways('2 cam adapter', 'S60x6 M', {}, cams)).toMatchObject({
      routes: [],
      gap: { part: '2 cam coupler x S60x6 F', before: [], after: [] },
    });
  });

  test('comes with the rest of the chain, and that holds', () => {
    const noContainer = catalogueOf(
      shippedCatalogue.list.filter(({ family }) => family !== 'container-fitting' && family !== 'wall-fitting'),
    );
    const { routes, gap } = ways('S60x6 M', '3/4 NH F swivel', {}, noContainer);
    expect(routes).toEqual([]);
    expect(gap?.ends.map(formatEnd)[0]).toBe('S60x6 F');
    const last = gap?.ends[1];
    const after = gap?.after ?? [];
    if (!last) throw new Error('no gap');
    const [first] = after;
    if (first) expect(first.ends.some(({ end }) => holdsAtAll(judge(last, end).verdict))).toBe(true);
    else expect(holdsAtAll(judge(last, open('3/4 NH F swivel').end).verdict)).toBe(true);
  });

  test('of an end of no standard there is none: it has to be measured first', () =>
    expect(ways('union tail', '3/4 NPT M')).toEqual({ routes: [] }));

  test('of an empty catalogue it is the adapter itself', () =>
    expect(ways('3/4 NPT M', '3/4 NH F swivel', {}, catalogueOf([])).gap?.part).toBe('3/4 NPT F x 3/4 NH M'));
});
