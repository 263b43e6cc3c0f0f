import { describe, expect, test } from 'vitest';
import { drumWith, tankWith } from '../../test/sample-jobs';
import { contextOf } from '../../derived/context';
import { shippedCatalogue } from '../../fittings/catalogue';
import { inCodeOrder, takenFromHand } from './from-hand';
import { wholeList } from '../../test/whole-list';
import { takeOff } from './take-off';

const list = (job: Parameters<typeof contextOf>[0]) => takeOff(contextOf(job, shippedCatalogue));

/** A drum with a hose outlet and a glued overflow, every line of it worked by hand. */
const outlet = drumWith({
  parts: [
    { code: 'BH-075' },
    { code: 'NC-075' },
    { code: 'LV-075' },
    { code: 'HB-075' },
    { code: 'HO-075', lengthM: 3 },
    { code: 'HM-075075' },
  ],
});

describe('one whole job, every line', () => {
  const parts = wholeList(outlet);
  const lines = (group: string) =>
    parts.groups
      .find(({ id }) => id === group)
      ?.lines.map(({ code, need, unit, buy }) => `${code} ${Math.round(need * 100) / 100} ${unit}, buy ${buy}`);

  // Holes: 3/4 bulkhead 1-5/8 in, gasket for 1-1/2 pipe 2-1/4 in.
  test('saws', () => expect(lines('drill')).toEqual(['SW-413 1 piece, buy 1', 'SW-572 1 piece, buy 1']));
  test('what seals the wall', () =>
    expect(lines('wall')).toEqual(['BH-075 1 piece, buy 1', 'PG-150 1 piece, buy 1', 'ST-150 1 piece, buy 1']));
  test('the outlet', () =>
    expect(lines('run-h')).toEqual([
      'NC-075 1 piece, buy 1',
      'LV-075 1 piece, buy 1',
      'HB-075 1 piece, buy 1',
      'HM-075075 1 piece, buy 1',
      'HO-075 3 m, buy 0',
    ]));
  test('the overflow', () => expect(lines('run-o')).toEqual(['SO-150 1 piece, buy 1', 'PI-150 0.3 m, buy 0']));
  test('stock: one 25 ft hose, one 5 ft pipe', () =>
    expect(lines('lengths')).toEqual(['HO-075 1 length, buy 1', 'PI-150 1 length, buy 1']));
  // Tape: three 3/4 joints of brass or on plastic, 4 turns each: pi x 26.03 mm x 4 = 0.33 m each, 0.99 m.
  // Cement: one 1-1/2 socket at 90 to the quart of 946 ml: 10.5 ml, up to 11; primer half of it, 5.3, up to 6.
  // A clamp at both ends of the hose; soap for the pipe in its gasket.
  test('what closes the joints', () =>
    expect(lines('consumables')).toEqual([
      'TA-050 0.99 m, buy 1',
      'PR-118 6 ml, buy 1',
      'CE-118 11 ml, buy 1',
      'HC-16 2 piece, buy 2',
      'LU 5 ml, buy 0',
    ]));
  test('what comes in a bag is on the line of what it comes with', () => {
    const bulkhead = parts.groups.flatMap((group) => group.lines).find(({ code }) => code === 'BH-075');
    expect(bulkhead?.inside).toEqual([
      { code: 'WA', title: 'Washer', unit: 'piece', detail: '3/4 in bulkhead gasket', need: 1 },
    ]);
    expect(bulkhead?.note).toBe('with its 3/4 in bulkhead gasket: look whether it is there');
  });
  // By hand: the bag of every job; what saws; what draws the bulkhead in; what joins, cuts, straps; what beds and carries the drum.
  test('tools for what there is to make', () =>
    expect(new Set(parts.groups.find(({ id }) => id === 'tools')?.lines.map(({ code }) => code))).toEqual(
      new Set([
        ...['TM', 'LE', 'GLV', 'RAG', 'BUC', 'HL', 'FH', 'FA', 'WR', 'SD', 'KN'],
        ...['DR', 'SW-ARB', 'DB', 'EY'],
        ...['CD', 'GP', 'LK'],
        ...['VI', 'PC', 'BV', 'MA'],
        ...['SPD', 'BA', 'RP'],
        'TP-150',
      ]),
    ));
  // Tape on 3/4 only, so both wrenches are for 3/4.
  test('a tool says for which sizes', () =>
    expect(parts.groups.flatMap((group) => group.lines).find(({ code }) => code === 'WR')?.detail).toBe(
      '(one holds, one turns; for 3/4 in)',
    ));
  test.each([
    ['open-drum', true],
    ['vertical-round', true],
    ['bin', false],
    ['cut-drum', false],
  ])('a key for the lid of %s, unless it only lies there: %s', (type, asked) => {
    const tools = wholeList(
      tankWith({ type, holes: [{ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }] }),
    ).groups.find(({ id }) => id === 'tools');
    expect(tools?.lines.some(({ code }) => code === 'LK')).toBe(asked);
  });
  // Hose comes 50 ft, 15.24 m: of 2 m the counter may cut, of 12 m it sells the coil.
  test.each([
    [2, true],
    [12, false],
  ])('of %s m of hose it is worth asking for a cut piece: %s', (lengthM, asked) => {
    const hose = list(drumWith({ parts: [{ code: 'BH-075' }, { code: 'HO-075', lengthM }] }))
      .groups.find(({ id }) => id === 'lengths')
      ?.lines.find(({ code }) => code === 'HO-075');
    expect(hose?.buy).toBe(1);
    expect(hose?.note?.includes('ask whether the counter cuts it') ?? false).toBe(asked);
  });
  test('the total is the sum of the lines', () => {
    const sum = parts.groups
      .flatMap((group) => group.lines)
      .reduce((total, { priceUsd }) => total + (priceUsd ?? 0), 0);
    expect(parts.totalUsd).toBeCloseTo(sum, 2);
  });
  // A hose with a male end is still open: nothing shuts it. Both other ends are closed.
  test('completeness', () => {
    expect(parts.ends).toEqual({ done: 1, of: 2, missing: ['P1'] });
    expect(parts.joints).toMatchObject({ done: 9, of: 9, missing: [] });
    expect(parts.holes).toEqual({ done: 2, of: 2, missing: [] });
    expect(parts.questions).toEqual([]);
  });
});

