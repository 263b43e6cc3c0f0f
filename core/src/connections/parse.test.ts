import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { everyEnd } from './every-end';
import { OWN_WORDS, describeEnd, formatEnd } from './format';
import { endProblemWords, parseEnd } from './parse';

const ENDS = everyEnd().map(formatEnd);
const anyEnd = fc.constantFrom(...ENDS);
/** A hole is figures, and an end of no standard is one name. */
const isOneName = (text: string): boolean => text.includes(' hole ') || Object.values(OWN_WORDS).includes(text);

describe('whatever end is written', () => {
  test('letter case, spaces and a following inch are forgiven', () =>
    fc.assert(
      fc.property(anyEnd, fc.boolean(), fc.integer({ min: 1, max: 4 }), (text, upper, spaces) => {
        const sloppy = `  ${(upper ? text.toUpperCase() : text.toLowerCase()).replaceAll(' ', ' '.repeat(spaces))} `;
        expect(parseEnd(sloppy)).toEqual(parseEnd(text));
      }),
    ));

  test('it is said in words of its own, with nothing of the notation left out', () => {
    const said = new Map<string, string>();
    for (const end of everyEnd()) {
      const words = describeEnd(end);
      expect(words).not.toMatch(/undefined|NaN/);
      // No two ends are described alike, so that a screen can never mean another one.
      expect(said.get(words) ?? formatEnd(end)).toBe(formatEnd(end));
      said.set(words, formatEnd(end));
    }
  });

  test('a stranger among its words is named, and words that exist are offered', () =>
    fc.assert(
      fc.property(anyEnd, fc.nat(), (text, pick) => {
        const words = text.split(' ');
        if (words.length < 2 || isOneName(text)) return;
        const at = 1 + (pick % (words.length - 1));
        words[at] = 'xyzzy';
        const parsed = parseEnd(words.join(' '));
        expect(parsed).toMatchObject({ ok: false, error: { word: 'xyzzy' } });
        if (!parsed.ok && parsed.error.code !== 'extra-word') expect(parsed.error.nearest.length).toBeGreaterThan(0);
      }),
    ));

  test('one word too many is named', () =>
    fc.assert(
      fc.property(anyEnd, (text) => {
        if (isOneName(text)) return;
        const parsed = parseEnd(`${text} twice`);
        expect(parsed.ok).toBe(false);
        if (!parsed.ok) expect(parsed.error.word).toBe('twice');
      }),
    ));

  test('nonsense is never read as an end, and always answered in a sentence', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 24 }), (text) => {
        const parsed = parseEnd(text);
        if (parsed.ok) {
          expect(parseEnd(formatEnd(parsed.value))).toEqual(parsed);
        } else expect(endProblemWords(parsed.error)).toMatch(/\S.*\.$/s);
      }),
      { numRuns: 400 },
    ));
});

// What installers say for the same thread (common practice).
describe('other names', () => {
  test.each([
    ['3/4 MNPT', '3/4 NPT M'],
    ['1 FPT', '1 NPT F'],
    ['1/2 FIP', '1/2 NPT F'],
    ['3/4 MHT', '3/4 NH M'],
    ['3/4 FGHT', '3/4 NH F'],
    ['3/4 BSPP F', '3/4 G F'],
    ['1 BSPT M', '1 R M'],
    ['3/4 in G nut', '3/4 G F swivel'],
    ['NPT 1 1/2 M', undefined],
    ['NPT 1-1/2 M', '1-1/2 NPT M'],
    ['cam 2 adapter', '2 cam adapter'],
    ['2" NPT M', '2 NPT M'],
    ['1 1/4 in IPS socket', '1-1/4 IPS socket'],
    ['25 mm PE spigot', '25 PE spigot'],
    ['2 cam DP', '2 cam adapter'],
    ['2 cam DC', '2 cam coupler'],
  ])('%s', (text, tidy) => {
    const parsed = parseEnd(text);
    expect(parsed.ok ? formatEnd(parsed.value) : undefined).toBe(tidy);
  });
});

