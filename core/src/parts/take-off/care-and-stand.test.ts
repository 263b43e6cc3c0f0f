import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../../fittings/catalogue';
import { contextOf } from '../../derived/context';
import type { Settings } from '../../job/job';
import { place, tankWith } from '../../test/sample-jobs';
import type { Tank } from '../../walls/tank';
import { takeOff } from './take-off';

const listOf = (job: Parameters<typeof contextOf>[0]) => takeOff(contextOf(job, shippedCatalogue));
const site = (job: Parameters<typeof contextOf>[0]) => listOf(job).groups.find(({ id }) => id === 'site')?.lines ?? [];
/** What it stands on and is held by; what its pit is filled with is the earth's. */
const stand = (tank: Partial<Tank>) => site(tankWith({ tank })).filter(({ code }) => !/^(BE|GV)-/.test(code));

// An open drum is 600 mm across (its type). Blocks are 400 x 200 x 200 mm (ASTM C90 nominal), one every 400 mm: common practice.
describe('what a tank stands on', () => {
  test('a drum on blocks, one course: 2 by 2', () =>
    expect(stand({ base: 'blocks', plinthM: 0.2 })).toMatchObject([{ code: 'BK', need: 4, buy: 4, places: ['T1'] }]));
  test('two courses take twice as many', () =>
    expect(stand({ base: 'blocks', plinthM: 0.4 })).toMatchObject([{ need: 8 }]));
  // Rows of blocks are 0.2 m wide and at most 0.3 m apart under 0.6 m: (0.6 - 0.2) / 0.5 = 0.8, so one bay, two rows.
  // Four planks of 150 mm are 600 mm: 600 / 400 = 1.5, two blocks a row. Two courses: 2 x 2 x 2 = 8.
  test('planks on blocks', () =>
    expect(
      stand({ base: 'planks', plinthM: 0.4, planks: { count: 4, widthM: 0.15, thickM: 0.05, spanM: 0.3 } }),
    ).toMatchObject([
      { code: 'BK', need: 8 },
      { code: 'PK', need: 4, detail: '5-7/8 in x 1-15/16 in x 23-5/8 in' },
    ]));
  // 1400 kg of sunk concrete (2400 less 1000 kg/m3) are 1 m3, 84 bags of 12 L; a drum takes the least of straps.
  test('what holds a buried tank down is bought', () => {
    // Concrete weighs 1400 kg/m3 more than the water that it displaces: half a tonne by the bag of 12 L, more ready mixed.
    expect(stand({ buriedM: 0.8, plinthM: 0, anchorKg: 560 })).toMatchObject([
      { code: 'CA-25', need: 0.4, unit: 'm3', buy: 34 },
      { code: 'TS-50', need: 2 },
    ]);
    // By the quarter of a cubic yard of 0.7646 m3: six of 0.1911.
    expect(stand({ buriedM: 0.8, plinthM: 0, anchorKg: 1400 })).toMatchObject([
      { code: 'CA-YD', need: 1, unit: 'm3', buy: 6 },
      { code: 'TS-50', need: 2 },
    ]);
    expect(stand({ buriedM: 0.8, plinthM: 0 })).toEqual([]);
  });

  test('for a tank that stands already nothing of it is bought or asked', () => {
    for (const tank of [
      { base: 'blocks', plinthM: 0.2 },
      { base: 'planks', plinthM: 0.4, planks: { count: 4, widthM: 0.15, thickM: 0.05, spanM: 0.3 } },
      { base: 'planks', planks: null },
      { buriedM: 0.8, plinthM: 0, anchorKg: 1400 },
    ] as const) {
      expect(stand({ ...tank, stands: true })).toEqual([]);
      expect(listOf(tankWith({ tank: { ...tank, stands: true } })).questions).toEqual([]);
    }
  });

  test('planks that nobody has described are asked for', () =>
    expect(listOf(tankWith({ tank: { base: 'planks' } })).questions).toEqual([
      'Which planks carry T1: how many, how wide and thick, and over which span?',
    ]));
  // A tank of 2 m3 weighs two tons full: four straps; one of half a ton or less still takes two.
  test('what is driven is lashed and its wheels are chocked', () => {
    const driven = (capacityM3: number) =>
      listOf(tankWith({ type: 'trailer', tank: { base: 'trailer', capacityM3 } }))
        .groups.flatMap(({ lines }) => lines)
        .filter(({ code }) => code === 'LST' || code === 'CHK')
        .map(({ code, need }) => `${code} ${need}`);
    expect(driven(0.9)).toEqual(['LST 2', 'CHK 2']);
    expect(driven(1.9)).toEqual(['LST 4', 'CHK 2']);
  });
  test('the ground needs nothing', () => expect(stand({ base: 'ground', plinthM: 0 })).toEqual([]));
});