test('a bung that stays as it came closes its end; one of which nothing is said, or that is used, does not', () => {
  const ends = (portUse: 'leave' | 'use' | null) => {
    const port = { face: 'bottom', heightM: 0, port: '2 NPS F', portId: 'fine-bung', portUse } as const;
    const job = tankWith({ type: 'drum-upside-down', holes: [{ id: 'b', ...port }] });
    return takeOff(contextOf(job, shippedCatalogue)).ends;
  };
  expect(ends('leave')).toEqual({ done: 1, of: 1, missing: [] });
  for (const other of ['use', null] as const) expect(ends(other)).toEqual({ done: 0, of: 1, missing: ['P1'] });
});

describe('what is taken out is missed', () => {
  test.each(outlet.parts.map(({ id, code }) => [code, id] as const))('%s', (code, id) => {
    const without = {
      ...outlet,
      parts: outlet.parts.filter((part) => part.id !== id),
      joints: outlet.joints.filter(({ a, b }) => a.id !== id && b.id !== id),
    };
    const [full, less] = [list(outlet), list(without)];
    const count = (parts: typeof full) =>
      parts.groups.flatMap(({ lines }) => lines).filter((line) => line.code === code).length;
    expect(count(less)).toBeLessThan(count(full));
    expect(less.ends.missing.length + less.holes.missing.length).toBeGreaterThan(0);
  });

  test('a length', () => {
    const job = {
      ...outlet,
      parts: outlet.parts.map((part) => (part.code === 'HO-075' ? { ...part, lengthM: null } : part)),
    };
    expect(list(job).questions).toEqual(['How long is Hose 3/4 in bore in P1?']);
  });

  test('a length beyond the longest coil is asked about', () => {
    const job = {
      ...outlet,
      parts: outlet.parts.map((part) => (part.code === 'HO-075' ? { ...part, lengthM: 40 } : part)),
    };
    expect(list(job).questions).toEqual([
      'Hose 3/4 in bore in P1 is longer than any stock length: where may it be joined?',
    ]);
  });
});

