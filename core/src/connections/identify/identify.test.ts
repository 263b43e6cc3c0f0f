import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { formatEnd } from '../format';
import { parseEnd } from '../parse';
import { THREAD_STANDARDS, threadForm } from '../standards/threads';
import type { ThreadEnd } from '../end';
import { type Candidate, identifyThread } from './identify';
import type { ThreadReading } from './reading';
import { OVER_AN_INCH, OVER_TEN_MM, readThreads } from '../../test/read-threads';
import { tellApart } from './tell-apart';

const identify = (reading: ThreadReading) => {
  const found = identifyThread(reading);
  if (!found.ok) throw new Error(found.error.map(({ message }) => message).join());
  return found.value;
};
const named = ({ end, twins }: Candidate): string[] => [end, ...twins].map(formatEnd);
const fits = ({ candidates }: ReturnType<typeof identify>): string[] =>
  candidates.filter(({ fit }) => fit !== 'does-not-fit').map(({ end }) => formatEnd(end));
const PITCH_14 = 25.4 / 14;

const THREADS: readonly ThreadEnd[] = THREAD_STANDARDS.flatMap(({ id, sizes, sexes }) =>
  sizes.flatMap((size) => sexes.map((sex): ThreadEnd => ({ kind: 'thread', standard: id, size, sex }))),
);

describe('whatever is measured on a thread of the tables', () => {
  const reading = fc.record({
    end: fc.constantFrom(...THREADS),
    place: fc.double({ min: 0, max: 1, noNaN: true }),
    off: fc.double({ min: -0.15, max: 0.15, noNaN: true }),
  });

  test('it is named first, or beside a twin that the scatter cannot part; never more than three', () =>
    fc.assert(
      fc.property(reading, ({ end, place, off }) => {
        const { acrossMm, pitchMm, taper } = threadForm(end);
        const found = identify({
          sex: end.sex,
          diameterMm: acrossMm[0] + place * (acrossMm[1] - acrossMm[0]) + off,
          pitchMm,
          runs: taper > 0 ? 'tapering' : 'straight',
        });
        expect(found.candidates.length).toBeLessThanOrEqual(3);
        const index = found.candidates.findIndex((candidate) => named(candidate).includes(formatEnd(end)));
        expect(index, formatEnd(end)).toBeGreaterThanOrEqual(0);
        expect(found.candidates[index]?.fit).not.toBe('does-not-fit');
        // Not first: then both fit what was read, and the further reading that parts them is named.
        if (index > 0) expect(found.tellApart, formatEnd(end)).toBeDefined();
      }),
      { numRuns: 1500 },
    ));

  test('with nothing said of its taper it is among those named, or counted with those not shown', () =>
    fc.assert(
      fc.property(reading, ({ end, place, off }) => {
        const { acrossMm, pitchMm } = threadForm(end);
        const found = identify({
          sex: end.sex,
          diameterMm: acrossMm[0] + place * (acrossMm[1] - acrossMm[0]) + off,
          pitchMm,
        });
        expect(found.candidates.length).toBeLessThanOrEqual(3);
        expect(found.candidates.flatMap(named).includes(formatEnd(end)) || found.more > 0).toBe(true);
      }),
      { numRuns: 500 },
    ));
});

// ASME B1.20.1, ISO 7-1, ISO 228-1: 3/4 NPT runs from 26.03 mm at its tip, R 3/4 from 25.85, G 3/4 is 26.16 to 26.44.
describe('a male of 26.5 mm with 14 crests to the inch', () => {
  const taken = { sex: 'male', diameterMm: 26.5, pitchMm: PITCH_14 } as const;

  test('may be three threads, and the region puts its own first', () => {
    expect(fits(identify(taken)).sort()).toEqual(['3/4 G M', '3/4 NPT M', '3/4 R M']);
    expect(fits(identify({ ...taken, region: 'US' }))[0]).toBe('3/4 NPT M');
    expect(fits(identify({ ...taken, region: 'UK' }))[0]).toBe('3/4 R M');
  });
  test('says where the taper meets the reading, and what is just outside', () => {
    const why = new Map(
      identify(taken).candidates.map(({ end, why: said, fit }) => [formatEnd(end), `${fit}: ${said}`]),
    );
    // (26.5 - 26.03) x 16 = 7.5 mm up; 26.50 - 26.44 = 0.06 over.
    expect(why.get('3/4 NPT M')).toBe('fits: meets it 7.5 mm up');
    expect(why.get('3/4 G M')).toBe('fits-just: 0.06 over its largest');
  });
  test('the tip tells the first two apart', () => {
    const { tellApart } = identify({ ...taken, region: 'US' });
    expect(tellApart?.measure).toBe('tip');
    expect(tellApart?.undecidedMm).toBeDefined();
    expect(fits(identify({ ...taken, tipMm: 25.65, region: 'US' }))).toEqual(['3/4 R M']);
    expect(fits(identify({ ...taken, tipMm: 26.45 }))).toEqual(['3/4 G M']);
  });
  test.each([
    ['tapering', { runs: 'tapering' }, ['3/4 NPT M', '3/4 R M']],
    ['straight', { runs: 'straight' }, ['3/4 G M']],
    ['60 degrees', { flankDeg: 60 }, ['3/4 NPT M']],
    ['a flat seat', { seat: 'flat' }, ['3/4 G M']],
  ] as const)('%s narrows it', (_, more, expected) =>
    expect(fits(identify({ ...taken, region: 'US', ...more }))).toEqual(expected),
  );
});

