import { describe, expect, test } from 'vitest';
import type { End } from '../end';
import { parseEnd } from '../parse';
import { makeUp } from './make-up';
import { clampFor } from './clamp';
import { cementMl, setTimes } from './cement';
import { tapeFor, tapeWidthIn } from './tape';
import { HOSE_SYSTEMS } from '../standards/hose';
import { npt } from '../standards/npt';
import { THREAD_STANDARDS, threadForm } from '../standards/threads';
import { tightenFace, tightenTaper } from './tighten';
import { washerFor } from './washer';

const end = (text: string): End => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.value;
};
const nipple = (size: string, handTurns?: number) =>
  makeUp(end(`${size} NPT M`), end(`${size} NPT F`), {}, handTurns === undefined ? {} : { handTurns }).tape;

// Worked by hand: slack = extra turns x pitch / 16; ordinary tape 0.09 mm at 0.7 g/cm3 squeezes to 0.0292 mm solid, and a turn
// fills twice that (common practice). 1/2: (6 - 4.48) x 1.8143 / 16 = 0.172 mm, 2.95 turns, so 3.
describe('the dry fit', () => {
  test.each([
    ['1/2', 6, 0.172, 3, 'loose'],
    ['3/4', 4.75, 0, 0, 'as-expected'],
    ['3/4', 5.5, 0.085, 2, 'loose'],
    ['1-1/2', 6.5, 0.2305, 4, 'loose'],
    ['2', 5.5, 0.0671, 2, 'loose'],
    ['3/4', 7, 0.2556, 5, 'no-tape-holds'],
    ['3/4', 2.5, 0, 0, 'stops-early'],
  ] as const)('%s in, %d turns by hand', (size, handTurns, slackMm, extraTape, says) => {
    const { expectedTurns = 0, dryFit } = nipple(size, handTurns) ?? {};
    expect(dryFit?.extraTape).toBe(extraTape);
    expect(dryFit?.says).toBe(says);
    // The range lies a turn of gauge tolerance either way about the basic slack.
    const [least, most] = dryFit?.slackMm ?? [1, 0];
    const perTurn = npt.form(size, 'male').pitchMm / 16;
    if (slackMm > perTurn) expect((least + most) / 2).toBeCloseTo(slackMm, 2);
    if (handTurns + 1 > expectedTurns) expect(most).toBeGreaterThan(0);
    expect(least).toBeLessThanOrEqual(slackMm + 1e-9);
    expect(most).toBeGreaterThanOrEqual(slackMm);
  });

  test('adds its turns to those always wound', () => {
    expect(nipple('1/2')?.turns).toEqual([3, 4]);
    expect(nipple('1/2', 6)?.turns).toEqual([6, 7]);
  });

  test('more than six extra turns, or more than two turns loose, and no tape will do', () => {
    expect(nipple('1/2', 4.48 + 1.9)?.dryFit?.says).toBe('loose');
    expect(nipple('1/2', 4.48 + 2.1)?.dryFit?.says).toBe('no-tape-holds');
    // 4 in has 8 to the inch: 2 turns are 0.397 mm of slack, 6.8 turns of tape.
    expect(nipple('4', 6.75 + 1.95)?.dryFit?.says).toBe('no-tape-holds');
  });

  test('a straight thread has no count: its diameter is asked for', () => {
    const made = makeUp(end('3/4 G M'), end('3/4 Rc F'));
    expect(made.tape).toBeUndefined();
    expect(made.measure).toContain('26.2 to 26.4 mm');
  });

  test('a pair no standard rates is told its tape too', () =>
    expect(makeUp(end('3/4 R M'), end('3/4 NPT F')).tape?.turns).toEqual([3, 4]));
});

