import { expect, test } from 'vitest';
import { shippedCatalogue } from '../../fittings/catalogue';
import type { Spares } from '../../job/job';
import { plan } from '../../plan/plan';
import { provenList } from '../proven-list';
import { tankWith } from '../../test/sample-jobs';

const listWith = (spares: Spares, onHand: readonly (readonly [string, number])[] = []) =>
  provenList(
    plan(
      tankWith({
        settings: { spares },
        holes: [
          {
            parts: [
              { code: 'BH-075' },
              { code: 'NC-075' },
              { code: 'LV-075' },
              { code: 'HB-075' },
              { code: 'HO-075', lengthM: 3 },
            ],
          },
          {
            id: 'o',
            roles: ['overflow'],
            size: '1-1/2',
            heightM: 0.8,
            parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 1 }],
          },
        ],
      }),
      { ...shippedCatalogue, onHand: new Map(onHand) },
    ),
  );
const spares = (of: Spares) =>
  listWith(of)
    .groups.find(({ id }) => id === 'spares')
    ?.lines.map(({ code, buy }) => `${buy} ${code}`);

test('none unless they are asked for', () => expect(spares('none')).toBeUndefined());

// By hand, of what is built in: a gasket tears; nipple, valve and hose barb are small; the bulkhead seals a wall and is
// not; a washer and a clamp get lost.
test('sensible: what tears, what is small, what gets lost', () =>
  expect(spares('sensible')).toEqual(['1 PG-150', '1 NC-075', '1 LV-075', '1 HB-075', '1 HC-16', '1 WA']));

test('remote: twice that, one of the rest, a length of each pipe, a roll of tape', () =>
  expect(spares('remote')).toEqual([
    '1 BH-075',
    '2 PG-150',
    '2 NC-075',
    '2 LV-075',
    '2 HB-075',
    '1 HO-075',
    '1 PI-150',
    '1 TA-050',
    '2 HC-16',
    '2 WA',
  ]));

test('a spare is taken from what the job leaves on hand before it is bought', () => {
  // Of three lever valves one is built in, and two are left; of one nipple none.
  const lines = listWith('sensible', [
    ['LV-075', 3],
    ['NC-075', 1],
  ]).groups.find(({ id }) => id === 'spares')?.lines;
  expect(lines?.find(({ code }) => code === 'LV-075')).toMatchObject({ need: 1, buy: 0, note: 'spare, 1 on hand' });
  expect(lines?.find(({ code }) => code === 'NC-075')).toMatchObject({ need: 1, buy: 1, note: 'spare' });
});

test('spares are paid for, and hide nothing that is forgotten', () => {
  const [without, sensible] = [listWith('none'), listWith('sensible')];
  const spare = sensible.groups.find(({ id }) => id === 'spares')?.lines ?? [];
  const priced = spare.reduce((sum, { priceUsd }) => sum + (priceUsd ?? 0), 0);
  expect(sensible.totalUsd).toBeCloseTo(without.totalUsd + priced, 2);
  expect(spare.find(({ code }) => code === 'LV-075')?.priceUsd).toBe(shippedCatalogue.byCode.get('LV-075')?.priceUsd);
  expect(sensible.listed).toEqual(without.listed);
});