describe('twins and lone ones', () => {
  test('the straight American threads of 3/4 are one to a caliper', () => {
    const [first] = identify({
      sex: 'male',
      diameterMm: 26.1,
      pitchMm: PITCH_14,
      runs: 'straight',
      region: 'US',
    }).candidates;
    expect(named(first as Candidate).sort()).toEqual(['3/4 NPS M', '3/4 NPSH M', '3/4 NPSM M']);
  });
  test('11-1/2 to the inch at 26.8 mm is garden hose and nothing else', () => {
    const found = identify({ sex: 'male', diameterMm: 26.8, pitchMm: 25.4 / 11.5 });
    expect(fits(found)).toEqual(['3/4 NH M']);
    expect(found.tellApart).toBeUndefined();
  });
  test('4 crests over 24 mm at 60 mm is the coarse container thread', () =>
    expect(fits(identify({ sex: 'male', diameterMm: 59.8, pitchMm: 6 }))).toEqual(['S60x6 M']));
  test('a cone fits none of them', () =>
    expect(fits(identify({ sex: 'male', diameterMm: 26.3, pitchMm: PITCH_14, seat: 'cone' }))).toEqual([]));
  test('far from every thread, nothing is named', () =>
    expect(identify({ sex: 'male', diameterMm: 140, pitchMm: 2 }).candidates).toEqual([]));
  test('before the crests are counted, the count is asked for, with the counts that decide', () => {
    const { tellApart } = identify({ sex: 'male', diameterMm: 26.8 });
    expect(tellApart?.measure).toBe('pitch');
    // Counts to the inch of the registers of threads about 1 in (ASME B1.20.1, B1.20.7; ISO 228-1).
    for (const { says } of tellApart?.readings ?? []) expect(says).toMatch(/^(14|11\.5|11|8) to the inch$/);
  });
  // ASME B1.20.1 has flanks of 60 degrees, ISO 228-1 of 55; both have 14 crests to the inch at 3/4.
  test('flanks are asked for where they differ and nobody has looked, and only there', () => {
    const end = (text: string): ThreadEnd => {
      const parsed = parseEnd(text);
      if (!parsed.ok || parsed.value.kind !== 'thread') throw new Error(text);
      return parsed.value;
    };
    const looked = { sex: 'male', diameterMm: 26.2, pitchMm: PITCH_14, tipMm: 26, runs: 'straight' } as const;
    const pair = [end('3/4 NPS M'), end('3/4 G M')] as const;
    expect(tellApart(looked, pair, 0.1)).toMatchObject({
      measure: 'flanks',
      readings: [{ says: '60 degrees' }, { says: '55 degrees' }],
    });
    expect(tellApart({ ...looked, flankDeg: 60 }, pair, 0.1)?.measure).not.toBe('flanks');
    expect(tellApart(looked, [end('3/4 NPS M'), end('3/4 NPSM M')], 0.1)?.measure).not.toBe('flanks');
  });
});

