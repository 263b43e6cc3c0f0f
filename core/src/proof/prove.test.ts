import { rising } from '../job/placed-part';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from '../derived/context';
import type { Job } from '../job/job';
import { newExtra } from '../job/places';
import { anyJob } from '../test/arbitrary-job';
import { DEEP, runs } from '../test/runs';
import { OVERFLOW, TOP_INLET, drumWith, linkedDrums, place, tankWith, upToGutter } from '../test/sample-jobs';
import { wholeList } from '../test/whole-list';
import { missingFrom } from './prove';
import type { Bar } from '../parts/cutting/cut-plan';
import type { PartsLine } from '../parts/list/parts-list';
import { takeOff } from '../parts/take-off/take-off';

/** Jobs in which every kind of line stands: tape, cement, clamps, gaskets, brackets, bedding, silicone. */
const JOBS: readonly Job[] = [
  ternPoint(),
  tankWith({
    roof: { fixedTo: 'masonry', gutterM: 7 },
    settings: { silicone: true },
    holes: [{ ...TOP_INLET, parts: upToGutter(2.5) }, OVERFLOW],
  }),
  tankWith({
    type: 'concrete',
    tank: { buriedM: 1.2, plinthM: 0, anchorKg: 400 },
    holes: [{ size: '3', heightM: 0.7, parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 4, slope: rising(0) }] }],
  }),
  drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }, { code: 'HM-075075' }] }),
  // Flanged.
  tankWith({
    holes: [
      {
        size: '2',
        parts: [
          { code: 'BH-200' },
          { code: 'AM-200' },
          { code: 'PI-200', lengthM: 0.3 },
          { code: 'FNS-200', inEnd: 1 },
          { code: 'FXC-200' },
        ],
      },
    ],
  }),
  // On planks, painted and insulated, with a plate at its tap, a large thread and a sand filter.
  tankWith({
    tank: { base: 'planks', plinthM: 0.4, planks: { count: 4, widthM: 0.15, thickM: 0.05, spanM: 0.3 } },
    settings: { sunPlan: 'painted', frostPlan: 'insulated' },
    terminals: [
      place({ id: 'bed', name: 'Bed', offers: null, throughM: 0.2 }),
      place({ id: 'ditch', name: 'Ditch', offers: null, kind: 'daylight' }),
    ],
    holes: [
      {
        size: '2',
        parts: [{ code: 'BH-200' }, { code: 'AM-200' }, { code: 'PI-200', lengthM: 1.1 }],
        end: { of: 'terminal', id: 'bed' },
      },
      {
        id: 'o',
        name: 'Overflow',
        roles: ['overflow'],
        size: '2',
        heightM: 0.8,
        parts: [{ code: 'BS-200' }, { code: 'PI-200', lengthM: 0.5 }],
        end: { of: 'terminal', id: 'ditch' },
      },
      {
        id: 'i',
        name: 'Inlet',
        roles: ['inlet'],
        size: '3',
        heightM: 0.7,
        parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 0.4 }, { code: 'JMD-300' }],
      },
    ],
  }),
  // Holes closed by what somebody chose himself, and lines of his own.
  {
    ...tankWith({
      holes: [
        { ...TOP_INLET, ownSeal: 'silicone' },
        { id: 'c', face: 'top', heightM: 0.93, aroundM: 0.15, depthM: 0.3, size: '2', ownSeal: 'cap' },
        { id: 'w', heightM: 0.85, size: '1', ownSeal: 'other', ownSealWords: 'a jar lid and putty' },
        { id: 'there', heightM: 0.85, aroundM: 1.2, size: '1', ownSeal: 'hatch', stands: true },
      ],
    }),
    extras: [
      newExtra({ id: 'cloth', name: 'Shade cloth', kind: 'cover', count: 2, tankId: 't1', price: 9 }),
      newExtra({ id: 'cable', name: 'Cable of the pump', kind: 'cable', lengthM: 12, fitted: false }),
      newExtra({ id: 'saw', name: 'Saw', kind: 'tool', stands: true }),
      newExtra({ id: 'nuts', name: 'Locknut', code: 'XLN-075', count: 3 }),
    ],
  },
  // A plastic tank braced while it is buried, under a roof with a gutter of another region.
  tankWith({
    type: 'vertical-round',
    tank: { buriedM: 0.6, braced: true },
    roof: { gutterM: 9, gutter: 'half-round-112' },
  }),
];
/** A list with its job. Spares are a choice, and nobody misses one. */
function listOf(job: Job) {
  const { context, groups, cuts } = wholeList(job);
  return { job, context, cuts, lines: groups.filter(({ id }) => id !== 'spares').flatMap(({ lines }) => lines) };
}
type Listed = ReturnType<typeof listOf>;
const lacking = ({ cuts, context }: Listed, lines: readonly PartsLine[]) => missingFrom({ lines, cuts }, context);
const prepared = JOBS.map(listOf);

