import type { CheckContext } from '../../derived/context';
import type { Part } from '../../fittings/part';
import { sealsWall } from '../../fittings/capability';
import { sizeInInches } from '../../quantity/size';
import { cents } from '../../quantity/money';
import { type OnHand, takeOf } from './from-hand';
import { articleOf } from '../tables/shelves';
import { WASHER_USD } from './consumables';
import type { PartsLine } from '../list/parts-list';
import { traced } from '../list/trace';

/** Fittings up to this size are small: cheap, easily dropped, and wanted twice (common practice). */
const SMALL_UP_TO_IN = 1;
/** Codes of what is bought by roll, tin or tube and runs out at the worst moment. */
const RUNS_OUT = ['TA-', 'PR-', 'CE-', 'CC-', 'CA-', 'CT-', 'JP-', 'SI-'] as const;
/** What does a job of its own is ordered by itself and rarely spoilt. */
const SPECIAL = ['pump', 'rain-filter', 'filter', 'downpipe-fitting', 'manifold'];

const isSmall = (part: Part): boolean => sizeInInches(part.size) <= SMALL_UP_TO_IN && !SPECIAL.includes(part.family);

/** How many of a line are taken in reserve. */
function spareOf(line: PartsLine, part: Part | undefined, remote: boolean): number {
  if (line.code === 'WA' || line.code === 'IN' || line.code.startsWith('HC-'))
    return remote ? Math.max(2, line.need) : 1;
  if (RUNS_OUT.some((mark) => line.code.startsWith(mark))) return remote ? 1 : 0;
  if (!part) return 0;
  if (line.unit === 'length') return remote ? 1 : 0;
  if (line.unit !== 'piece') return 0;
  // A gasket tears once it is pulled.
  if (part.family === 'push-through-gasket') return remote ? 2 : 1;
  if (isSmall(part) && !sealsWall(part)) return remote ? 2 : 1;
  return remote ? 1 : 0;
}

/**
 * What is bought beyond what is built in. Sensible: washers, clamps, inserts and gaskets, one of each small fitting.
 * Remote: twice that, one of everything else that is built in, a length of each pipe, and a roll, tin or tube of each.
 *
 * @param lines everything that is built in
 * @param left what that leaves of what is on hand: a spare is taken from it before it is bought
 */
export function spareLines(lines: readonly PartsLine[], { job, catalogue }: CheckContext, left: OnHand): PartsLine[] {
  if (job.spares === 'none') return [];
  const remote = job.spares === 'remote';
  const once = new Map<string, PartsLine>();
  for (const line of [...lines, ...lines.flatMap(insideAsLines)]) {
    const key = `${articleOf(line)} ${line.unit}`;
    const known = once.get(key);
    once.set(key, known ? { ...known, need: known.need + line.need } : line);
  }
  return [...once.values()].flatMap((line): readonly PartsLine[] => {
    const part = catalogue.byCode.get(line.code);
    const count = spareOf(line, part, remote);
    if (count === 0) return [];
    const { buy, said } = part && line.unit === 'piece' ? takeOf(left, line.code, count) : { buy: count, said: {} };
    return [
      {
        code: line.code,
        title: line.title,
        detail: line.detail,
        need: count,
        unit: line.unit === 'length' ? 'length' : 'piece',
        ...(line.stockM === undefined ? {} : { stockM: line.stockM }),
        buy,
        priceUsd: cents(buy * eachUsd(line, part)),
        places: [],
        uses: [],
        ...said,
        note: ['spare', ...(said.note === undefined ? [] : [said.note])].join(', '),
      },
    ];
  });
}

/** What comes in the bag of a line, as lines of their own: a washer is lost whether it was bought or not. */
const insideAsLines = ({ inside = [], uses }: PartsLine): readonly PartsLine[] =>
  inside.map((one) => ({ ...one, buy: 0, priceUsd: null, ...traced(uses) }));

/** What one of a line costs; what is on hand or comes with a fitting costs what it would in the shop. */
function eachUsd({ code, buy, priceUsd, unit }: PartsLine, part: Part | undefined): number {
  if (priceUsd !== null && buy > 0) return priceUsd / buy;
  if (code === 'WA') return WASHER_USD;
  if (part?.sale.by === 'length' && unit === 'length') return part.priceUsd * Math.max(...part.sale.stockLengthsM);
  return part?.priceUsd ?? 0;
}
