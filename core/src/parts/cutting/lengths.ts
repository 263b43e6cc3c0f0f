import { isCoiled } from '../../fittings/flexible';
import { goesRound } from '../../fittings/capability';
import { isByLength } from '../../fittings/part';
import type { CheckContext } from '../../derived/context';
import type { Solutions } from '../../derived/solutions';
import type { PlacedPart } from '../../job/job';
import type { Run } from '../../derived/run';
import { formatLength, formatStockLength } from '../../quantity/length';
import { cents } from '../../quantity/money';
import { type Bar, type CutOrder, type Piece, bought, cutPlan, leastBars } from './cut-plan';
import { type OnHand, takeOf } from '../take-off/from-hand';
import { foundCut } from './cut-answer';
import { leavesLongest, mostLeftM } from './off-cut';
import type { CutBars, PartsLine } from '../list/parts-list';
import { type PutIn, putIn } from '../take-off/put-in';
import { type Use, traced } from '../list/trace';

/** What is left long and trimmed later is cut longer by this [m] (common practice). */
export const TRIM_ALLOWANCE_M = 0.1;

/** How every length of the job is cut from what is on hand and from stock, by what is cut. */
export function cutBars(context: CheckContext): readonly CutBars[] {
  const { runs, catalogue } = context;
  const items = putIn(context).filter(({ part }) => isByLength(part));
  return [...new Set(items.map(({ part }) => part.code))].flatMap((code) => {
    const own = items.filter(({ part }) => part.code === code);
    const part = own[0]?.part;
    if (part?.sale.by !== 'length') return [];
    const lengths = wholeLengths(own, runs);
    const pieces = (counter: boolean): readonly Piece[] =>
      lengths
        .filter(({ placed }) => placed.cutAtCounter === counter)
        .flatMap((length) => (length.lengthM === null ? [] : [pieceOf(length, length.lengthM)]));
    const { stockLengthsM, sawKerfM } = part.sale;
    const order = {
      pieces: pieces(false),
      stockM: stockLengthsM,
      offCutsM: catalogue.offCutsM.get(code) ?? [],
      kerfM: sawKerfM,
    };
    const unknown = lengths.flatMap(({ lengthM, use }) => (lengthM === null ? [use.place] : []));
    return [
      {
        code,
        title: `${part.name} ${part.detail}`,
        order,
        unknown,
        ...withCounter(bestKnown(order, context.solutions), pieces(true)),
      },
    ];
  });
}

/** By what a longer search has found, else by the quick plan. */
function bestKnown(
  order: CutOrder,
  solutions: Solutions,
): Pick<CutBars, 'bars' | 'tooLong' | 'leastBars' | 'mostLeftM' | 'searched'> {
  const quick = cutPlan(order);
  const found = foundCut(order, solutions);
  return found
    ? {
        tooLong: quick.tooLong,
        bars: found.plan,
        leastBars: found.leastBars,
        mostLeftM: found.mostLeftM,
        searched: true,
      }
    : { ...quick, leastBars: leastBars(order), mostLeftM: mostLeftM(quick.bars, order), searched: false };
}

/** What the counter cuts off its coil comes as it is needed: each piece a length of its own, with nothing left over. */
const withCounter = (known: ReturnType<typeof bestKnown>, pieces: readonly Piece[]): ReturnType<typeof bestKnown> =>
  pieces.length === 0
    ? known
    : {
        ...known,
        bars: [
          ...known.bars,
          ...pieces.map((piece): Bar => ({
            stockM: piece.lengthM,
            onHand: false,
            pieces: [piece],
            offCutM: 0,
            atCounter: true,
          })),
        ],
        leastBars: known.leastBars + pieces.length,
      };

/** Nobody has looked beyond the quick plan, and another might buy fewer bars, or leave a longer off-cut of these. */
export const isToSearch = ({ bars, leastBars: least, mostLeftM: most, searched }: CutBars): boolean =>
  !searched && (bought(bars) > least || !leavesLongest(bars, most));

interface WholeLength {
  readonly use: Use;
  readonly placed: PlacedPart;
  readonly lengthM: number | null;
}

const pieceOf = ({ use, placed: { lengthKind, trimAt } }: WholeLength, lengthM: number): Piece => ({
  label: use.place,
  use,
  lengthM: lengthKind === 'left-long' ? lengthM + TRIM_ALLOWANCE_M : lengthM,
  ...(lengthKind === 'computed' ? {} : { kind: lengthKind }),
  ...(lengthKind === 'left-long' ? { trimAt, spareM: TRIM_ALLOWANCE_M } : {}),
});

/** Pieces as they are cut: a pipe that goes on through a saddle is one piece with what is beyond it. */
function wholeLengths(own: readonly PutIn[], runs: readonly Run[]): readonly WholeLength[] {
  const before = new Map<string, string>();
  for (const { strands } of runs)
    for (const { items } of strands)
      for (const [index, { part }] of items.entries()) {
        const [near, far] = [items[index - 1]?.placed, items[index + 1]?.placed];
        if (goesRound(part) && near && far && near.code === far.code) before.set(far.id, near.id);
      }
  const firstOf = (id: string): string => {
    let at = id;
    for (let near = before.get(at); near !== undefined; near = before.get(at)) at = near;
    return at;
  };
  const pieces = new Map<string, WholeLength>();
  for (const { placed, use } of own) {
    const first = firstOf(placed.id);
    const { lengthM } = placed;
    const whole = pieces.get(first);
    if (!whole) pieces.set(first, { use, placed, lengthM });
    else
      pieces.set(first, {
        ...(first === placed.id ? { use, placed } : { use: whole.use, placed: whole.placed }),
        lengthM: whole.lengthM === null || lengthM === null ? null : whole.lengthM + lengthM,
      });
  }
  return [...pieces.values()];
}

/** Of less than this share of a coil it is worth asking for a cut piece (our judgement). */
const LITTLE_OF_A_COIL = 0.5;

/** The stock lengths to buy for a cut: what is on hand whole is taken first. */
export function stockLines({ code, bars }: CutBars, { catalogue, job }: CheckContext, left: OnHand): PartsLine[] {
  const part = catalogue.byCode.get(code);
  if (!part) return [];
  const toBuy = bars.filter(({ onHand }) => !onHand);
  const kinds = new Map(toBuy.map((bar) => [`${bar.stockM} ${bar.atCounter}`, bar]));
  return [...kinds.values()].map(({ stockM, atCounter }) => {
    const own = toBuy.filter((bar) => bar.stockM === stockM && bar.atCounter === atCounter);
    const { buy, said } = atCounter ? { buy: own.length, said: {} } : takeOf(left, code, own.length);
    const cutM = own.reduce((sum, { pieces }) => sum + pieces.reduce((all, { lengthM }) => all + lengthM, 0), 0);
    const mostlyLeft =
      !atCounter && isCoiled(part) && buy === own.length && cutM < own.length * stockM * LITTLE_OF_A_COIL;
    return {
      code,
      title: part.name,
      detail: `${part.detail}, ${formatStockLength(stockM, job.measures)}`,
      need: own.length,
      unit: 'length',
      stockM,
      buy,
      priceUsd: cents(buy * stockM * part.priceUsd),
      ...traced(own.flatMap(({ pieces }) => pieces.flatMap(({ use }) => use ?? []))),
      ...(atCounter ? { note: 'cut off the coil at the counter, in one length: ask first' } : {}),
      ...(mostlyLeft
        ? { note: `only ${formatLength(cutM, job.measures)} of it is needed: ask whether the counter cuts it` }
        : {}),
      ...said,
    };
  });
}
