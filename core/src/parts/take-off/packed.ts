import { cents } from '../../quantity/money';
import type { PartsLine, Unit } from '../list/parts-list';
import { type Use, traced } from '../list/trace';

/** Something that is bought: by the piece, or by amount in packs (a roll, a tin, a bag, a tube). */
export interface Packed {
  readonly code: string;
  readonly title: string;
  readonly detail: string;
  /** As it is worked out: it is shown rounded, and bought as it is. */
  readonly need: number;
  /** Absent: the piece. */
  readonly unit?: Unit;
  /** What one pack holds, in the same unit; absent: one. */
  readonly holds?: number;
  /** Of one pack; null: nobody knows. */
  readonly packUsd: number | null;
  readonly uses: readonly Use[];
  readonly note?: string | undefined;
}

/** Amounts that differ by less are the same: 3 rolls of 13.2 m hold 39.6 m. */
const SAME = 1e-9;

const thousandths = (round: (amount: number) => number) => (amount: number) => round(amount * 1000) / 1000;
/** How an amount stands on a list: a length to the millimetre, what is poured or filled up to the next whole. */
const SHOWN: Readonly<Record<Unit, (amount: number) => number>> = {
  piece: (count) => count,
  length: (count) => count,
  m: thousandths(Math.round),
  ml: (ml) => Math.ceil(ml - SAME),
  m3: thousandths((litres) => Math.ceil(litres - SAME)),
};

/** A line that is bought in whole packs, with what is left over of them. */
export function packed({
  code,
  title,
  detail,
  need,
  unit = 'piece',
  holds = 1,
  packUsd,
  uses,
  note,
}: Packed): PartsLine {
  const buy = Math.ceil(need / holds - SAME);
  const shown = SHOWN[unit](need);
  const leftOver = Math.round((buy * holds - shown) * 1000) / 1000;
  return {
    code,
    title,
    detail,
    need: shown,
    unit,
    buy,
    priceUsd: packUsd === null ? null : cents(buy * packUsd),
    ...traced(uses),
    ...(leftOver > 0 ? { leftOver } : {}),
    ...(note === undefined ? {} : { note }),
  };
}