/** Everything that can be taken off a list at one place: a line, a piece or a pack, a twentieth of what is measured. */
function takenOff(lines: readonly PartsLine[]): readonly (readonly [what: string, lines: readonly PartsLine[]])[] {
  const without = (line: PartsLine, less: PartsLine | undefined): readonly PartsLine[] =>
    lines.flatMap((one) => (one === line ? (less ?? []) : one));
  return lines.flatMap((line) => {
    const { code, detail, unit, need, buy, inside = [] } = line;
    const called = `${code} ${detail}`;
    return [
      [`${called}: the line`, without(line, undefined)] as const,
      ...(buy > 0 ? [[`${called}: one bought`, without(line, { ...line, buy: buy - 1 })] as const] : []),
      ...(buy > 0 ? [[`${called}: all bought`, without(line, { ...line, buy: 0 })] as const] : []),
      // What is there for all holes, as a saw and a tool are, cannot be there by half.
      ...(unit === 'piece' && need > 1
        ? [[`${called}: one needed`, without(line, { ...line, need: need - 1 })] as const]
        : []),
      ...((unit === 'm' || unit === 'ml' || unit === 'm3') && need * 0.05 > LEAST[unit]
        ? [[`${called}: a twentieth`, without(line, { ...line, need: need * 0.95 })] as const]
        : []),
      ...inside.map(
        (one) =>
          [
            `${one.code} ${one.detail}: one in the bag`,
            without(line, {
              ...line,
              inside: inside.map((other) => (other === one ? { ...one, need: one.need - 1 } : other)),
            }),
          ] as const,
      ),
    ];
  });
}
/** Amounts are listed up to the next whole: a twentieth that is less than that is not on any list. */
const LEAST = { m: 0.002, ml: 1, m3: 0.002 } as const;

describe('what a list lacks', () => {
  test.each(prepared.map((list) => [list.job.name, list] as const))(
    '%s: nothing is forgotten, and whatever is taken off is named by its code',
    (_, list) => {
      expect(lacking(list, list.lines)).toEqual([]);
      const unnoticed = takenOff(list.lines).filter(
        ([what, lines]) => !lacking(list, lines).some(({ code }) => what.startsWith(code)),
      );
      expect(unnoticed.map(([what]) => what)).toEqual([]);
    },
  );

  test('of any job nothing is forgotten, and nothing can be taken off without a word', () => {
    fc.assert(
      fc.property(anyJob, fc.nat(), (job, which) => {
        const list = listOf(job);
        // What is longer than anything it is sold in cannot be bought before somebody says where it is joined: that is named.
        const tooLong = list.cuts.flatMap(({ code, tooLong: pieces }) => pieces.map(() => code));
        expect(lacking(list, list.lines).map(({ code }) => code)).toEqual(tooLong);
        const all = takenOff(list.lines);
        // One in many of each list, more of them in the long run.
        for (const [place, [what, lines]] of all.entries())
          if ((place + which) % (DEEP ? 5 : 12) === 0)
            expect(
              lacking(list, lines).map(({ code }) => code),
              what,
            ).toContain(what.slice(0, what.indexOf(' ')));
      }),
      { numRuns: runs(40, 2000) },
    );
  });

  test('two washers of one code are told apart', () => {
    const list = prepared[0]!;
    const bags = list.lines.filter(({ inside }) => inside);
    const [first] = bags;
    const [gasket] = first!.inside!;
    expect(new Set(bags.flatMap(({ inside = [] }) => inside.map(({ detail }) => detail))).size).toBeGreaterThan(1);
    expect(
      lacking(
        list,
        list.lines.map((one) => (one === first ? { ...one, inside: one.inside!.slice(1) } : one)),
      ),
    ).toMatchObject([{ code: 'WA', detail: gasket!.detail, bought: false }]);
  });

  test('a bar that is not bought, a piece that no bar holds, a bar shorter than what is cut from it', () => {
    const list = prepared.find(({ cuts }) => cuts.length > 0)!;
    const [cut, ...others] = list.cuts;
    const cutFrom = (bars: readonly Bar[]) =>
      missingFrom({ lines: list.lines, cuts: [{ ...cut!, bars }, ...others] }, list.context);
    const [bar] = cut!.bars;
    expect(cutFrom([])[0]).toMatchObject({ code: cut!.code, unit: 'm', bought: true });
    expect(cutFrom([{ ...bar!, stockM: 0.01 }, ...cut!.bars.slice(1)])[0]).toMatchObject({
      code: cut!.code,
      bought: true,
    });
    expect(
      missingFrom({ lines: list.lines.filter(({ unit }) => unit !== 'length'), cuts: list.cuts }, list.context).length,
    ).toBeGreaterThan(0);
  });
});

