import type { End } from './end';
import { judgePair } from './families/threads';
import { readDryFit } from './make-up/dry-fit';
import { tapeLengthM } from './make-up/tape';
import { type Mating, type Need, holdsAtAll } from './mating';
import { threadForm } from './standards/threads';
import { wallSealStyle } from './standards/wall-seals';

/** What is known of one joint that the two ends do not tell. */
export interface AsMade {
  /** It comes with a sealant on its thread, or a ring in it. */
  readonly factorySeal: boolean;
  /** Turns counted by hand, dry. */
  readonly dryFitTurns: number | null;
  /** What is left of the male thread, or of the shank beyond its flange, where it was cut short [m]. */
  readonly cutToM: number | null;
}

/** Thread of a shank that its nut must have: four turns at the usual pitch of a bulkhead (common practice) [mm]. */
const LEAST_UNDER_NUT_MM = 9;

const mm = (value: number): string => value.toFixed(1);
const turns = (value: number): string => `${Number(value.toFixed(2))} turns`;

/** A joint that does not hold as it is made. */
const fails = (mating: Mating, reason: string, why: string, instead: string): Mating => ({
  ...mating,
  verdict: 'starts-then-leaks',
  reason,
  needs: [],
  why,
  instead,
});

/** The two as threads whose male tapers: a count of turns by hand says something of them. */
function taperPair(a: End, b: End) {
  const pair = a.kind === 'thread' && b.kind === 'thread' ? judgePair(a, b) : undefined;
  return pair && threadForm(pair.male).taper > 0 ? pair : undefined;
}
export const countsTurns = (a: End, b: End): boolean => taperPair(a, b) !== undefined;

/** Its own count of turns, dry: the tape follows; too loose, no tape holds it; too tight, the threads are not what they are taken for. */
function withDryFit(a: End, b: End, mating: Mating, handTurns: number): Mating {
  const pair = taperPair(a, b);
  if (!pair || mating.needs.every(({ kind }) => kind !== 'tape')) return mating;
  const male = threadForm(pair.male);
  const fit = readDryFit(male, pair.judged, handTurns);
  const counted = `Dry, it goes on by ${turns(handTurns)} by hand; ${turns(fit.expectedTurns)} are usual`;
  if (fit.says === 'no-tape-holds')
    return fails(mating, 'dry-fit-loose', `${counted}: no tape takes up so much.`, 'Take another of the two parts.');
  if (fit.says === 'stops-early')
    return {
      ...mating,
      verdict: 'unknown',
      reason: 'dry-fit-stops-early',
      needs: [],
      why: `${counted}: one of the threads is worn, dirty or not what it is taken for.`,
      instead: 'Clean both, try again, and measure what still stops short.',
    };
  const needs = mating.needs.map((need): Need => {
    if (need.kind !== 'tape') return need;
    const wound = need.turns + fit.extraTape;
    return { ...need, turns: wound, lengthM: tapeLengthM(need.size, male.crestMm, wound) };
  });
  return { ...mating, needs };
}

/** A seal from the factory stands in for tape, once. */
function withFactorySeal(mating: Mating): Mating {
  const needs = mating.needs.filter(({ kind }) => kind !== 'tape');
  if (needs.length === mating.needs.length) return mating;
  return {
    ...mating,
    verdict: needs.length === 0 ? 'holds' : mating.verdict,
    needs,
    why: `${mating.why} Its seal from the factory stands in for tape, once: taken apart, it wants tape.`,
  };
}

/** How much of a thread or shank the joint needs [mm]; undefined where nothing of it can be cut. */
export function leastLeftMm(a: End, b: End, { engagementMm }: Pick<Mating, 'engagementMm'>): number | undefined {
  const [hole, seal] = a.kind === 'hole' ? [a, b] : [b, a];
  if (hole.kind === 'hole' && seal.kind === 'wall-seal')
    return wallSealStyle(seal.style).washer ? hole.wallMm + LEAST_UNDER_NUT_MM : undefined;
  return a.kind === 'thread' && b.kind === 'thread' ? engagementMm : undefined;
}

/**
 * The mating of a joint as it is made: what the ends say, changed by what is known of this one.
 *
 * @param mating  of the two ends; one that does not hold stays as it is, but for tape that it does not take
 */
export function asMade(a: End, b: End, mating: Mating, made: AsMade): Mating {
  if (mating.verdict === 'fits-unrated' && made.factorySeal)
    return { ...mating, needs: mating.needs.filter(({ kind }) => kind !== 'tape') };
  if (!holdsAtAll(mating.verdict)) return mating;
  const least = leastLeftMm(a, b, mating);
  if (made.cutToM !== null && least !== undefined && made.cutToM * 1000 < least - 0.05)
    return fails(
      mating,
      'cut-short',
      `${mm(made.cutToM * 1000)} mm are left of it; this joint needs ${mm(least)} mm.`,
      'Take one that was not cut, or cut the next one longer.',
    );
  const fitted = made.dryFitTurns === null ? mating : withDryFit(a, b, mating, made.dryFitTurns);
  return made.factorySeal ? withFactorySeal(fitted) : fitted;
}