// A hose of 40 m where coils hold 25, 50 and 100 ft: in one piece off a reel, and 3 m more off a coil of 25 ft.
test('what the counter cuts is bought as long as it is, with nothing left over, and the proof takes it', () => {
  const hose = (more: object) =>
    drumWith({
      parts: [
        { code: 'BH-075' },
        { code: 'HB-075' },
        { code: 'HO-075', lengthM: 40, ...more },
        { code: 'CHB-075' },
        { code: 'HO-075', lengthM: 3 },
      ],
    });
  const of = (job: Parameters<typeof wholeList>[0]) => {
    const { groups, listed, cuts, questions } = wholeList(job);
    const own = groups.find(({ id }) => id === 'lengths')?.lines.filter(({ code }) => code === 'HO-075') ?? [];
    return {
      bought: own.map(({ buy, stockM = 0, detail }) => [buy, Math.round(stockM * 100) / 100, detail]),
      missing: listed.missing,
      left: cuts.find(({ code }) => code === 'HO-075')?.bars.map(({ offCutM }) => Math.round(offCutM * 1000) / 1000),
      asked: questions.filter((one) => one.includes('longer than any stock length')).length,
    };
  };
  expect(of(hose({}))).toMatchObject({ bought: [[1, 7.62, '3/4 in bore, 25 ft']], asked: 1 });
  expect(of(hose({ cutAtCounter: true }))).toEqual({
    bought: [
      [1, 7.62, '3/4 in bore, 25 ft'],
      [1, 40, '3/4 in bore, 131 ft 2-13/16 in'],
    ],
    missing: [],
    left: [4.62, 0],
    asked: 0,
  });
});

test('a hole without a saw is cut to a template', () => {
  const job = drumWith({ hole: { holeM: 0.2, size: '3/4' }, parts: [{ code: 'BH-075' }] });
  const lines = wholeList(job).groups.flatMap((group) => group.lines);
  expect(lines.map(({ code }) => code)).toContain('JS');
});

test('an empty job needs nothing', () =>
  expect(list({ ...outlet, tanks: [], penetrations: [], parts: [], joints: [] })).toMatchObject({
    groups: [],
    totalUsd: 0,
    toBuy: 0,
  }));

describe('what is on hand', () => {
  const stocked = (onHand: readonly (readonly [string, number])[]) =>
    takeOff(contextOf(outlet, { ...shippedCatalogue, onHand: new Map(onHand) }));
  const line = (code: string, list_: ReturnType<typeof stocked>) =>
    list_.groups.flatMap(({ lines }) => lines).find((one) => one.code === code);

  test('is needed all the same, but neither bought nor paid', () => {
    const all = stocked([]);
    const some = stocked([['LV-075', 5]]);
    expect(line('LV-075', some)).toMatchObject({ need: 1, buy: 0, priceUsd: 0, note: '1 on hand' });
    expect(takenFromHand(some)).toEqual([{ code: 'LV-075', count: 1 }]);
    expect(takenFromHand(all)).toEqual([]);
    const both = takenFromHand(
      stocked([
        ['LV-075', 5],
        ['BH-075', 1],
      ]),
    );
    expect(both.map(({ code }) => code)).toEqual(['BH-075', 'LV-075']);
    expect(inCodeOrder(both.toReversed())).toEqual(both);
    expect(some.toBuy).toBe(all.toBuy - 1);
    expect(some.totalUsd).toBeCloseTo(all.totalUsd - (line('LV-075', all)?.priceUsd ?? 0), 2);
  });

  test('is used once: what the wall took is not there for the run', () => {
    const twice = drumWith({
      parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }, { code: 'NC-075' }, { code: 'KV-075' }],
    });
    const list_ = takeOff(contextOf(twice, { ...shippedCatalogue, onHand: new Map([['NC-075', 1]]) }));
    expect(list_.groups.flatMap(({ lines }) => lines).find(({ code }) => code === 'NC-075')).toMatchObject({
      need: 2,
      buy: 1,
    });
  });
});

