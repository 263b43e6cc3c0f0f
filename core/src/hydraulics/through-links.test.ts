import { expect, test } from 'vitest';
import { contextOf } from '../derived/context';
import { shippedCatalogue } from '../fittings/catalogue';
import { type SampleHole, tankWith } from '../test/sample-jobs';
import { orificeM3s } from './free-flow';
import { byLinksM3s } from './through-links';

const LENGTH_M = 1.5;
const HOSE: NonNullable<SampleHole['parts']> = [
  { code: 'BH-100' },
  { code: 'HB-100' },
  { code: 'HO-100', lengthM: LENGTH_M },
  { code: 'HB-100', inEnd: 1 },
  { code: 'BH-100', inEnd: 1 },
];

/**
 * Drums in a row, each joined to the next by a metre and a half of 1 in hose, or by several side by side; the last has an overflow of 3 in,
 * the first takes the rain.
 */
function row(drums: number, besides = 1) {
  const ids = Array.from({ length: drums }, (_, place) => `t${place + 1}`);
  const link = (id: string, place: number, at: number): readonly SampleHole[] => [
    {
      id: `in${id}-${at}`,
      tankId: id,
      label: `L${place}${at}`,
      roles: ['link'],
      size: '1',
      heightM: 0.1,
      aroundM: 0.2 + at / 2,
    },
    {
      id: `out${id}-${at}`,
      tankId: ids[place] ?? 't1',
      label: `L${place}${at}`,
      roles: ['link'],
      size: '1',
      heightM: 0.1,
      aroundM: 1.2 + at / 5,
      parts: HOSE,
      end: { of: 'hole', id: `in${id}-${at}` },
    },
  ];
  const links = ids
    .slice(1)
    .flatMap((id, place) => Array.from({ length: besides }, (_, at) => link(id, place, at)).flat());
  const job = tankWith({
    others: ids.slice(1).map((id) => ({ id, type: 'open-drum' })),
    holes: [...links, { id: 'o', roles: ['overflow'], tankId: ids.at(-1) ?? 't1', size: '3', heightM: 0.8 }],
  });
  const context = contextOf(job, shippedCatalogue);
  const [first] = job.tanks;
  if (!first) throw new Error('row: no tank');
  return { flow: byLinksM3s(first, context), tank: first };
}

/** What the same row passes, worked apart: friction by Swamee and Jain's formula, the overflow of 76.2 mm by critical depth in steps. */
function byHand(hops: number, headM: number, besides = 1): number {
  const part = (code: string) => {
    const found = shippedCatalogue.byCode.get(code);
    if (!found) throw new Error(code);
    return found;
  };
  const head = (flow: number, boreMm: number): number => (flow / ((Math.PI / 4) * (boreMm / 1000) ** 2)) ** 2 / 19.6133;
  const lost = (flow: number): number => {
    const bore = part('HO-100').boreMm / 1000;
    const reynolds = (flow * bore) / ((Math.PI / 4) * bore ** 2) / 1.139e-6;
    const friction = 0.25 / Math.log10(1e-5 / bore / 3.7 + 5.74 / reynolds ** 0.9) ** 2;
    const fittings = ['BH-100', 'HB-100', 'HB-100', 'BH-100'].reduce(
      (sum, code) => sum + part(code).lossK * head(flow, part(code).boreMm),
      0,
    );
    return (friction * LENGTH_M * head(flow, bore * 1000)) / bore + fittings + head(flow, part('BH-100').boreMm);
  };
  const needs = (flow: number): number => {
    let least = Infinity;
    for (let depth = 0.0005; depth < 0.076; depth += 0.0005) {
      const half = Math.acos(1 - depth / 0.0381);
      const area = 0.0381 ** 2 * (half - Math.sin(half) * Math.cos(half));
      const top = 2 * 0.0381 * Math.sin(half);
      if (area * Math.sqrt((9.80665 * area) / top) >= flow) least = Math.min(least, depth + (0.75 * area) / top);
    }
    return least;
  };
  let flow = 0;
  while (hops * lost((flow + 1e-7) / besides) + needs(flow + 1e-7) < headM) flow += 1e-7;
  return flow;
}

// The brim is at 880 mm, the lowest point of the overflow at 800 - 38.1 mm.
test.each([
  [2, 1],
  [4, 3],
])('%d drums in a row: what passes %d links and the overflow', (drums, hops) => {
  const { flow } = row(drums);
  expect(Math.abs(flow / byHand(hops, 0.88 - (0.8 - 0.0381)) - 1)).toBeLessThan(0.03);
});

// Lines that are alike and lie side by side carry as much each, at one head between the tanks.
test.each([2, 3])('%d links side by side share the flow', (besides) => {
  const { flow } = row(2, besides);
  expect(Math.abs(flow / byHand(1, 0.88 - (0.8 - 0.0381), besides) - 1)).toBeLessThan(0.03);
});

test('each further drum passes less, and all less than a bare opening of the bore would', () => {
  const flows = [2, 3, 4].map((drums) => row(drums).flow);
  expect(flows.toSorted((a, b) => b - a)).toEqual(flows);
  expect(flows[0]).toBeLessThan(orificeM3s(0.0254, 0.118));
  expect(flows.at(-1)).toBeGreaterThan(0);
});

test('nothing where there is no link', () => expect(row(1).flow).toBe(0));
