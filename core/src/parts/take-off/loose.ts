import type { Measures } from '../../quantity/length';
import { M3_PER_CUBIC_YARD } from '../../quantity/volume';
import type { PartsLine } from '../list/parts-list';
import type { Use } from '../list/trace';
import { packed } from './packed';

/** Of what is filled in or poured: an amount, and where it goes. */
export interface Filled {
  readonly use: Use;
  readonly m3: number;
}

/** What is filled in or poured: what it is called, and how it is bought. */
export interface Bulk {
  /** The beginning of its codes: what they end in says how it is bought. */
  readonly kind: 'BE' | 'GV' | 'CA';
  readonly title: string;
  /** Delivered, of a cubic metre. */
  readonly usdPerM3: number;
  /** What is said of it where it comes by the lorry, before how it is measured. */
  readonly comes: string;
  /** The bag that it also comes in, as long as it is no more than that [m3]; absent: it comes in none. */
  readonly bag?: {
    readonly ending: string;
    readonly detail: string;
    readonly m3: number;
    readonly usd: number;
    readonly upToM3: number;
  };
}

/** How it is measured that comes by the lorry: by the quarter of a cubic metre, or of a cubic yard (common practice). */
const BY_LORRY: Readonly<Record<Measures, { readonly ending: string; readonly m3: number; readonly words: string }>> = {
  'mm-l': { ending: 'M3', m3: 0.25, words: 'by the quarter cubic metre' },
  'in-gal': { ending: 'YD', m3: M3_PER_CUBIC_YARD / 4, words: 'by the quarter cubic yard' },
};

/** The line of what is filled in or poured, all places together: in bags as long as somebody carries them, else by the lorry. */
export function bulkLine(
  { kind, title, usdPerM3, comes, bag }: Bulk,
  some: readonly Filled[],
  measures: Measures,
  note: string,
): PartsLine[] {
  const need = some.reduce((sum, { m3 }) => sum + m3, 0);
  if (need <= 0) return [];
  const lorry = BY_LORRY[measures];
  const pack =
    bag && need <= bag.upToM3
      ? { ending: bag.ending, detail: bag.detail, holds: bag.m3, packUsd: bag.usd }
      : {
          ending: lorry.ending,
          detail: `${comes}, ${lorry.words}`,
          holds: lorry.m3,
          packUsd: lorry.m3 * usdPerM3,
        };
  return [
    packed({
      code: `${kind}-${pack.ending}`,
      title,
      detail: pack.detail,
      need,
      unit: 'm3',
      holds: pack.holds,
      packUsd: pack.packUsd,
      uses: some.map(({ use }) => use),
      note,
    }),
  ];
}
