import { twoDrums } from '../../test/layouts';
import { plan } from '../../plan/plan';
import { provenList } from '../proven-list';
import { rising } from '../../job/placed-part';
import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../../fittings/catalogue';
import { contextOf } from '../../derived/context';
import type { Job } from '../../job/job';
import { TOP_INLET, linkedDrums, place, tankWith, upToGutter } from '../../test/sample-jobs';
import { bracketsFor } from './site-lines';
import { takeOff } from './take-off';

const lines = (job: Job) =>
  takeOff(contextOf(job, shippedCatalogue)).groups.find(({ id }) => id === 'site')?.lines ?? [];

const wall = (job: Job) =>
  takeOff(contextOf(job, shippedCatalogue)).groups.find(({ id }) => id === 'wall')?.lines ?? [];

// Common practice: a bracket every 1.8 m, two at least; half a metre hangs on one.
test.each([
  [0.5, 1],
  [0.9, 2],
  [1.8, 2],
  [2.5, 3],
  [5, 4],
  [null, 2],
])('a downpipe of %s m is held by %d brackets', (lengthM, brackets) => expect(bracketsFor(lengthM)).toBe(brackets));

test('brackets come with what fixes them to the wall they are on', () => {
  const on = (fixedTo: 'masonry' | null) =>
    lines(tankWith({ roof: { fixedTo }, holes: [{ ...TOP_INLET, parts: upToGutter(2.5) }] }));
  expect(on('masonry').map(({ code, need }) => [code, need])).toEqual([
    ['DKG-300', 3],
    ['AM', 6],
  ]);
  expect(on(null).map(({ code }) => code)).toEqual(['DKG-300']);
  expect(on(null)[0]?.note).toContain('not said');
});

// 8 m of gutter: of 10 ft (3.048 m) three lengths, brackets every 2 ft (0.6096 m), guards of 3 ft; of 4 m two, every 0.8 m, of 1 m.
test.each([
  ['US', ['GULU-500', 3], ['GUJU-500', 2], ['GUEU-500', 2], ['GUBU-500', 15], ['GUGU-500', 9]],
  ['UK', ['GULK-112M', 2], ['GUJK-112M', 1], ['GUEK-112M', 2], ['GUBK-112M', 11], ['GUGK-112M', 8]],
] as const)('a gutter that is put up in the %s comes with all it hangs in', (region, ...expected) => {
  const of = (gutterM: number) =>
    lines(tankWith({ roof: { gutterM }, settings: { region }, holes: [TOP_INLET] })).map(({ code, need }) => [
      code,
      need,
    ]);
  expect(of(8)).toEqual(expected);
  expect(of(0)).toEqual([]);
});

test('a buried pipe is bedded: the trench less the pipe', () => {
  const job = tankWith({
    type: 'concrete',
    tank: { buriedM: 1.2, plinthM: 0 },
    holes: [{ size: '3', heightM: 0.7, parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 4, slope: rising(0) }] }],
  });
  const [bed] = lines({ ...job, tanks: job.tanks.map((tank) => ({ ...tank, baseStands: true })) });
  // 3.5 in pipe, 88.9 mm: (0.3889 x 0.3389 - 0.00621) x 4 m = 0.5024 m3 (by hand), up to the litre, less nothing for what stands in the gasket.
  // That is 26 bags: it is tipped, by the quarter cubic yard of 0.1911 m3.
  expect(bed).toMatchObject({ code: 'BE-YD', unit: 'm3', need: 0.503, buy: 3 });
  const short = lines({
    ...job,
    measures: 'mm-l',
    tanks: job.tanks.map((tank) => ({ ...tank, baseStands: true })),
    parts: job.parts.map((part) => (part.lengthM === null ? part : { ...part, lengthM: 1 })),
  });
  // A quarter of it, 0.1256 m3, is seven bags.
  expect(short[0]).toMatchObject({ code: 'BE-20', need: 0.126, buy: 7 });
});

describe('the pit of a buried tank', () => {
  const buried = (type: string, buriedM: number, tank: object = {}) =>
    lines(tankWith({ type, tank: { buriedM, plinthM: 0, ...tank }, holes: [], settings: { measures: 'mm-l' } }));
  const SIZES = { lengthM: 2, widthM: 1, heightM: 1, brimM: 0.95 };
  // By hand: pit 2.8 x 1.8 = 5.04 m2, its bed 0.15 m of it = 0.756 m3; to the top 1 m deep 5.04 less 2 = 3.04 m3.
  test('is bedded, and round plastic filled with gravel to its top, however deep it lies', () => {
    const [bed, fill] = buried('own-box', 1, SIZES);
    expect(bed).toMatchObject({ code: 'BE-M3', need: 0.756, buy: 4 });
    expect(fill).toMatchObject({ code: 'GV-M3', need: 3.04, buy: 13 });
    expect(buried('own-box', 1.5, SIZES)[1]).toMatchObject({ need: 3.04 });
    expect(buried('own-box', 0.5, SIZES)[1]).toMatchObject({ need: 1.52 });
  });
  test('of a tank that stands on the ground, or was there before, is none', () => {
    expect(buried('own-box', 0, SIZES)).toEqual([]);
    expect(buried('own-box', 1, { ...SIZES, baseStands: true })).toEqual([]);
    expect(buried('own-box', 1, { ...SIZES, stands: true })).toEqual([]);
  });
  test('round concrete takes back what was dug', () =>
    expect(buried('concrete', 1.2).map(({ code }) => code)).toEqual(['BE-M3']));
});