// What a hand counts is half a crest off either way (common practice, no source).
describe('a count of crests', () => {
  const over10 = { sex: 'male', diameterMm: 33.1, pitchMm: 10 / 4.5, crests: 4.5, runs: 'tapering' } as const;

  // 11 to the inch is 4.3 crests over 10 mm, 11-1/2 is 4.5: both are 4-1/2 to a hand.
  test('of fewer than five says so, and what is common where it was bought comes first', () => {
    const [uk, us] = (['UK', 'US'] as const).map((region) => identify({ ...over10, region }));
    expect(uk && fits(uk)).toEqual(['1 R M', '1 NPT M']);
    expect(us && fits(us)).toEqual(['1 NPT M', '1 R M']);
    expect(uk?.fewCrests).toBe(true);
    expect(uk?.tellApart).toMatchObject({ measure: 'pitch', words: 'Count the crests over an inch.' });
  });
  test('over an inch parts them again', () => {
    const inch = identify({ ...over10, crests: 11.5, pitchMm: 25.4 / 11.5, region: 'UK' });
    expect(inch.fewCrests).toBe(false);
    expect(inch.candidates.slice(0, 2).map(({ end, fit }) => `${formatEnd(end)} ${fit}`)).toEqual([
      '1 NPT M fits',
      '1 R M fits-just',
    ]);
  });
  test('is the same in millimetres as in inches, and a gauge carries no half crest', () => {
    expect(identify({ ...over10, crests: undefined, pitchMm: 25.4 / 11.5 }).candidates[0]?.fit).toBe('fits');
    expect(fits(identify({ ...over10, crests: undefined, pitchMm: 25.4 / 11.5 }))).toEqual(['1 NPT M']);
  });
});

// 3/4 G is 26.16 to 26.44 mm over its crests (ISO 228-1).
test.each([
  [25.75, 'fits-worn'],
  [25.66, 'fits-worn'],
  [25.6, 'does-not-fit'],
  [26.02, 'fits-just'],
] as const)('a straight male of %d mm, its plastic worn: G 3/4 %s', (diameterMm, fit) => {
  const { candidates } = identify({ sex: 'male', diameterMm, pitchMm: PITCH_14, runs: 'straight', region: 'UK' });
  const found = candidates.find((one) => named(one).includes('3/4 G M'));
  expect(found?.fit ?? 'does-not-fit').toBe(fit);
  if (fit === 'fits-worn') expect(found?.why).toMatch(/under its smallest: as worn$/);
});

describe('every thread of the tables, read by hand with its errors', () => {
  test.each([
    ['over an inch, its taper told', OVER_AN_INCH, 0.95, 0.99],
    ['over ten millimetres', OVER_TEN_MM, 0.85, 0.9],
    ['its crests worn by 0.3 to 0.5 mm', { ...OVER_AN_INCH, wornMm: [0.3, 0.5] }, 0.8, 0.98],
  ] as const)('%s', (_, hand, first, named) => {
    const read = readThreads(hand, 15, 20_261_130);
    expect(read.first).toBeGreaterThan(first);
    expect(read.named, read.missed.join('; ')).toBeGreaterThan(named);
  });
});

describe('readings no thread can have', () => {
  test.each([
    [{ diameterMm: 0 }, ['diameterMm']],
    [{ diameterMm: Number.NaN }, ['diameterMm']],
    [{ diameterMm: 400 }, ['diameterMm']],
    [{ diameterMm: 26, pitchMm: 20 }, ['pitchMm']],
    [{ diameterMm: 10, pitchMm: 4 }, ['pitchMm']],
    [{ diameterMm: 26, tipMm: 12 }, ['tipMm']],
    [{ diameterMm: 26, scatterMm: -1 }, ['scatterMm']],
    [{ diameterMm: -3, pitchMm: 0 }, ['diameterMm', 'pitchMm']],
  ])('%j', (reading, fields) => {
    const found = identifyThread({ sex: 'male', ...reading });
    expect(found.ok ? [] : found.error.map(({ field }) => field)).toEqual(fields);
  });
  test('inches typed as millimetres are offered back', () => {
    const found = identifyThread({ sex: 'male', diameterMm: 1.043 });
    expect(found.ok ? undefined : found.error[0]?.nearest).toBeCloseTo(26.49, 2);
  });
});

test('the basic size of every taper thread meets its own tip', () => {
  for (const text of ['3/4 NPT M', '1 R M', '2 Rc F']) {
    const parsed = parseEnd(text);
    const end = (parsed.ok ? parsed.value : undefined) as ThreadEnd;
    const form = threadForm(end);
    expect(
      fits(identify({ sex: end.sex, diameterMm: form.crestMm, pitchMm: form.pitchMm, tipMm: form.crestMm })),
    ).toContain(text);
  }
});