describe('what keeps frost, sun and thirst away', () => {
  const drawn = (settings: Partial<Settings>, existing = false) =>
    site(
      tankWith({
        settings,
        terminals: [place({ id: 'bed', name: 'Bed', offers: null })],
        holes: [
          {
            size: '1',
            parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 2, existing }],
            end: { of: 'terminal', id: 'bed' },
          },
        ],
      }),
    ).map(({ code, need, buy, leftOver }) => `${code} ${need}, buy ${buy}, left ${leftOver ?? 0}`);

  // 1 in Schedule 40 is 33.4 mm outside (ASTM D1785). Foam comes 6 ft, 1.829 m, long: two for 2 m, 1.658 m left.
  test('insulated pipe takes foam of its own diameter', () =>
    expect(drawn({ frostPlan: 'insulated', drinking: true })).toEqual(['FO-33 2, buy 2, left 1.658']));
  // Pi x 0.0334 x 2 = 0.21 m2; two coats at 5 m2 a litre: 42 ml of a tin of 500.
  test('painted pipe takes two coats', () =>
    expect(drawn({ sunPlan: 'painted', drinking: true })).toEqual(['PA-500 42, buy 1, left 458']));
  test('what is insulated lies in the dark: it is not painted too', () =>
    expect(drawn({ sunPlan: 'painted', frostPlan: 'insulated', drinking: true })).toEqual([
      'FO-33 2, buy 2, left 1.658',
    ]));
  test('hose bends and sheds it, a clear tube is looked through: neither is painted', () => {
    const open = (code: string) =>
      tankWith({ settings: { sunPlan: 'painted', drinking: true }, holes: [{ parts: [{ code, lengthM: 2 }] }] });
    for (const code of ['HO-075', 'CP-050'])
      expect([code, site(open(code)).map((line) => line.code)]).toEqual([code, []]);
    expect(site(open('PI-100')).map((line) => line.code)).toEqual(['PA-500']);
  });
  test('what stands already has its care', () =>
    expect(drawn({ sunPlan: 'painted', frostPlan: 'insulated', drinking: true }, true)).toEqual([]));
  test('a plate where water is drawn that is not drunk', () => expect(drawn({})).toEqual(['LB 1, buy 1, left 0']));
});

// A 3 in sand filter is 3.4 times as wide as its socket, 450 mm long, and filled to 0.6 of it: its volume in bags of 20 L.
test('a sand filter is filled', () => {
  const filter = shippedCatalogue.byCode.get('JMD-300');
  const outsideMm = Math.max(...(filter?.body ?? []).map((section) => section.outsideMm));
  const litres = ((Math.PI / 4) * outsideMm ** 2 * 450 * 0.6) / 1e6;
  const job = tankWith({
    holes: [
      { size: '3', heightM: 0.6, parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 0.4 }, { code: 'JMD-300' }] },
    ],
  });
  expect(site(job)).toMatchObject([{ code: 'FM-20', need: Math.ceil(litres) / 1000, buy: Math.ceil(litres / 20) }]);
});
