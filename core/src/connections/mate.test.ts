import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { DEEP } from '../test/runs';
import { everyEnd } from './every-end';
import type { End, ThreadEnd } from './end';
import { judgeThreads } from './families/judge-threads';
import { formatEnd } from './format';
import { cementFor, settingCaution } from './material';
import { judge, mate } from './mate';
import type { Medium } from './mating';
import { parseEnd } from './parse';
import { npt } from './standards/npt';
import type { ThreadForm } from './standards/thread-standard';
import { THREAD_STANDARDS, threadForm } from './standards/threads';

const end = (text: string): End => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.error.code}`);
  return parsed.value;
};
const formOf = (text: string): ThreadForm => threadForm(end(text) as ThreadEnd);

// Figures of the method, worked by hand from the basic sizes of the standards named: entry, clearance, error per turn, turns
// to tight. Turns of NPT are L1 times threads per inch (ASME B1.20.1), of R gauge length over pitch (ISO 7-1), within the
// rounding of basic sizes.
describe('figures of the method', () => {
  test.each([
    ['3/4 NPT M', '3/4 NPT F', 0.54, 0.54, 0, 4.75],
    ['1 NPT M', '1 NPT F', 0.635, 0.635, 0, 4.6],
    ['1 R M', '1 Rp F', 0.65, 0.65, 0, 4.5],
    ['3/4 NPT M', '3/4 Rc F', 0.41, 0.7, 0, 6.2],
    ['1/2 R M', '1/2 NPT F', 0.78, 0.49, 0, 4.3],
    ['1 NPT M', '1 Rc F', 0.66, 0.94, 0.1, 2.9],
    ['1 R M', '1 NPT F', 0.63, 0.34, 0.1, 1],
    ['2 NPT M', '2 Rc F', 0.21, 0.5, 0.1, 1.5],
    ['3/4 NPT M', '3/4 NH F', 1.21, 1.34, 0.39, 1.7],
    ['3 NPT M', '3 Rc F', 0.49, 1.55, 0.87, 0.8],
  ])('%s in %s', (male, female, entry, clearance, error, turns) => {
    const judged = judgeThreads(formOf(male), formOf(female));
    expect(Math.abs(judged.entryMm - entry)).toBeLessThan(0.02);
    expect(Math.abs(judged.clearanceMm - clearance)).toBeLessThan(0.02);
    expect(judged.pitchErrorMm).toBeCloseTo(error, 2);
    expect(Math.abs(judged.turnsToTight - turns)).toBeLessThan(0.1);
  });

  test('a hose male stands proud of the pipe root by 0.2 mm', () =>
    expect(judgeThreads(formOf('3/4 NH M'), formOf('3/4 NPT F')).entryMm).toBeCloseTo(-0.2, 1));

  test('the shorter thread is what there is to turn on', () => {
    const [male, female] = [formOf('1 NPT M'), formOf('1 NPT F')];
    expect(judgeThreads(male, { ...female, usableLengthMm: 5 }).turnsThereAre).toBeCloseTo(5 / male.pitchMm, 9);
    expect(judgeThreads({ ...male, usableLengthMm: 4 }, female).turnsThereAre).toBeCloseTo(4 / male.pitchMm, 9);
  });

  test.each([
    ['other flanks', { flankDeg: 55 }, {}, 'flanks-differ'],
    ['a straight male in a taper', { taper: 0 }, {}, 'straight-in-taper'],
    ['a taper male in a straight female without a seat', {}, { taper: 0, seal: 'none' }, 'taper-in-straight'],
    ['a washer seat too deep for the taper to reach', {}, { taper: 0, seal: 'washer' }, 'short-of-seat'],
    ['a washer seat within reach', {}, { taper: 0, seal: 'washer', usableLengthMm: 10 }, 'washer-face'],
    ['a male too short to come tight', { usableLengthMm: 11 }, {}, 'runs-out'],
    [
      'a male too short for the washer in its nut',
      { usableLengthMm: 7 },
      { taper: 0, seal: 'washer', usableLengthMm: 10 },
      'face-not-reached',
    ],
    ['a taper male in a female of half its taper', {}, { taper: 1 / 32 }, 'tapers-differ'],
    ['0.3 of a turn by hand', {}, { pitchDiameterMm: npt.form('1', 'male').pitchDiameterMm + 0.04 }, 'few-turns'],
    ['a female one turn deep', {}, { usableLengthMm: 2.3 }, 'few-turns'],
    ['two straight threads and no face', { taper: 0 }, { taper: 0, seal: 'none' }, 'no-face'],
    ['a shoulder on a rim', { taper: 0, seal: 'shoulder' }, { taper: 0, seal: 'rim' }, 'washer-face'],
  ] as const)('%s', (_, male, female, reason) =>
    expect(judgeThreads({ ...npt.form('1', 'male'), ...male }, { ...npt.form('1', 'female'), ...female }).reason).toBe(
      reason,
    ),
  );
});

const moved = (form: ThreadForm, byMm: number): ThreadForm => ({
  ...form,
  crestMm: form.crestMm + byMm,
  pitchDiameterMm: form.pitchDiameterMm + byMm,
  rootMm: form.rootMm + byMm,
});
const stretched = (form: ThreadForm, by: number): ThreadForm => ({ ...form, pitchMm: form.pitchMm * by });

describe('a thread of nobody, given only by its dimensions', () => {
  // Invented: 31 mm over the crests, 1.75 mm pitch, 60 degrees, straight, washer in the nut.
  const male: ThreadForm = {
    ...npt.form('1', 'male'),
    pitchMm: 1.75,
    taper: 0,
    seal: 'none',
    crestMm: 31,
    pitchDiameterMm: 29.9,
    rootMm: 28.8,
    usableLengthMm: 12,
  };
  const nut: ThreadForm = {
    ...male,
    seal: 'washer',
    crestMm: 29,
    pitchDiameterMm: 30.1,
    rootMm: 31.3,
    usableLengthMm: 9,
    madeUpMm: 8,
  };

  test('goes on its own nut', () => expect(judgeThreads(male, nut).reason).toBe('washer-face'));

  test.each([
    ['pitch 5 % up', stretched(male, 1.05)],
    ['pitch 5 % down', stretched(male, 0.95)],
    ['1 mm larger', moved(male, 1)],
    ['1 mm smaller', moved(male, -1)],
  ])('%s it does not', (_, changed) => expect(judgeThreads(changed, nut).reason).not.toBe('washer-face'));

  test('makes a joint with none of the known ones', () => {
    for (const standard of THREAD_STANDARDS)
      for (const size of standard.sizes) {
        if (standard.sexes.includes('female'))
          expect(['designed-taper', 'washer-face']).not.toContain(
            judgeThreads(male, standard.form(size, 'nut')).reason,
          );
        if (standard.sexes.includes('male'))
          expect(['designed-taper', 'washer-face']).not.toContain(
            judgeThreads(standard.form(size, 'male'), nut).reason,
          );
      }
  });

  test('every joint of the standards is lost by 5 % of pitch, every fine one by a millimetre too', () => {
    for (const standard of THREAD_STANDARDS.filter(({ sexes }) => sexes.length === 2)) {
      for (const size of standard.sizes) {
        const [one, other] = [standard.form(size, 'male'), standard.form(size, 'nut')];
        const { reason } = judgeThreads(one, other);
        for (const by of [0.95, 1.05]) expect(judgeThreads(stretched(one, by), other).reason).not.toBe(reason);
        if (one.pitchMm < 3) expect(judgeThreads(moved(one, 1), other).reason, size).not.toBe(reason);
      }
    }
  });
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

  test('a metal male in a plastic female holds and is warned of (common practice)', () => {
    const joint = [end('3/4 NPT M'), end('3/4 NPT F')] as const;
    expect(mate(...joint, { a: 'brass', b: 'pvc' }).cautions).toMatchObject([{ kind: 'wedge' }]);
    expect(mate(...joint, { a: 'pvc', b: 'brass' }).cautions).toEqual([]);
    expect(mate(...joint, { a: 'stainless', b: 'stainless' }).cautions).toMatchObject([{ kind: 'galls' }]);
    expect(mate(...joint, { a: 'brass', b: 'aluminium' }).cautions).toMatchObject([{ kind: 'corrodes' }]);
  });

  test('what does not go together, and what nobody knows, is not warned of its materials', () => {
    const metals = { a: 'brass', b: 'pvc' } as const;
    expect(mate(end('3/4 NPT M'), end('1 NPT F'), metals)).toMatchObject({ verdict: 'will-not-go', cautions: [] });
    expect(mate(end('container neck'), end('3/4 NPT F'), metals)).toMatchObject({ verdict: 'unknown', cautions: [] });
  });

  test.each([
    ['pvc', 'clear-pvc', 'pvc'],
    ['cpvc', 'cpvc', 'cpvc'],
    ['abs', 'pvc', 'transition'],
    ['pvc', 'cpvc', undefined],
    ['polyethylene', 'polyethylene', undefined],
    ['polypropylene', 'pvc', undefined],
    ['pex', 'cpvc', undefined],
    ['copper', 'pvc', undefined],
  ] as const)('%s on %s takes %s cement', (a, b, cement) => {
    expect(cementFor(a, b)).toBe(cement);
    expect(cementFor(b, a)).toBe(cement);
  });

  test('sun, earth and drinking water are said where they matter', () => {
    expect(settingCaution('pex', 'sunlight')).toContain('daylight');
    expect(settingCaution('vinyl-hose', 'burial')).toContain('not for burial');
    expect(settingCaution('galvanised', 'potable')).toContain('rainwater');
    expect(settingCaution('stainless', 'sunlight')).toBeUndefined();
  });

  // 3/4 NPT crest about 26.03 mm: pi x 26.03 x 4 = 327 mm, up to the next centimetre (geometry).
  test('tape has a length', () =>
    expect(mate(end('3/4 NPT M'), end('3/4 NPT F')).needs).toMatchObject([{ kind: 'tape', lengthM: 0.33 }]));
});

/** By kind of end, what can close a joint (common practice). */
const CLOSES: Readonly<Partial<Record<End['kind'], readonly Medium[]>>> = {
  thread: ['tape', 'washer'],
  pipe: ['cement', 'solder', 'insert', 'lubricant'],
  hose: ['clamp'],
  flange: ['bolts', 'washer'],
  gasket: ['lubricant'],
};
/** Hose over a plain pipe. */
const isHoseOnPipe = (a: End, b: End): boolean =>
  [a, b].some((one) => one.kind === 'hose' && one.part === 'bore') &&
  [a, b].some((one) => one.kind === 'pipe' && one.part === 'spigot');
const byEnds =
  (a: End, b: End) =>
  ({ kind }: { readonly kind: Medium }): Medium | 'nothing' =>
    a.kind === b.kind || a.kind === 'gasket' || b.kind === 'gasket' || isHoseOnPipe(a, b)
      ? ((CLOSES[a.kind === 'pipe' ? b.kind : a.kind] ?? []).find((one) => one === kind) ?? 'nothing')
      : 'nothing';
/** Which joints that fit unrated are closed by something, told by their ends and not by their family. */
function isMadeWith(a: End, b: End, reason: string): boolean | undefined {
  if (a.kind === 'thread' && b.kind === 'thread') return true;
  if (a.kind === 'flange' && b.kind === 'flange') return true;
  // Some tube is held by the edge of its tail or by a nut: of hose itself it is known that it takes clamps.
  if (a.kind === 'hose' && b.kind === 'hose') return a.system === 'hose' && b.system === 'hose' ? true : undefined;
  if (isHoseOnPipe(a, b)) return true;
  const fitting = a.kind === 'pipe' && b.kind === 'pipe' ? [a, b].find(({ part }) => part !== 'spigot') : undefined;
  if (fitting?.part === 'socket') return reason !== 'no-cement-for-pair';
  // Of a ring it depends on what is pushed into it.
  if (fitting?.part === 'push-fit' || fitting?.part === 'compression') return undefined;
  return a.kind === 'gasket' || b.kind === 'gasket' ? reason === 'stretched' : false;
}

describe('over every end there is', () => {
  const ends = everyEnd();

  test('the answer does not depend on the order', () => {
    const unequal = ends.flatMap((a) => ends.filter((b) => judge(a, b) !== judge(b, a)));
    expect(unequal).toEqual([]);
    for (const [index, a] of ends.entries()) {
      const b = ends[(index * 37 + 11) % ends.length] ?? a;
      expect(mate(a, b), `${formatEnd(a)} with ${formatEnd(b)}`).toEqual(mate(b, a));
    }
  });

  test('an end never mates with itself where it has a sex', () => {
    for (const one of ends.filter(({ kind }) => kind !== 'flange'))
      expect(['will-not-go', 'unknown'], formatEnd(one)).toContain(mate(one, one).verdict);
  });

  test('an end is read back as it is written', () => {
    for (const one of ends) expect(parseEnd(formatEnd(one))).toEqual({ ok: true, value: one });
    for (const { ends: own } of shippedCatalogue.list)
      for (const { end: one } of own) expect(parseEnd(formatEnd(one))).toEqual({ ok: true, value: one });
  });

  test('a joint that holds goes in, has a source, names its needs; one that does not says why', () => {
    for (const [i, a] of ends.entries())
      for (const [j, b] of ends.entries()) {
        // Of all pairs one in three, in the long run every one.
        if (!DEEP && (i * 31 + j * 17) % 3 !== 0) continue;
        const bare = judge(a, b);
        // Every pair that goes together; of those that do not, one in many.
        if (bare.verdict === 'will-not-go' ? (i * 31 + j * 17) % 101 !== 0 : bare.verdict === 'unknown' && j % 13 !== 0)
          continue;
        const mating = mate(a, b);
        const name = `${formatEnd(a)} with ${formatEnd(b)}`;
        expect(mating.verdict).toBe(bare.verdict);
        expect(mating.why, name).toMatch(/^\S.*[.]$/);
        expect(mating.why, name).not.toMatch(/NaN|undefined|Infinity/);
        expect(
          mating.needs.map(({ kind }) => kind),
          name,
        ).toEqual(
          bare.verdict === 'holds-with'
            ? bare.media
            : bare.verdict === 'fits-unrated'
              ? mating.needs.map(byEnds(a, b))
              : [],
        );
        // What goes on and is not rated is made with the same things: no thread goes on dry, no socket without cement.
        const closed = isMadeWith(a, b, bare.reason);
        if (bare.verdict === 'fits-unrated' && closed !== undefined) expect(mating.needs.length > 0, name).toBe(closed);
        if (mating.verdict === 'holds-with' || mating.verdict === 'holds') {
          // Flanges meet face to face.
          if (a.kind !== 'flange') expect(mating.engagementMm, name).toBeGreaterThan(0);
          expect(mating.sources).not.toHaveLength(0);
          expect(mating.instead, name).toBeUndefined();
        } else expect(mating.instead, name).toMatch(/\S/);
      }
  });

  test('a reason never says that two figures are nought apart, nor quotes the same one twice', () => {
    for (const [i, a] of ends.entries())
      for (const [j, b] of ends.entries()) {
        if (j < i || (i * 31 + j * 17) % (DEEP ? 7 : 29) !== 0) continue;
        const { verdict, why } = mate(a, b);
        const name = `${formatEnd(a)} with ${formatEnd(b)}`;
        if (verdict !== 'holds-with' && verdict !== 'holds') expect(why, name).not.toMatch(/\b0\.0+ mm/);
        expect(why, name).not.toMatch(/(\b\d+\.\d+ mm\b).*(needs at least|grips at most|covers at most).*\1/);
      }
  });

  test('an end of no standard is never judged, and says what to measure', () => {
    const neck = end('container neck');
    for (const other of ends) {
      const { verdict, instead } = mate(neck, other);
      // Nothing goes on a mesh by which water leaves.
      if (other.kind === 'own' && other.what === 'open-mesh') expect(verdict).toBe('will-not-go');
      else expect(instead).toContain('measure');
      if (other.kind !== 'own') expect(verdict).toBe('unknown');
    }
  });
});

describe('notation', () => {
  test.each([
    ['3/4npt m', '3/4 NPT M'],
    ['1 1/2 ips SPIGOT', '1-1/2 IPS spigot'],
    ['3/4 in NH female swivel', '3/4 NH F swivel'],
    ['5/8  hose   bore', '5/8 hose bore'],
    ['R 3/4 male', '3/4 R M'],
    ['G3/4 F swivel', '3/4 G F swivel'],
    ['s60X6 f', 'S60x6 F'],
    ['3/4 GHT nut', '3/4 NH F swivel'],
    ['1/2 FNPT', '1/2 NPT F'],
    ['2 cam F', '2 cam adapter'],
    ['2 camlock D', '2 cam coupler'],
    ['32mm pe compression', '32 PE compression'],
    ['Container Neck', 'container neck'],
  ])('%s is %s', (text, tidy) => expect(formatEnd(end(text))).toBe(tidy));

  test.each([
    ['', 'empty', ''],
    ['7/9 NPT M', 'unknown-size', '7/9'],
    ['3/4 NPTT M', 'unknown-word', 'NPTT'],
    ['wombat', 'unknown-word', 'wombat'],
    ['1 IPS plug', 'unknown-word', 'plug'],
    ['2 cam', 'missing-word', ''],
    ['3/4 NPT MX', 'unknown-word', 'MX'],
    ['1 NH M', 'size-not-made', '1'],
    ['3/4 NPT', 'missing-word', ''],
    ['3/4 NPT F swivel twice', 'extra-word', 'twice'],
    ['3/4 NPT M swivel', 'extra-word', 'swivel'],
    ['1 Rc M', 'sex-not-made', 'M'],
    ['2-1/2 gasket rim', 'size-not-made', '2-1/2'],
  ])('%j: %s', (text, code, word) => expect(parseEnd(text)).toMatchObject({ ok: false, error: { code, word } }));

  test('a slip is answered with the nearest word', () =>
    expect(parseEnd('3/4 NTP M')).toMatchObject({
      ok: false,
      error: { nearest: expect.arrayContaining(['NPT']) as string[] },
    }));
});

// Pitch error gathers turn by turn: with a play p across 60 degree flanks, p tan 30 / error turns until it is used up.
describe('a pitch that is a little off binds just where its play is used up', () => {
  const male = formOf('3/4 NH M');
  const [errorMm, tightTurns] = [0.04 * male.pitchMm, 4];
  const playMm = (tightTurns * errorMm) / Math.tan(Math.PI / 6);
  const female = (turns: number) => ({
    ...formOf('3/4 NH F'),
    pitchMm: male.pitchMm + errorMm,
    pitchDiameterMm: male.pitchDiameterMm + playMm,
    // Room for the crests and the roots whatever the play.
    rootMm: male.crestMm + 1,
    crestMm: male.rootMm + 0.6,
    usableLengthMm: turns * (male.pitchMm + errorMm),
  });
  test.each([
    [tightTurns + 0.2, 'pitch-binds'],
    [tightTurns - 0.2, 'pitch-within-play'],
    [tightTurns + 0.9, 'pitch-binds'],
    [tightTurns - 0.9, 'pitch-within-play'],
  ] as const)('%d turns of thread: %s', (turns, reason) => {
    const judged = judgeThreads({ ...male, usableLengthMm: 100 }, female(turns));
    expect(judged.turnsToTight).toBeCloseTo(tightTurns, 6);
    expect(judged.reason).toBe(reason);
  });
});
