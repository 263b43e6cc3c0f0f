import { expect, test } from 'vitest';
import { ternPoint } from '../../demo/tern-point';
import { shippedCatalogue } from '../../fittings/catalogue';
import { contextOf } from '../../derived/context';
import { BEGUN_JOBS } from '../../test/begun-jobs';
import { articleOf, shelves, tickLine } from './shelves';
import { takeOff } from '../take-off/take-off';

const list = takeOff(contextOf(ternPoint(), shippedCatalogue));
const shelf = shelves(list, shippedCatalogue);
const lines = shelf.flatMap((one) => one.lines);

test('as many to buy, for as much, as the list by place says', () => {
  expect(lines.reduce((sum, { buy }) => sum + buy, 0)).toBe(list.toBuy);
  expect(lines.reduce((sum, { priceUsd }) => sum + (priceUsd ?? 0), 0)).toBeCloseTo(list.totalUsd, 2);
});

test('each thing stands once, over all runs: four 1-1/2 and 1/2 bulkheads in two lines', () => {
  expect(new Set(lines.map(({ article }) => article)).size).toBe(lines.length);
  const bulkhead = lines.find(({ code }) => code === 'BH-150');
  expect(bulkhead).toMatchObject({ buy: 2, places: ['P3'] });
  expect(bulkhead?.uses).toHaveLength(2);
  // A nipple in the link and one at the drain.
  expect(lines.find(({ code }) => code === 'NC-150')).toMatchObject({ buy: 2, places: ['P3', 'P5'] });
});

test('by the shelf of a counter', () => {
  const on = (code: string) => shelf.find((one) => one.lines.some((line) => line.code === code))?.name;
  expect(on('LV-075')).toBe('Brass, threaded');
  expect(on('PI-300')).toBe('Pipe and hose');
  expect(on('BH-075')).toBe('Polypropylene, for tanks');
  expect(on('TA-050')).toBe('Consumables');
  expect(shelf.map(({ name }) => name)).toEqual(shelf.map(({ name }) => name).sort());
});

test('nothing of the van, nothing that comes with another part', () =>
  expect(lines.every(({ buy }) => buy > 0)).toBe(true));

test('a tick is of so many: where more are wanted since, the line is open again', () => {
  const [line] = lines;
  expect(tickLine(line!)).toBe(tickLine({ ...line! }));
  expect(tickLine({ ...line!, buy: line!.buy + 1 })).not.toBe(tickLine(line!));
});

test('what one code stands for several times is one thing each: two lengths of bolt are two articles', () => {
  const lists = BEGUN_JOBS.map((job) =>
    takeOff(contextOf(job, shippedCatalogue)).groups.flatMap((group) => group.lines),
  );
  for (const own of lists) {
    const called = new Map<string, string>();
    for (const line of own.filter(({ buy, unit }) => buy > 0 && unit !== 'length')) {
      const known = called.get(articleOf(line)) ?? line.detail;
      called.set(articleOf(line), known);
      expect([articleOf(line), line.detail]).toEqual([articleOf(line), known]);
    }
  }
  const bolt = { code: 'BO', detail: 'M16 x 65 mm bolt with nut and two washers' };
  expect(articleOf(bolt)).not.toBe(articleOf({ ...bolt, detail: 'M16 x 80 mm bolt with nut and two washers' }));
});