test('every use leads back to something that is in the job', () => {
  for (const { context, lines } of prepared) {
    const { parts, joints, penetrations, terminals, tanks, roofs, extras } = context.job;
    const ids = {
      part: new Set(parts.map(({ id }) => id)),
      joint: new Set(joints.map(({ id }) => id)),
      hole: new Set(penetrations.map(({ id }) => id)),
      terminal: new Set(terminals.map(({ id }) => id)),
      tank: new Set(tanks.map(({ id }) => id)),
      roof: new Set(roofs.map(({ id }) => id)),
      extra: new Set(extras.map(({ id }) => id)),
    };
    for (const { uses, code } of lines)
      for (const { of, id } of uses) expect(ids[of].has(id), `${code} ${id}`).toBe(true);
  }
});

test('what is written on the list by hand is bought as it says, at what is paid for it; what is there is not', () => {
  const job: Job = {
    ...tankWith({ settings: { currency: 'GBP', taxPercent: 20 } }),
    extras: [
      newExtra({ id: 'cloth', name: 'Shade cloth', count: 2, price: 9, because: 'algae last summer', tankId: 't1' }),
      newExtra({ id: 'cable', name: 'Cable', fitted: false }),
      newExtra({ id: 'saw', name: 'Saw', stands: true }),
    ],
  };
  const [cloth, cable, ...more] = takeOff(contextOf(job, shippedCatalogue)).groups.find(
    ({ id }) => id === 'extras',
  )!.lines;
  expect(more).toEqual([]);
  expect(cloth).toMatchObject({ buy: 2, places: ['T1'], note: 'algae last summer' });
  // Two at 9 pounds with tax: 18 pounds, at 0.8 pounds to the dollar and 20 % of tax 18.75 dollars without it.
  expect(cloth?.priceUsd).toBeCloseTo(18.75, 2);
  expect(cable).toMatchObject({ buy: 1, priceUsd: null, note: 'bought, not fitted' });
});

test('a hole that is there is neither drilled nor sealed nor asked for', () => {
  const hole = { id: 'h', heightM: 0.3 } as const;
  const listed = (job: Job) => takeOff(contextOf(job, shippedCatalogue));
  expect(listed(tankWith({ holes: [hole] })).holes.of).toBe(1);
  const there = listed(tankWith({ holes: [{ ...hole, stands: true }] }));
  expect(there.holes.of).toBe(0);
  expect(there.ends.missing).toEqual([]);
});

test('of a line between two tanks both openings and its branch are ends, each once', () => {
  const linked = linkedDrums('BH-075', [{ code: 'NC-075' }, { code: 'T-075' }, { code: 'NC-075' }]);
  expect(takeOff(contextOf(linked, shippedCatalogue)).ends).toMatchObject({ done: 2, of: 3 });
});
