import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import type { End } from './end';
import { judgeThreads } from './families/judge-threads';
import { formatEnd } from './format';
import type { Material } from './material';
import { mate } from './mate';
import { verdictWords } from './mating';
import { parseEnd } from './parse';
import { nh } from './standards/nh';
import { npt } from './standards/npt';

const end = (text: string): End => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.error.code}`);
  return parsed.value;
};
const words = (a: string, b: string, materials: { a?: Material; b?: Material } = {}): string =>
  verdictWords(mate(end(a), end(b), materials));

// Expectations from the standards named and from what installers know; none from this code.
describe('truth table', () => {
  test.each([
    // ASME B1.20.1: the designed taper joint.
    ['1/2 NPT M', '1/2 NPT F', 'Holds with tape'],
    ['3/4 NPT M', '3/4 NPT F', 'Holds with tape'],
    ['1 NPT M', '1 NPT F', 'Holds with tape'],
    ['2 NPT M', '2 NPT F', 'Holds with tape'],
    ['3 NPT M', '3 NPT F', 'Holds with tape'],
    ['1/2 NPT M', '3/4 NPT F', 'Will not go'],
    ['1 NPT M', '3/4 NPT F', 'Will not go'],
    ['3/4 NPT M', '3/4 NPT M', 'Will not go'],
    ['1 NPT F', '1 NPT F', 'Will not go'],
    // ASME B1.20.7: garden hose thread seals on its washer.
    ['3/4 NH M', '3/4 NH F swivel', 'Holds with washer'],
    ['3/4 NPT M', '3/4 NH F swivel', 'Starts, then leaks'],
    ['3/4 NH M', '3/4 NPT F', 'Starts, then leaks'],
    ['1/2 NPT M', '3/4 NH F swivel', 'Will not go'],
    ['3/4 NH M', '1 NPT F', 'Will not go'],
    ['1 NPT M', '3/4 NH F', 'Will not go'],
    ['3/4 NH M', '1/2 NPT F', 'Will not go'],
    // ASTM D1785 pipe in ASTM D2466 sockets.
    ['1-1/2 IPS spigot', '1-1/2 IPS socket', 'Holds with cement'],
    ['3 IPS spigot', '3 IPS socket', 'Holds with cement'],
    ['1 IPS spigot', '1-1/4 IPS socket', 'Will not go'],
    ['1-1/4 IPS spigot', '1 IPS socket', 'Will not go'],
    ['1 IPS spigot', '1 IPS spigot', 'Will not go'],
    ['1 IPS socket', '1 IPS socket', 'Will not go'],
    // Hose and barb: common practice.
    ['1 barb', '1 hose bore', 'Holds with clamp'],
    ['5/8 barb', '5/8 hose bore', 'Holds with clamp'],
    ['3/4 barb', '5/8 hose bore', 'Fits, not rated'],
    ['5/8 barb', '1/2 hose bore', 'Fits, not rated'],
    ['1/2 barb', '5/8 hose bore', 'Starts, then leaks'],
    ['3/4 barb', '1 hose bore', 'Starts, then leaks'],
    ['1 barb', '3/4 hose bore', 'Will not go'],
    ['1/2 barb', '1/2 barb', 'Will not go'],
    // Gaskets take round pipe of their own series: common practice.
    ['3 IPS gasket', '3 IPS spigot', 'Holds with lubricant'],
    ['1 IPS gasket', '1-1/4 IPS spigot', 'Will not go'],
    ['1-1/4 IPS gasket', '1 IPS spigot', 'Starts, then leaks'],
    ['1 IPS gasket', '1 IPS socket', 'Will not go'],
    // Holes (value from memory): 3/4 bulkhead 1-3/8 to 1-3/4 in hole, grip to 3/4 in.
    ['41.3 hole 6.4 wall 584 radius', '3/4 bulkhead shank', 'Holds with washer'],
    ['30 hole 6.4 wall', '3/4 bulkhead shank', 'Will not go'],
    ['50 hole 6.4 wall', '3/4 bulkhead shank', 'Starts, then leaks'],
    ['41.3 hole 100 wall', '3/4 bulkhead shank', 'Will not go'],
    ['41.3 hole 1 wall', '3/4 bulkhead shank', 'Starts, then leaks'],
    ['41.3 hole 6.4 wall 150 radius', '3/4 bulkhead shank', 'Starts, then leaks'],
    ['101.6 hole 6.4 wall 584 radius', '3 gasket rim', 'Holds'],
    ['101.6 hole 100 wall', '3 gasket rim', 'Will not go'],
    // Nothing joins a hose to a pipe thread, or a socket to a thread.
    ['3/4 hose bore', '3/4 NPT M', 'Will not go'],
    ['1 IPS socket', '1 NPT M', 'Will not go'],
  ])('%s with %s: %s', (a, b, expected) => {
    expect(words(a, b)).toBe(expected);
    expect(words(b, a)).toBe(expected);
  });
});

// The table of basic figures that the method is to reproduce: entry, clearance, error per turn, turns to tight.
// Turns of NPT are L1 times threads per inch (ASME B1.20.1): 4.75 for 3/4, 4.60 for 1; within the rounding of basic sizes.
describe('figures of the method', () => {
  test.each([
    [npt.form('3/4', 'male'), npt.form('3/4', 'female'), 0.54, 0.54, 0, 4.75],
    [npt.form('1', 'male'), npt.form('1', 'female'), 0.635, 0.635, 0, 4.6],
    [npt.form('3/4', 'male'), nh.form('3/4', 'female'), 1.21, 1.34, 0.39, 1.7],
  ])('case %#', (male, female, entry, clearance, error, turns) => {
    const judged = judgeThreads(male, female);
    expect(judged.entryMm).toBeCloseTo(entry, 1);
    expect(judged.clearanceMm).toBeCloseTo(clearance, 2);
    expect(judged.pitchErrorMm).toBeCloseTo(error, 2);
    expect(judged.turnsToTight).toBeCloseTo(turns, 1);
  });

  test('a hose male stands proud of the pipe root by 0.2 mm', () =>
    expect(judgeThreads(nh.form('3/4', 'male'), npt.form('3/4', 'female')).entryMm).toBeCloseTo(-0.2, 1));

  test('a pitch moved by 5 % or a diameter by 1 mm changes the verdict', () => {
    const male = npt.form('3/4', 'male');
    const female = npt.form('3/4', 'female');
    expect(judgeThreads(male, female).reason).toBe('designed-taper');
    expect(judgeThreads({ ...male, pitchMm: male.pitchMm * 1.05 }, female).reason).toBe('pitch-binds');
    const wider = {
      ...male,
      crestMm: male.crestMm + 1,
      rootMm: male.rootMm + 1,
      pitchDiameterMm: male.pitchDiameterMm + 1,
    };
    expect(judgeThreads(wider, female).reason).toBe('cross-threads');
  });

  test.each([
    ['other flanks', { flankDeg: 55 }, {}, 'flanks-differ'],
    ['a straight male in a taper', { taper: 0 }, {}, 'straight-in-taper'],
    ['a taper male in a straight female without a seat', {}, { taper: 0, seal: 'none' }, 'no-seal'],
    ['a taper male in a straight female with a washer seat', {}, { taper: 0, seal: 'washer' }, 'washer-face'],
  ] as const)('%s', (_, male, female, reason) =>
    expect(judgeThreads({ ...npt.form('1', 'male'), ...male }, { ...npt.form('1', 'female'), ...female }).reason).toBe(
      reason,
    ),
  );
});

describe('materials', () => {
  test('no cement bonds polyethylene', () => {
    const mating = mate(end('1 IPS spigot'), end('1 IPS socket'), { a: 'pvc', b: 'polyethylene' });
    expect(mating.verdict).toBe('starts-then-leaks');
    expect(mating.why).toContain('polyethylene');
  });

  test('materials stay with their ends when the order is turned', () =>
    expect(mate(end('1 IPS socket'), end('1 IPS spigot'), { a: 'polyethylene', b: 'pvc' })).toEqual(
      mate(end('1 IPS spigot'), end('1 IPS socket'), { a: 'pvc', b: 'polyethylene' }),
    ));

  test('plastic takes fewer turns of tape and less wrench than brass (common practice)', () => {
    const brass = mate(end('3/4 NPT M'), end('3/4 NPT F'), { a: 'brass', b: 'brass' });
    const plastic = mate(end('3/4 NPT M'), end('3/4 NPT F'), { a: 'pvc', b: 'polypropylene' });
    expect(brass.needs).toMatchObject([{ kind: 'tape', turns: 4 }]);
    expect(plastic.needs).toMatchObject([{ kind: 'tape', turns: 3 }]);
    expect(plastic.tighten).toContain('strap wrench');
  });

  // 3/4 NPT crest about 26.03 mm: pi x 26.03 x 4 = 327 mm, up to the next centimetre (geometry).
  test('tape has a length', () =>
    expect(mate(end('3/4 NPT M'), end('3/4 NPT F')).needs).toMatchObject([{ kind: 'tape', lengthM: 0.33 }]));
});

describe('over the whole catalogue', () => {
  const ends = [
    ...new Map(
      shippedCatalogue.list.flatMap((part) => part.ends.map(({ end: one }) => [formatEnd(one), one] as const)),
    ).values(),
  ];

  test('the answer does not depend on the order', () => {
    for (const a of ends) for (const b of ends) expect(mate(a, b)).toEqual(mate(b, a));
  });

  test('an end never mates with itself', () => {
    for (const one of ends) expect(mate(one, one).verdict, formatEnd(one)).toBe('will-not-go');
  });

  test('an end is read back as it is written', () => {
    for (const one of ends) expect(parseEnd(formatEnd(one))).toEqual({ ok: true, value: one });
  });

  test('a joint that holds goes in, has a source, and one that does not says why', () => {
    for (const a of ends)
      for (const b of ends) {
        const mating = mate(a, b);
        expect(mating.why).not.toBe('');
        if (mating.verdict === 'holds-with') {
          expect(mating.engagementMm).toBeGreaterThan(0);
          expect(mating.needs).not.toHaveLength(0);
          expect(mating.sources).not.toHaveLength(0);
        } else expect(mating.needs).toHaveLength(0);
      }
  });
});

describe('notation', () => {
  test.each([
    ['3/4npt m', '3/4 NPT M'],
    ['1 1/2 ips SPIGOT', '1-1/2 IPS spigot'],
    ['3/4 in NH female swivel', '3/4 NH F swivel'],
    ['5/8  hose   bore', '5/8 hose bore'],
  ])('%s is %s', (text, tidy) => expect(formatEnd(end(text))).toBe(tidy));

  test.each([
    ['', 'empty', ''],
    ['7/9 NPT M', 'unknown-size', '7/9'],
    ['3/4 NPTT M', 'unknown-word', 'NPTT'],
    ['3/4 NPT MX', 'unknown-word', 'MX'],
    ['1 NH M', 'size-not-made', '1'],
    ['3/4 NPT', 'missing-word', ''],
    ['3/4 NPT M swivel twice', 'extra-word', 'twice'],
    ['2-1/2 gasket rim', 'size-not-made', '2-1/2'],
  ])('%j: %s', (text, code, word) => expect(parseEnd(text)).toMatchObject({ ok: false, error: { code, word } }));

  test('a slip is answered with the nearest word', () =>
    expect(parseEnd('3/4 NTP M')).toMatchObject({
      ok: false,
      error: { nearest: expect.arrayContaining(['NPT']) as string[] },
    }));
});
