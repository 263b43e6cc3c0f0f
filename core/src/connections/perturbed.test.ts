import { describe, expect, test } from 'vitest';
import { type End, type HoleEnd, type PipeEnd, PIPE_PARTS } from './end';
import { everyEnd } from './every-end';
import { tailInBore } from './families/hose-on-barb';
import { judgeThreads } from './families/judge-threads';
import { pipeInLip } from './families/pipe-in-gasket';
import type { PipeJoint, PipePair } from './families/pipe-joints/pipe-joint';
import { JOINTS } from './families/pipes';
import { formatEnd } from './format';
import { judge } from './mate';
import { type Verdict, holdsAtAll } from './mating';
import { HOSE_SYSTEMS } from './standards/hose';
import { PIPE_SERIES } from './standards/pipes';
import type { ThreadForm } from './standards/thread-standard';
import { threadForm } from './standards/threads';
import { wallSealSize } from './standards/wall-seals';

/** How good a joint is: what perturbs it may raise this up to its best and lower it after, never dip between. */
const GOOD: Readonly<Record<Verdict, number>> = {
  'will-not-go': 0,
  'starts-then-leaks': 1,
  unknown: 1,
  'fits-unrated': 2,
  holds: 3,
  'holds-with': 3,
};

/** Nowhere on the way does it become better again once it has become worse. */
function hasOneTop(values: readonly number[]): boolean {
  const top = values.indexOf(Math.max(...values));
  return values.every(
    (value, at) => at === 0 || (at <= top ? value >= (values[at - 1] ?? 0) : value <= (values[at - 1] ?? 9)),
  );
}
const sweep = (from: number, to: number, steps: number): readonly number[] =>
  Array.from({ length: steps + 1 }, (_, step) => from + ((to - from) * step) / steps);

const threads = everyEnd().filter((end) => end.kind === 'thread');
const isPipe = (end: End): end is PipeEnd => end.kind === 'pipe';

/** All pairs of threads that make a joint, of one standard or of two. */
const holding = threads
  .filter(({ sex }) => sex === 'male')
  .flatMap((male) =>
    threads
      .filter((female) => female.sex === 'female' && holdsAtAll(judge(male, female).verdict))
      .map((female) => ({
        name: `${formatEnd(male)} in ${formatEnd(female)}`,
        male: threadForm(male),
        female: threadForm(female),
      })),
  );
const MADE: ReadonlySet<string> = new Set(['designed-taper', 'washer-face', 'taper-in-straight']);
const isMade = (male: ThreadForm, female: ThreadForm): boolean => MADE.has(judgeThreads(male, female).reason);
const grown = (form: ThreadForm, byMm: number): ThreadForm => ({
  ...form,
  crestMm: form.crestMm + byMm,
  pitchDiameterMm: form.pitchDiameterMm + byMm,
  rootMm: form.rootMm + byMm,
});

/** What each dimension does to a joint is geometry; that a joint is lost once it is far off needs no figure of ours. */
describe('every thread that makes a joint loses it', () => {
  test('there are such', () => expect(holding.length).toBeGreaterThan(60));

  test.each([
    ['with its pitch a twentieth off', (form: ThreadForm) => ({ ...form, pitchMm: form.pitchMm * 1.05 })],
    ['a height of thread larger', (form: ThreadForm) => grown(form, Math.abs(form.crestMm - form.rootMm))],
    ['a height of thread smaller', (form: ThreadForm) => grown(form, -Math.abs(form.crestMm - form.rootMm))],
    ['one turn long', (form: ThreadForm) => ({ ...form, usableLengthMm: form.pitchMm })],
    ['with its crests cut to its roots', (form: ThreadForm) => ({ ...form, crestMm: form.rootMm })],
  ])('%s', (_, change) =>
    expect(holding.filter(({ male, female }) => isMade(change(male), female)).map(({ name }) => name)).toEqual([]),
  );

  test.each([
    ['one turn deep', (form: ThreadForm) => ({ ...form, usableLengthMm: form.pitchMm })],
    [
      'wide enough for the male to slide in',
      (form: ThreadForm) => grown(form, 2 * Math.abs(form.crestMm - form.rootMm)),
    ],
    ['a height of thread smaller', (form: ThreadForm) => grown(form, -Math.abs(form.crestMm - form.rootMm))],
  ])('its female %s', (_, change) =>
    expect(holding.filter(({ male, female }) => isMade(male, change(female))).map(({ name }) => name)).toEqual([]),
  );

  test('a taper with flanks five degrees off, or against half its taper', () => {
    const tapers = holding.filter(({ female }) => female.taper > 0);
    expect(tapers.length).toBeGreaterThan(20);
    for (const { name, male, female } of tapers) {
      expect(isMade({ ...male, flankDeg: male.flankDeg + 5 }, female), name).toBe(false);
      expect(isMade({ ...male, taper: male.taper / 2 }, female), name).toBe(false);
      expect(isMade(male, { ...female, taper: female.taper / 2 }), name).toBe(false);
      expect(isMade({ ...male, taper: 0 }, female), name).toBe(false);
    }
  });

  test('a washer that the male does not reach', () => {
    for (const { name, male, female } of holding)
      if (female.seal === 'washer')
        expect(isMade({ ...male, usableLengthMm: female.madeUpMm - 0.1 }, female), name).toBe(false);
  });
});