describe('where a taper joint comes tight', () => {
  // ASME B1.20.1: 3/4 goes on 4.75 turns by hand, one turn either way; two to three by wrench on metal (common practice).
  test('from hand tight less its tolerance to all the turns the material bears', () => {
    const { window } = makeUp(end('3/4 NPT M'), end('3/4 NPT F'), { a: 'brass', b: 'brass' });
    expect(window?.turns[0]).toBeCloseTo(4.75 - 1 + 2, 1);
    expect(window?.turns[1]).toBeCloseTo(4.75 + 1 + 3, 1);
    expect(window?.anyDirection).toBe(true);
  });
  test('the dry fit narrows it', () => {
    const { window } = makeUp(end('3/4 NPT M'), end('3/4 NPT F'), { a: 'pvc', b: 'pvc' }, { handTurns: 5 });
    expect(window?.turns).toEqual([6, 7]);
  });
  test('a metal male in plastic has half a turn, and not every direction', () => {
    const made = makeUp(end('3/4 NPT M'), end('3/4 NPT F'), { a: 'brass', b: 'pvc' });
    expect(made.tightening?.pastHandTurns).toEqual([0.5, 1]);
    expect(made.window?.anyDirection).toBe(false);
  });
  test('a washer joint has no window', () =>
    expect(makeUp(end('3/4 NH M'), end('3/4 NH F swivel')).window).toBeUndefined());
});

describe('what closes the other joints', () => {
  test('a washer joint never shows tape, and says it is useless', () => {
    const made = makeUp(end('3/4 NH M'), end('3/4 NH F swivel'));
    expect(made).toMatchObject({ washer: { thicknessMm: 3.2 }, useless: ['tape'] });
    expect(made.tape).toBeUndefined();
  });

  // By hand: a quart, 946.4 ml, does 60 joints of 2 in: 15.8 ml, primer half of it (from memory).
  test('cement by the joint, with its times', () => {
    const { cement } = makeUp(end('2 IPS spigot'), end('2 IPS socket'), {}, { temperature: 'cool' });
    expect(cement).toMatchObject({ cement: 'pvc', setMin: 10, cureMin: 45 });
    expect(cement?.ml).toBeCloseTo(15.77, 1);
    expect(cement?.primerMl).toBeCloseTo(7.89, 1);
  });
  test('a one-step cement takes no primer', () =>
    expect(
      makeUp(end('2 IPS spigot'), end('2 IPS socket'), { a: 'pvc', b: 'abs', service: 'drain' }).cement,
    ).toMatchObject({
      cement: 'transition',
      primerMl: 0,
    }));
  test('larger pipe takes more cement and longer to set', () => {
    expect(cementMl(114.3)).toBeGreaterThan(cementMl(60.3));
    expect(setTimes(114.3, 'warm').setMin).toBeGreaterThan(setTimes(33.4, 'warm').setMin);
    expect(setTimes(33.4, 'cold').cureMin).toBeGreaterThan(setTimes(33.4, 'warm').cureMin);
  });

  // Trade sizes on hose of ordinary wall (from memory): 1/2 no. 8, 5/8 no. 12, 3/4 no. 16, 1 no. 20, 2 no. 40.
  test.each([
    [18, 8],
    [22.5, 12],
    [26.5, 16],
    [34, 20],
    [41, 28],
    [48, 32],
    [62, 40],
  ])('a hose %d mm outside takes clamp no. %d', (outsideMm, number) => expect(clampFor(outsideMm).number).toBe(number));
  // Bands of worm drive clamps by common practice: 120 to 140 mm is one of them.
  test('a hose of 139 mm has a clamp that closes on it', () => {
    const [least, most] = clampFor(139).metricMm;
    expect(least).toBeLessThanOrEqual(139);
    expect(most).toBeGreaterThanOrEqual(139);
    expect(most - least).toBe(20);
  });
  test('a diameter no clamp closes on is a bug of the caller', () => expect(() => clampFor(500)).toThrow(RangeError));

  test.each([
    ['5/8 barb', '5/8 hose bore', { clamp: { number: 12, count: 1 }, useless: ['tape', 'cement'] }],
    ['4 IPS spigot', '4 IPS sleeve', { clamp: { count: 1 } }],
    ['3 IPS gasket', '3 IPS spigot', { lubricantMl: 5 }],
    ['110 SOIL spigot', '110 SOIL push-fit', { lubricantMl: 5, useless: ['cement'] }],
  ])('%s with %s', (a, b, expected) => expect(makeUp(end(a), end(b))).toMatchObject(expected));
  test('soft tube gets its insert', () =>
    expect(makeUp(end('3/4 CTS spigot'), end('3/4 CTS compression'), { a: 'pex' }).insert).toBe('3/4 CTS insert'));
  test('a joint that will not go needs nothing', () =>
    expect(makeUp(end('1 NPT M'), end('3/4 NPT F'))).toMatchObject({ useless: [], mating: { needs: [] } }));
});