test('what lies on its bed is strapped to nothing; the same pipe in the air is', () => {
  const straps = (buriedM: number) =>
    wall(
      tankWith({
        type: 'concrete',
        tank: { buriedM, plinthM: 0 },
        holes: [
          {
            size: '3',
            heightM: 0.7,
            parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 4, slope: rising(0), held: true }],
          },
        ],
      }),
    ).filter(({ code }) => code === 'ST-300');
  expect(straps(1.2)).toEqual([]);
  // 3 in pipe full of water spans 7 ft, 2.13 m: two straps along 4 m.
  expect(straps(0)).toMatchObject([{ need: 2 }]);
});

test('a buried line between two tanks is bedded once, whichever of them it is walked from', () => {
  const tank = { type: 'concrete', buriedM: 1.2, plinthM: 0 };
  const job = linkedDrums('PG-300', [{ code: 'PI-300', lengthM: 4, slope: rising(0) }], { size: '3', heightM: 0.7 });
  const buried = { ...job, tanks: job.tanks.map((one) => ({ ...one, ...tank })) };
  // As the single pipe above: 0.503 m3.
  const bed = lines({ ...buried, tanks: buried.tanks.map((one) => ({ ...one, baseStands: true })) }).find(
    ({ code }) => code === 'BE-YD',
  );
  expect([bed?.need, bed?.uses.length]).toEqual([0.503, 1]);
});

test('an overflow that comes to daylight is marked there', () => {
  const to = (kind: 'daylight' | 'other') =>
    lines(
      tankWith({
        terminals: [place({ id: 'd', name: 'ditch', kind })],
        holes: [
          {
            id: 'h',
            roles: ['overflow'],
            size: '2',
            heightM: 0.7,
            parts: [{ code: 'BS-200' }],
            end: { of: 'terminal', id: 'd' },
          },
        ],
      }),
    ).map(({ code }) => code);
  expect(to('daylight')).toEqual(['OM']);
  expect(to('other')).toEqual([]);
});

test('a wall on the way asks for a sleeve that clears the pipe', () => {
  const job = tankWith({
    terminals: [place({ id: 'wc', name: 'toilet', throughM: 0.3 })],
    holes: [
      { id: 'h', parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 4 }], end: { of: 'terminal', id: 'wc' } },
    ],
  });
  // 1 in pipe is 33.4 mm outside; 25 mm clear.
  expect(lines(job)).toMatchObject([
    { code: 'SLV', detail: 'at least 59 mm inside, 11-13/16 in long, for 1 in pipe' },
    // Two rings of 15 mm between 58.4 and 33.4 mm: pi / 4 x (58.4^2 - 33.4^2) x 30 = 54.1 ml.
    { code: 'SE-300', need: 55, unit: 'ml', buy: 1 },
    { code: 'LB' },
  ]);
});

// Found by random jobs: the proof counted a sleeve for each of two drums whose one line goes through one wall.
test('a line that two openings share goes through its wall once, and the proof counts it once', () => {
  const job = twoDrums();
  const parts = provenList(
    plan({ ...job, terminals: job.terminals.map((terminal) => ({ ...terminal, throughM: 0.2 })) }),
  );
  const sleeves = parts.groups.flatMap(({ lines: all }) => all).filter(({ code }) => code === 'SLV');
  expect(sleeves.map(({ need }) => need)).toEqual([1]);
  expect(parts.listed.missing).toEqual([]);
});

test('two lines to one place go through its wall in two sleeves', () => {
  const line = {
    parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 4 }],
    end: { of: 'terminal', id: 'wc' },
  } as const;
  const parts = provenList(
    plan(
      tankWith({
        terminals: [place({ id: 'wc', name: 'toilet', throughM: 0.3 })],
        holes: [
          { id: 'h1', size: '1', ...line },
          { id: 'h2', size: '1', aroundM: 0.9, ...line },
        ],
      }),
    ),
  );
  const sleeves = parts.groups.flatMap(({ lines: all }) => all).filter(({ code }) => code === 'SLV');
  expect(sleeves.map(({ need }) => need)).toEqual([2]);
  expect(parts.listed.missing).toEqual([]);
});
