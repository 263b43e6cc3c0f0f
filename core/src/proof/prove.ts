import type { CheckContext } from '../derived/context';
import type { CutBars, PartsLine, Unit } from '../parts/list/parts-list';
import type { Use } from '../parts/list/trace';
import { gather } from '../quantity/gather';
import { ofCare, ofHolding, ofMedia, ofParts, ofPumps, ofTrenches, wholePieces } from './along-lengths';
import { atHoles } from './at-holes';
import { atJoint } from './at-joints';
import { atHand, atPlaces, atRoofs } from './at-places';
import { atTanks } from './at-tanks';
import { byHand } from './by-hand';
import type { Claim } from './claim';
import { asSold } from './earth';
import { packOf } from './packs';

/** What a list lacks for a job to be built from it. */
export interface Missing {
  readonly code: string;
  readonly detail: string | undefined;
  /** How much of it; 0 where it is not there at all and only has to be. */
  readonly amount: number;
  readonly unit: Unit;
  /** It is on the list, and too little of it is bought. */
  readonly bought: boolean;
  readonly uses: readonly Use[];
}

/** A list, as far as it can be held against a job: what is built in, without spares, and how its lengths are cut. */
export interface ListToProve {
  readonly lines: readonly PartsLine[];
  readonly cuts: readonly CutBars[];
}

/** Everything a job cannot be made without, counted from its ends, holes, surfaces, metres, tanks and places, without a list. */
export function claimsOf(context: CheckContext): readonly Claim[] {
  const made = [
    ...gather(
      context.joints.filter(({ a, b }) => !(a.stands && b.stands)),
      (judged) => atJoint(judged, context.job.measures),
    ),
    ...atHoles(context),
  ];
  const things = [
    ...ofParts(context),
    ...made,
    ...ofHolding(context),
    ...ofTrenches(context),
    ...ofCare(context),
    ...ofMedia(context),
    ...ofPumps(context),
    ...atTanks(context),
    ...atPlaces(context),
    ...atRoofs(context),
    ...atHand(context),
  ];
  return asSold([...things, ...byHand(context, things)], context.job.measures);
}

/** Lengths are listed to the millimetre, what is poured up to the next whole. */
const ROUNDING: Readonly<Record<Unit, number>> = { piece: 0, length: 0, m: 0.001, ml: 0.001, m3: 0.001 };
/** Less than this is nothing, in any unit. */
const NEAR = 1e-6;

interface Sum {
  amount: number;
  /** Of that, what does not come with anything. */
  toBuy: number;
  readonly first: Claim;
  readonly uses: Use[];
}

/**
 * What a list lacks: everything is counted anew, and held against what its lines say is needed and against what is bought: packs
 * by what is in them, stock lengths by the pieces that are cut from them. An empty answer is the proof.
 */