describe('tape', () => {
  test('there is a row for every NPT size, and metal takes at least as much as plastic (common practice)', () => {
    for (const size of npt.sizes) {
      const { crestMm } = npt.form(size, 'male');
      const [metal, plastic] = [tapeFor(size, crestMm, 'brass'), tapeFor(size, crestMm, 'pvc')];
      if (metal.kind !== 'tape' || plastic.kind !== 'tape') throw new Error('no tape');
      expect(metal.turns).toBeGreaterThan(plastic.turns);
      // Geometry: never less than the circumference times the turns.
      expect(metal.lengthM * 1000).toBeGreaterThanOrEqual(Math.PI * crestMm * metal.turns - 0.001);
    }
  });
  test('a material nobody knows is taken for metal: more tape does less harm', () =>
    expect(tapeFor('1', 33, undefined)).toEqual(tapeFor('1', 33, 'brass')));
  test('a size without a row is a bug of the caller', () =>
    expect(() => tapeFor('5/8', 20, 'brass')).toThrow(RangeError));
  test('wider tape for larger threads', () =>
    expect(['1/2', '1', '3'].map((size) => tapeWidthIn(size as '1/2'))).toEqual([0.5, 0.75, 1]));
});

// Turns past hand tight by material (common practice, no source).
describe('tightening', () => {
  test.each([
    ['brass', 'brass', [2, 3]],
    ['stainless', undefined, [2, 3]],
    ['pvc', 'pvc', [1, 2]],
    ['pvc', 'brass', [1, 2]],
    ['brass', 'pvc', [0.5, 1]],
    [undefined, 'polypropylene', [1, 2]],
    [undefined, undefined, [2, 3]],
  ] as const)('a %s male in a %s female', (male, female, turns) =>
    expect(tightenTaper(male, female).pastHandTurns).toEqual(turns),
  );
  test('a washer is pressed by hand; only metal bears a quarter turn more', () => {
    expect(tightenFace('brass', 'brass').pastHandTurns).toEqual([0, 0.25]);
    expect(tightenFace('brass', 'polypropylene').pastHandTurns).toEqual([0, 0]);
  });
  test('the joint, its make-up and the runs of a job say one and the same', () => {
    const ends = [end('3/4 NPT M'), end('3/4 NPT F')] as const;
    for (const [a, b] of [
      ['brass', 'pvc'],
      ['pvc', 'pvc'],
      ['brass', 'brass'],
    ] as const) {
      const made = makeUp(...ends, { a, b });
      expect(made.tightening?.words).toBe(made.mating.tighten);
    }
  });
});

describe('the tables of what closes a joint', () => {
  test('every washer is of a thread that exists, and goes into it', () => {
    const known = THREAD_STANDARDS.flatMap(({ id, sizes, sexes }) =>
      sexes.includes('female')
        ? sizes.map((size) => ({ kind: 'thread', standard: id, size, sex: 'female' }) as const)
        : [],
    ).flatMap((thread) => {
      const washer = washerFor(thread);
      return washer ? [{ thread, washer }] : [];
    });
    expect(known.length).toBe(8);
    for (const { thread, washer } of known) {
      expect(washer.insideMm).toBeLessThan(washer.outsideMm);
      expect(washer.outsideMm, thread.size).toBeLessThan(threadForm({ ...thread, swivel: true }).rootMm);
    }
  });
  test('there is a clamp for every tail', () => {
    for (const { sizes } of HOSE_SYSTEMS)
      for (const { outsideOnBarbMm } of sizes) {
        const { rangeMm, metricMm } = clampFor(outsideOnBarbMm);
        for (const [least, most] of [rangeMm, metricMm]) {
          expect(outsideOnBarbMm).toBeGreaterThanOrEqual(least);
          expect(outsideOnBarbMm).toBeLessThanOrEqual(most);
        }
      }
  });
  test('sources are named once each', () =>
    expect(makeUp(end('4 R M'), end('4 Rp F')).mating.sources.map(({ document }) => document)).toEqual(['ISO 7-1']));
});