describe('a pipe a little larger, step by step', () => {
  const ways = PIPE_PARTS.filter((part) => part !== 'spigot').map((part): readonly [string, PipeJoint] => [
    part,
    JOINTS[part],
  ]);
  const made = PIPE_SERIES.flatMap((series) =>
    series.sizes.filter(({ shortSideMm }) => shortSideMm === undefined).map((size) => ({ series, size })),
  ).filter(({ series }) => series.ribbed !== true);

  test.each(ways)('in %s: rises to one best and falls after it; far off it is none', (part, joint) => {
    for (const { series, size } of made) {
      const material = series.material ?? 'pvc';
      const end = { kind: 'pipe', series: series.id, size: size.size } as const;
      const pair: PipePair = {
        spigot: { ...end, part: 'spigot' },
        fitting: { ...end, part: part as PipeEnd['part'] },
        pipe: size,
        madeFor: size,
        pipeSeries: series,
        fittingSeries: series,
        pipeMaterial: material,
        fittingMaterial: material,
      };
      const good = sweep(size.outsideMm * 0.6, size.outsideMm * 1.3, 280).map(
        (outsideMm) => GOOD[joint.judge({ ...pair, pipe: { ...size, outsideMm } }, { service: 'drain' }).verdict],
      );
      const name = `${size.size} ${series.token} ${part}`;
      expect(hasOneTop(good), name).toBe(true);
      expect(good[0], name).toBeLessThan(2);
      expect(good.at(-1), name).toBe(0);
    }
  });

  test('through a gasket', () => {
    const verdictOf = judgementOfGasket();
    for (const { size } of made) {
      const good = sweep(size.outsideMm * 0.6, size.outsideMm * 1.3, 280).map((outsideMm) =>
        verdictOf(pipeInLip({ ...size, outsideMm }, size)),
      );
      expect(hasOneTop(good), size.size).toBe(true);
      expect([good[0], good.at(-1)], size.size).toEqual([0, 0]);
    }
  });
});

/** The verdict of a gasket by its reason, read from pairs of the tables. */
function judgementOfGasket(): (reason: string) => number {
  const pairs = everyEnd().filter(isPipe);
  const known = new Map<string, number>();
  for (const gasket of everyEnd().filter(({ kind }) => kind === 'gasket'))
    for (const pipe of pairs) {
      const { reason, verdict } = judge(gasket, pipe);
      known.set(reason, GOOD[verdict]);
    }
  return (reason) => known.get(reason) ?? Number.NaN;
}

test('a tail that grows in its hose', () => {
  const order = ['far-under', 'loose', 'barely', 'clamps', 'forced', 'splits', 'far-over'];
  for (const { boreMm } of HOSE_SYSTEMS.flatMap(({ sizes }) => sizes)) {
    const seen = sweep(boreMm * 0.4, boreMm * 1.5, 440).map((crestMm) =>
      order.indexOf(tailInBore(crestMm, boreMm, 'clamp')),
    );
    expect(seen).toEqual([...seen].sort((a, b) => a - b));
    expect(new Set(seen).size).toBe(order.length);
  }
});

test('a hole that is sawn larger, a wall that is thicker, a curve that is flatter', () => {
  for (const seal of everyEnd()) {
    if (seal.kind !== 'wall-seal') continue;
    const { typicalHoleMm, gripMm, leastRadiusMm } = wallSealSize(seal.style, seal.size);
    const hole: HoleEnd = { kind: 'hole', diameterMm: typicalHoleMm, wallMm: (gripMm[0] + gripMm[1]) / 2 };
    const good = (change: Partial<HoleEnd>): number => GOOD[judge({ ...hole, ...change }, seal).verdict];
    const name = formatEnd(seal);
    expect(good({}), name).toBe(3);
    const holes = sweep(typicalHoleMm * 0.3, typicalHoleMm * 2, 200).map((diameterMm) => good({ diameterMm }));
    expect([hasOneTop(holes), holes[0]], name).toEqual([true, 0]);
    expect(holes.at(-1), name).toBeLessThan(2);
    const walls = sweep(0, gripMm[1] * 2, 200).map((wallMm) => good({ wallMm }));
    expect([hasOneTop(walls), walls.at(-1)], name).toEqual([true, 0]);
    const curves = sweep(leastRadiusMm * 0.5, leastRadiusMm * 2 + 1, 50).map((wallRadiusMm) => good({ wallRadiusMm }));
    expect(curves, name).toEqual([...curves].sort((a, b) => a - b));
  }
});