// Said at counters of one region or another (common practice); DN and inch by ISO 6708.
describe('what may be several ends asks which', () => {
  test.each([
    ['3/4 BSP M', ['3/4 R M', '3/4 G M']],
    ['3/4 BSP F', ['3/4 Rp F', '3/4 Rc F', '3/4 G F']],
    ['3/4 bsp', ['3/4 R M', '3/4 G M', '3/4 Rp F', '3/4 Rc F', '3/4 G F']],
    ['3/4 IG', ['3/4 Rp F', '3/4 Rc F', '3/4 G F']],
    ['3/4 AG', ['3/4 R M', '3/4 G M']],
    ['15mm compression', ['15 CU compression', '15 CU-ANZ compression']],
    ['1 poly', ['1 PE-ID bore', '1 rural bore']],
    ['DN50', ['50 ANZ spigot', '50 ANZ-DWV spigot', '50 CU-ANZ spigot', '2 IPS spigot', '2 R M', '2 G M', '2 NPT M']],
    ['DN 100 spigot', ['100 ANZ spigot', '100 ANZ-DWV spigot', '100 ANZ-STORM spigot', '4 IPS spigot']],
  ])('%s', (text, ends) => {
    const parsed = parseEnd(text);
    expect(parsed).toMatchObject({ ok: false, error: { code: 'several-ends', nearest: ends } });
    for (const one of ends) expect(parseEnd(one).ok, one).toBe(true);
    expect(parsed.ok ? '' : endProblemWords(parsed.error)).toContain('may be several ends');
  });
  test.each([
    ['32mm MDPE spigot', '32 PE spigot'],
    ['32 HDPE compression', '32 PE compression'],
    ['32mm poly', '32 PE spigot'],
    ['22mm compression', '22 CU compression'],
    ['1-1/2 slip', '1-1/2 IPS socket'],
    ['1/2 CPVC socket', '1/2 CTS socket'],
    ['4 corrugated dry-hub', '4 corrugated dry-hub'],
  ])('%s is one', (text, tidy) => {
    const parsed = parseEnd(text);
    expect(parsed.ok ? formatEnd(parsed.value) : parsed.error).toBe(tidy);
  });
  test('what stops too soon says what may follow', () =>
    expect(parseEnd('32mm MDPE')).toMatchObject({
      ok: false,
      error: { code: 'missing-word', nearest: expect.arrayContaining(['spigot', 'compression']) as string[] },
    }));
});

describe('what is wrong, in words', () => {
  test.each([
    ['', 'Nothing written'],
    ['3/4 NPTT M', 'NPTT is no word for an end. Nearest: NPT'],
    ['7/9 NPT M', '7/9 is no size Herrero knows'],
    ['5/8 NPT M', 'It is not made in 5/8'],
    ['1 Rc M', 'This thread is only made as F'],
    ['1 NPT', 'The end stops too soon. Next: M, F'],
    ['1', 'The end stops too soon. Next: NPT'],
    ['1 NPT M M', 'M is one word too many'],
    ['1 NPT F swvl', 'swvl is no word for an end. Nearest: swivel'],
    ['2 click plug', 'It is not made in 2. Sizes: 12.5, 19'],
    ['1 D3034 spigot', 'It is not made in 1. Sizes: 4, 6'],
    ['4 D3034 dry-hub', 'dry-hub is no word for an end'],
    ['S60x6', 'The end stops too soon. Next: M, F'],
    ['NPTT 3/4 M', 'NPTT is no word for an end. Nearest: NPT'],
    ['1 NPT 25 mm', '25 is no word'],
  ])('%j', (text, words) => {
    const parsed = parseEnd(text);
    expect(parsed.ok ? '' : endProblemWords(parsed.error)).toContain(words);
  });
});
