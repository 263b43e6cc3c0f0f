import Graph from 'graphology';
import { dijkstra } from 'graphology-shortest-path';
import { bench, describe } from 'vitest';
import { catalogueOf, shippedCatalogue } from '../fittings/catalogue';
import { findRoutes } from './find-routes';
import { weigh } from './leans';
import { nextParts } from './next-parts';
import { wayIndex } from './way-index';

/** Twenty thousand parts: the shipped ones, and others like them at other prices, as several merchants would list them. */
const MANY = 20_000;
const copies = Array.from({ length: MANY - shippedCatalogue.list.length }, (_, index) => {
  const part = shippedCatalogue.list[(index * 7919) % shippedCatalogue.list.length];
  if (!part) throw new Error('empty');
  return { ...part, code: `${part.code}~${index}`, priceUsd: part.priceUsd * (0.8 + (index % 41) / 100) };
});
const catalogue = catalogueOf([...shippedCatalogue.list, ...copies]);
const index = wayIndex(catalogue);

let turn = 0;
/** Another pair of nodes each time, 500 of them in turn. */
const nextPair = () => {
  turn = (turn + 1) % 500;
  const [from, to] = [
    index.nodes[(turn * 331) % index.nodes.length],
    index.nodes[(turn * 577 + 13) % index.nodes.length],
  ];
  if (!from || !to) throw new Error('no node');
  return { from, to };
};

describe('five ranked chains over 20,000 parts', () => {
  bench(
    'with two must-haves',
    () => {
      const { from, to } = nextPair();
      findRoutes(from, to, catalogue, { require: ['shut-off', 'union'] });
    },
    { iterations: 500, warmupIterations: 20 },
  );

  const weighing = weigh({}, []);
  const graph = new Graph({ type: 'directed' });
  for (const node of index.nodes.keys()) {
    graph.addNode(`at ${node}`);
    graph.addNode(`in ${node}`);
  }
  for (const { near, far, passages } of index.edges)
    for (const { passer } of passages) {
      const found = index.passers[passer];
      if (found) graph.mergeEdge(`in ${near}`, `at ${far}`, { weight: weighing.ofPart(found.traits) });
    }
  for (const [node, meetings] of index.meets.entries())
    for (const { node: next, glued } of meetings)
      graph.mergeEdge(`at ${node}`, `in ${next}`, { weight: weighing.ofJoint(glued) });
  bench('graphology: one shortest path, no must-haves', () => {
    const { from, to } = nextPair();
    dijkstra.bidirectional(graph, `at ${index.nodes.indexOf(from)}`, `in ${index.nodes.indexOf(to)}`, 'weight');
  });

  bench('the index of 20,000 parts', () => {
    wayIndex(catalogueOf(catalogue.list));
  });

  bench('next part over 20,000 parts', () => {
    const { from } = nextPair();
    nextParts(from, catalogue);
  });
});