describe('what tells two apart', () => {
  const tell = (reading: Omit<ThreadReading, 'sex'> & { sex?: ThreadReading['sex'] }) =>
    identify({ sex: 'male', ...reading }).tellApart;

  test('a count, as long as the pitch is not known', () => {
    const apart = tell({ diameterMm: 33 });
    expect(apart).toMatchObject({ measure: 'pitch' });
    expect(new Set(apart?.readings.map(({ says }) => says)).size).toBe(2);
  });
  test('the flanks, once the tip cannot', () => {
    // Half way between the tips of R 3/4 (25.85) and 3/4 NPT (26.03).
    const apart = tell({ diameterMm: 26.5, pitchMm: PITCH_14, tipMm: 25.94, runs: 'tapering' });
    expect(apart?.measure).toBe('flanks');
    expect(apart?.readings.map(({ says }) => says).sort()).toEqual(['55 degrees', '60 degrees']);
  });
  test('nothing, once one thread is left', () =>
    expect(tell({ diameterMm: 26.5, pitchMm: PITCH_14, tipMm: 25.94, flankDeg: 60 })).toBeUndefined());
  test('whether it tapers, where the first crest reads alike', () => {
    // 1/2 NPT starts at 20.72 mm, G 1/2 is 20.67 to 20.96 (ASME B1.20.1, ISO 228-1).
    const apart = tell({ diameterMm: 20.9, pitchMm: PITCH_14, tipMm: 20.75 });
    expect(['runs', 'flanks']).toContain(apart?.measure);
  });
  test('what each would read is what its own tables say', () => {
    const apart = tell({ diameterMm: 26.5, pitchMm: PITCH_14, region: 'US' });
    for (const { end, mm } of apart?.readings ?? []) expect(mm).toEqual(threadForm(end).firstCrestMm);
  });
  test('a female is closed on at its mouth', () =>
    expect(tell({ sex: 'female', diameterMm: 23.5, pitchMm: PITCH_14, runs: 'tapering' })?.words).toContain('mouth'));
});

describe('regions', () => {
  const first = (diameterMm: number, region: ThreadReading['region']): string =>
    formatEnd(identify({ sex: 'male', diameterMm, pitchMm: PITCH_14, region }).candidates[0]?.end as ThreadEnd);

  // 1/2 NPT runs from 20.72 to 21.34 mm, R 1/2 from 20.44 to 21.27, G 1/2 from 20.67 to 20.96: all may read 20.9.
  test.each([
    ['US', '1/2 NPT M'],
    ['UK', '1/2 R M'],
    ['EU', '1/2 R M'],
    ['ANZ', '1/2 R M'],
  ] as const)('in %s', (region, expected) => expect(first(20.9, region)).toBe(expected));
  test('a region never puts a thread first that does not fit', () => expect(first(26.66, 'US')).toBe('3/4 NPT M'));
});

describe('how well it fits', () => {
  const fit = (diameterMm: number, scatterMm?: number): string | undefined =>
    identify({ sex: 'male', diameterMm, pitchMm: 25.4 / 11.5, runs: 'straight', scatterMm }).candidates.find(
      ({ end }) => end.standard === 'nh',
    )?.fit;

  // ASME B1.20.7: 26.56 to 26.99 mm over the crests of the male.
  test.each([
    [26.6, undefined, 'fits'],
    [26.98, undefined, 'fits'],
    [27.1, undefined, 'fits-just'],
    [27.13, undefined, 'fits-just'],
    [27.2, undefined, 'does-not-fit'],
    [27.2, 0.3, 'fits-just'],
    [27.1, 0.05, 'does-not-fit'],
  ])('%d mm with a scatter of %s: %s', (diameterMm, scatterMm, expected) =>
    expect(fit(diameterMm, scatterMm)).toBe(expected),
  );
  test('margin is how much worse the next one fits, and grows with it', () => {
    const { candidates } = identify({ sex: 'male', diameterMm: 26.4, pitchMm: PITCH_14, runs: 'straight' });
    expect(candidates[0]?.margin).toBeGreaterThan(0);
    expect(candidates.at(-1)?.margin).toBe(Number.POSITIVE_INFINITY);
  });
  test('a count that is a little off still fits, a neighbour’s does not', () => {
    const at = (threadsPerInch: number): string =>
      identify({ sex: 'male', diameterMm: 33.1, pitchMm: 25.4 / threadsPerInch, runs: 'straight' }).candidates.find(
        ({ end }) => end.standard === 'g' && end.size === '1',
      )?.fit ?? 'does-not-fit';
    expect([at(11), at(11.15), at(11.5)]).toEqual(['fits', 'fits', 'does-not-fit']);
  });
});