describe('what stands already', () => {
  const standing = (holeParts: number) => {
    const job = outlet;
    return list({
      ...job,
      parts: job.parts.map((part, index) => (index < holeParts ? { ...part, existing: true } : part)),
    });
  };
  const codes = (parts: ReturnType<typeof list>) =>
    parts.groups.flatMap(({ id, lines }) => (id === 'tools' || id === 'drill' ? [] : lines.map(({ code }) => code)));

  test('is not bought, its hole is not drilled, and the joints between what stands take nothing', () => {
    // Bulkhead, nipple, valve and tail stand; hose and its end are new.
    const parts = standing(4);
    expect(codes(parts)).not.toContain('BH-075');
    expect(codes(parts)).not.toContain('LV-075');
    expect(codes(parts)).not.toContain('TA-050');
    expect(parts.groups.find(({ id }) => id === 'drill')?.lines.map(({ code }) => code)).not.toContain('SW-413');
    expect(parts.groups.find(({ id }) => id === 'run-h')?.lines.map(({ code }) => code)).toEqual([
      'HM-075075',
      'HO-075',
    ]);
    // The hose is new: both of its clamps are bought.
    expect(parts.groups.find(({ id }) => id === 'consumables')?.lines.find(({ code }) => code === 'HC-16')?.buy).toBe(
      2,
    );
  });

  test('a new part on a standing one is closed by what is bought', () =>
    expect(codes(standing(2))).toContain('TA-050'));
});

describe('straps and saddles', () => {
  const line = (parts: Parameters<typeof drumWith>[0]['parts']) =>
    list(drumWith({ hole: { size: '1' }, ...(parts ? { parts } : {}) }));
  const strap = (parts: ReturnType<typeof list>) =>
    parts.groups.flatMap(({ lines }) => lines).find(({ code }) => code === 'ST-100');

  test('a held pipe is strapped along its length: 1 in PVC every 5 ft, 6 m take four (values from memory)', () => {
    const held = line([{ code: 'BS-100' }, { code: 'PI-100', lengthM: 6, held: true }, { code: 'KS-100' }]);
    expect(strap(held)?.need).toBe(Math.ceil(6 / (5 * 0.3048)));
    expect(strap(line([{ code: 'BS-100' }, { code: 'PI-100', lengthM: 6 }, { code: 'KS-100' }]))).toBeUndefined();
  });

  test('a pipe that goes on through a saddle is cut as one piece', () => {
    const parts = line([
      { code: 'BS-100' },
      { code: 'PI-100', lengthM: 0.6 },
      { code: 'SA-100-050' },
      { code: 'PI-100', lengthM: 0.9 },
      { code: 'KS-100' },
    ]);
    const bars = parts.cuts.find(({ code }) => code === 'PI-100')?.bars ?? [];
    expect(bars.flatMap(({ pieces }) => pieces.map(({ lengthM }) => lengthM))).toEqual([1.5]);
  });

  test('a pipe that is cut for a tee is two', () => {
    const parts = line([
      { code: 'BS-100' },
      { code: 'PI-100', lengthM: 0.6 },
      { code: 'TS-100' },
      { code: 'PI-100', lengthM: 0.9 },
      { code: 'KS-100' },
    ]);
    expect(parts.cuts.find(({ code }) => code === 'PI-100')?.bars.flatMap(({ pieces }) => pieces)).toHaveLength(2);
  });
});
