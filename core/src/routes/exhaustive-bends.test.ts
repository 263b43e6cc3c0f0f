import fc from 'fast-check';
import { expect, it } from 'vitest';
import { bendsBetween } from '../assembly/bends-between';
import { type Vector, unit } from '../assembly/vector';
import { shippedCatalogue } from '../fittings/catalogue';
import { isByLength } from '../fittings/part';
import { emptyJob } from '../job/job';
import { type Triple, leastBends } from '../test/exhaustive-bends';
import { runs } from '../test/runs';
import { bendsFor } from './bridge';

/** Every kind of rigid pipe that is made, with the bends that go on it. */
const PIPES = shippedCatalogue.list
  .filter((part) => part.family === 'pipe' && isByLength(part))
  .map((pipe) => bendsFor(pipe, { catalogue: shippedCatalogue, job: emptyJob('any', 'mm-l') }, undefined))
  .filter((bends) => bends.some(({ degrees }) => degrees === 90));

/** The axes of a run have their right where those of the search have their left. */
const triple = ({ out, right, up }: Vector): Triple => [out, -right, up];
const figure = fc.noBias(fc.integer({ min: -2500, max: 2500 }).map((mm) => mm / 1000));
const vector = fc.record({ out: figure, right: figure, up: figure });

it('of the ends that two or three bends close nearly all are closed, with one bend over the least at most', () => {
  expect(PIPES.length).toBeGreaterThan(20);
  const START: Vector = { out: 0, right: 0, up: 0 };
  const counts = { closes: 0, found: 0, over: 0 };
  fc.assert(
    fc.property(fc.constantFrom(...PIPES), vector, vector, vector, (bends, at, leaves, comes) => {
      const [u, v] = [unit(leaves), unit(comes)];
      if (!u || !v) return;
      const leastM = 2 * Math.max(...bends.map(({ depthM }) => depthM));
      const takes = new Map([[0, 0], ...bends.map(({ degrees, takeOffM }) => [degrees, takeOffM] as const)]);
      const least = leastBends({
        u: triple(u),
        v: triple(v),
        gap: triple(at),
        degrees: bends.map(({ degrees }) => degrees),
        takes: (degrees) => takes.get(degrees) ?? 0,
        least: leastM,
      });
      const [way] = bendsBetween({ at: START, goes: u }, { at, goes: v }, bends, leastM);
      if (least === undefined) return;
      counts.closes += 1;
      if (!way) return;
      counts.found += 1;
      counts.over += Number(way.bends.length > least);
      expect(way.bends.length).toBeLessThanOrEqual(least + 1);
      // Walked again, leg after leg, in the other coordinates.
      const end = way.goes.map(triple).reduce<Triple>(
        ([x, y, z], [a, b, c], place) => {
          const by = way.legsM[place] ?? 0;
          return [x + a * by, y + b * by, z + c * by];
        },
        [0, 0, 0],
      );
      const there = triple(at);
      expect(Math.hypot(end[0] - there[0], end[1] - there[1], end[2] - there[2])).toBeLessThan(0.001);
      for (const [place, { degrees }] of way.bends.entries()) {
        const [a, b] = [triple(way.goes[place] ?? u), triple(way.goes[place + 1] ?? v)];
        const turned = (Math.acos(Math.max(-1, Math.min(1, a[0] * b[0] + a[1] * b[1] + a[2] * b[2]))) * 180) / Math.PI;
        expect(Math.abs(turned - degrees)).toBeLessThan(0.5);
      }
    }),
    { numRuns: runs(50, 1000) },
  );
  expect(counts.closes).toBeGreaterThan(runs(50, 1000) / 2);
  expect(counts.found / counts.closes).toBeGreaterThan(0.95);
  expect(counts.over / counts.found).toBeLessThan(0.05);
});
