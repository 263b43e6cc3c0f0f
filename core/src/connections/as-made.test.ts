import { describe, expect, test } from 'vitest';
import { type AsMade, asMade, leastLeftMm } from './as-made';
import type { End } from './end';
import { mate } from './mate';
import { parseEnd } from './parse';

const endOf = (text: string): End => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.value;
};
const [male, female] = [endOf('3/4 NPT M'), endOf('3/4 NPT F')];
const brass = { a: 'brass', b: 'brass' } as const;
const WHOLE: AsMade = { factorySeal: false, dryFitTurns: null, cutToM: null };
const mating = mate(male, female, brass);
const made = (given: Partial<AsMade>, a = male, b = female, of = mating) => asMade(a, b, of, { ...WHOLE, ...given });
const tapeOf = (of: typeof mating) => of.needs.find((need) => need.kind === 'tape');

describe('a joint as it is made', () => {
  test('of which nothing is known is as its two ends say', () => expect(made({})).toEqual(mating));

  test('with a seal from the factory holds without tape, and says that it does so once', () => {
    expect(made({ factorySeal: true })).toMatchObject({ verdict: 'holds', needs: [] });
    expect(made({ factorySeal: true }).why).toContain('taken apart, it wants tape');
  });

  test('a seal from the factory changes nothing on a joint that holds with its washer', () => {
    const [hose, tap] = [endOf('3/4 NH F swivel'), endOf('3/4 NH M')];
    const onWasher = mate(hose, tap, brass);
    expect(made({ factorySeal: true }, hose, tap, onWasher)).toEqual(onWasher);
  });

  // ASME B1.20.1: 3/4 NPT engages hand tight by 4.75 turns (L1 0.339 in at 14 to the inch); one turn further of taper
  // 1/16 over a pitch of 1.814 mm is 0.113 mm on the diameter, which two turns of solid tape of 0.029 mm fill.
  test('that goes on a turn further by hand takes two more turns of tape, and their length', () => {
    const [usual, loose] = [tapeOf(mating), tapeOf(made({ dryFitTurns: 5.75 }))];
    expect(loose?.turns).toBe((usual?.turns ?? 0) + 2);
    expect(loose?.lengthM).toBeGreaterThan(usual?.lengthM ?? 0);
  });
  test('that goes on much further is held by no tape', () =>
    expect(made({ dryFitTurns: 8 })).toMatchObject({ verdict: 'starts-then-leaks', needs: [] }));
  test('that stops early is not known: its threads are not what they are taken for', () =>
    expect(made({ dryFitTurns: 1 })).toMatchObject({ verdict: 'unknown', needs: [] }));

  test('whose thread was cut shorter than it goes in leaks; to the length that it needs it holds', () => {
    const least = (leastLeftMm(male, female, mating) ?? 0) / 1000;
    expect(least).toBe(mating.engagementMm / 1000);
    expect(made({ cutToM: least })).toEqual(mating);
    expect(made({ cutToM: least - 0.001 })).toMatchObject({ verdict: 'starts-then-leaks', reason: 'cut-short' });
  });

  test('whose shank was cut needs the wall and four threads under the nut', () => {
    const seal: End = { kind: 'wall-seal', style: 'bulkhead', size: '3/4' };
    const hole: End = { kind: 'hole', diameterMm: 41, wallMm: 5 };
    const inWall = mate(seal, hole, brass);
    expect(leastLeftMm(seal, hole, inWall)).toBe(14);
    expect(leastLeftMm(hole, seal, inWall)).toBe(14);
    expect(made({ cutToM: 0.013 }, hole, seal, inWall)).toMatchObject({ reason: 'cut-short' });
    // A rubber that the pipe is pushed through has no nut, and nothing of it is cut.
    const gasket: End = { kind: 'wall-seal', style: 'gasket', size: '3/4' };
    expect(leastLeftMm(gasket, hole, mate(gasket, hole, brass))).toBeUndefined();
  });

  test('that does not hold in the first place stays as it is', () => {
    const apart = mate(male, endOf('1 NPT F'), brass);
    expect(made({ factorySeal: true, dryFitTurns: 5, cutToM: 0.001 }, male, endOf('1 NPT F'), apart)).toEqual(apart);
  });
});
