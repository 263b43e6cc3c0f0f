import { rising } from '../../job/placed-part';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ternPoint } from '../../demo/tern-point';
import { shippedCatalogue } from '../../fittings/catalogue';
import { contextOf } from '../../derived/context';
import type { Job } from '../../job/job';
import { newExtra } from '../../job/places';
import { OVERFLOW, TOP_INLET, drumWith, linkedDrums, place, tankWith, upToGutter } from '../../test/sample-jobs';
import { missingFrom } from './missing';
import type { PartsLine } from './parts-list';
import { takeOff } from './take-off';

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
const prepared = JOBS.map((job) => {
  const context = contextOf(job, shippedCatalogue);
  // Tools of the van hang on no single thing; the rest is proven line by line.
  const groups = takeOff(context).groups.filter(({ id }) => id !== 'tools');
  return { context, lines: groups.flatMap(({ lines }) => lines) };
});
const tolerance = (unit: PartsLine['unit']): number => (unit === 'm' || unit === 'm3' ? 0.02 : 1);

describe('what a list lacks', () => {
  test.each(prepared.map(({ lines, context }) => [context.job.name, lines, context] as const))(
    '%s: nothing is forgotten',
    (_, lines, context) => expect(missingFrom(lines, context)).toEqual([]),
  );

  // Lengths of stock follow from the cuts.
  const provenOf = ({ lines }: (typeof prepared)[number]) =>
    lines.filter(({ uses, unit }) => uses.length > 0 && unit !== 'length');

  /** Takes a line off a list, or one piece off the line: that and nothing else is named. */
  function takenOff({ context, lines }: (typeof prepared)[number], line: PartsLine, whole: boolean): void {
    const less = whole ? 0 : line.need - tolerance(line.unit);
    if (!whole && (less <= 0 || line.code.startsWith('SW-'))) return;
    const left = whole
      ? lines.filter((one) => one !== line)
      : lines.map((one) => (one === line ? { ...one, need: less } : one));
    const missing = missingFrom(left, context);
    expect(
      missing.map(({ code }) => code),
      `${line.code} ${line.detail}`,
    ).toEqual([line.code]);
    expect(missing[0]!.uses.length).toBeGreaterThan(0);
  }

  test('200 random removals are named exactly', () =>
    fc.assert(
      fc.property(fc.nat({ max: prepared.length - 1 }), fc.nat(), fc.boolean(), (which, place, whole) => {
        const list = prepared[which]!;
        const proven = provenOf(list);
        takenOff(list, proven[place % proven.length]!, whole);
      }),
      { numRuns: 200, seed: 3 },
    ));

  // A washer, a saw, a clamp, tape, cement, a bracket, an anchor, bedding, silicone, blocks, a plank, a plate, paste, sand.
  test.each([
    ...['WA', 'SW-413', 'HC-16', 'TA-050', 'CE-118', 'DKG-300', 'AM', 'BE-20', 'SI-300'],
    ...['BK', 'PK', 'LB', 'JP-60', 'FM-20', 'FO-60', 'PA-500', 'PI-200', 'OM', 'SLV'],
    ...['OC-200', 'OW-100', 'EX-CLOTH', 'EX-CABLE', 'XLN-075', 'XBR-200', 'GULK-112M'],
  ])('%s is missed', (code) => {
    const lists = prepared.filter((one) => one.lines.some((line) => line.code === code));
    expect(lists.length).toBeGreaterThan(0);
    for (const list of lists)
      takenOff(
        list,
        list.lines.find((line) => line.code === code)!,
        true,
      );
  });

  test('two washers of one code are told apart', () => {
    const { context, lines } = prepared[0]!;
    const washers = lines.filter(({ code }) => code === 'WA');
    expect(washers.length).toBeGreaterThan(1);
    const [first] = washers;
    expect(
      missingFrom(
        lines.filter((one) => one !== first),
        context,
      ),
    ).toMatchObject([{ code: 'WA', detail: first!.detail }]);
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