export function missingFrom({ lines, cuts }: ListToProve, context: CheckContext): readonly Missing[] {
  const claims = claimsOf(context);
  const told = new Set(claims.flatMap(({ code, detail }) => (detail === undefined ? [] : [code])));
  const cutCodes = new Set(claims.flatMap(({ code, piece }) => (piece === undefined ? [] : [code])));
  const keyOf = (code: string, detail: string | undefined, unit: Unit, piece: string | undefined): string =>
    [code, told.has(code) ? detail : '', unit, cutCodes.has(code) && unit === 'm' ? piece : ''].join('|');
  const listed = new Map<string, { need: number; bought: number }>();
  for (const { code, detail, unit, need, buy, fromHand = 0, uses, inside = [] } of lines) {
    const key = keyOf(code, detail, unit, uses[0]?.id);
    const has = listed.get(key) ?? { need: 0, bought: 0 };
    listed.set(key, { need: has.need + need, bought: has.bought + (buy + fromHand) * packOf(code) });
    for (const one of inside) {
      const own = keyOf(one.code, one.detail, one.unit, undefined);
      const there = listed.get(own) ?? { need: 0, bought: 0 };
      listed.set(own, { ...there, need: there.need + one.need });
    }
  }
  const sums = new Map<string, Sum>();
  for (const one of claims) {
    const key = keyOf(one.code, one.detail, one.unit, one.piece);
    const sum = sums.get(key) ?? { amount: 0, toBuy: 0, first: one, uses: [] };
    sum.amount += one.amount;
    if (!one.notBought) sum.toBuy += one.amount;
    sum.uses.push(one.use);
    sums.set(key, sum);
  }
  const missing: Missing[] = [];
  for (const [key, { amount, toBuy, first, uses }] of sums) {
    const { code, detail, unit } = first;
    const has = listed.get(key);
    const lacks = amount - (has?.need ?? 0);
    // Of what only has to be there, as a saw has, there is one.
    const least = isBoughtOnce(first) ? 1 : toBuy;
    const short = first.piece !== undefined ? 0 : least - (has?.bought ?? 0);
    if (has === undefined || lacks > ROUNDING[unit])
      missing.push({ code, detail, amount: Math.max(lacks, 0), unit, bought: false, uses });
    else if (short > NEAR) missing.push({ code, detail, amount: short, unit, bought: true, uses });
  }
  return [...missing, ...stockMissing(lines, cuts, context)];
}

const isBoughtOnce = ({ amount, notBought }: Claim): boolean => amount === 0 && !notBought;

/**
 * What is cut to length is bought in lengths: every piece is cut from one bar, no bar is shorter than what is cut from it, and
 * every bar is bought or on hand.
 */
function stockMissing(
  lines: readonly PartsLine[],
  cuts: readonly CutBars[],
  context: CheckContext,
): readonly Missing[] {
  const bars = cuts.flatMap(({ code, order, bars: own }) => own.map((bar) => ({ ...bar, code, kerfM: order.kerfM })));
  const missing: Missing[] = [];
  const lack = (code: string, amount: number, unit: Unit, uses: readonly Use[]): void =>
    void missing.push({ code, detail: undefined, amount, unit, bought: true, uses });
  for (const [, pieces] of wholePieces(context)) {
    const [first] = pieces;
    if (!first || pieces.some(({ placed }) => placed.lengthM === null)) continue;
    const lengthM = pieces.reduce((sum, { placed }) => sum + (placed.lengthM ?? 0), 0);
    const own = new Set(pieces.map(({ placed }) => placed.id));
    const cut = bars
      .filter(({ code }) => code === first.part.code)
      .flatMap((bar) => bar.pieces.filter(({ use }) => use !== undefined && own.has(use.id)));
    const cutM = cut.reduce((sum, piece) => sum + piece.lengthM, 0);
    if (cutM < lengthM - NEAR)
      lack(
        first.part.code,
        lengthM - cutM,
        'm',
        pieces.map(({ use }) => use),
      );
  }
  const short = new Map<string, { code: string; stockM: number; count: number; uses: Use[] }>();
  for (const { code, stockM, pieces, onHand, kerfM } of bars) {
    const uses = pieces.flatMap(({ use }) => use ?? []);
    const takenM = pieces.reduce((sum, { lengthM }) => sum + lengthM + kerfM, -kerfM);
    if (takenM > stockM + NEAR) lack(code, takenM - stockM, 'm', uses);
    if (onHand) continue;
    const key = `${code} ${stockM}`;
    const one = short.get(key) ?? { code, stockM, count: 0, uses: [] };
    one.count++;
    one.uses.push(...uses);
    short.set(key, one);
  }
  for (const { code, stockM, count, uses } of short.values()) {
    const bought = lines
      .filter((line) => line.code === code && line.unit === 'length' && line.stockM === stockM)
      .reduce((sum, { buy, fromHand = 0 }) => sum + buy + fromHand, 0);
    if (bought < count) lack(code, count - bought, 'length', uses);
  }
  return missing;
}
