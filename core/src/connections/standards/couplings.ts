import type { Source } from '../../provenance';
import type { NominalSize } from '../../quantity/size';

/** Size and diameter over the head of the grooved adapter [mm]: what a caliper reads to tell sizes apart. */
const CAM_ROWS: readonly (readonly [NominalSize, headMm: number])[] = [
  ['1/2', 24],
  ['3/4', 32.1],
  ['1', 36.7],
  ['1-1/4', 45.5],
  ['1-1/2', 53.4],
  ['2', 63],
  ['2-1/2', 75.8],
  ['3', 91.5],
  ['4', 119.5],
];

export const CAM_SOURCE: Source = { document: 'EN 14420-7, A-A-59326', provenance: 'from-memory' };
export const CAM_SIZES: readonly NominalSize[] = CAM_ROWS.map(([size]) => size);
const CAM_HEADS = new Map(CAM_ROWS);

/** @throws RangeError no cam coupling is made in this size */
export function camHeadMm(size: NominalSize): number {
  const found = CAM_HEADS.get(size);
  if (found === undefined) throw new RangeError(`camHeadMm: none of ${size}`);
  return found;
}

/** The letters of A-A-59326 (standard-table): which half of the coupling a fitting of that type has, and what is behind it. */
export const CAM_TYPES: Readonly<Record<string, { readonly part: 'adapter' | 'coupler'; readonly behind: string }>> = {
  A: { part: 'adapter', behind: 'female thread' },
  B: { part: 'coupler', behind: 'male thread' },
  C: { part: 'coupler', behind: 'hose shank' },
  D: { part: 'coupler', behind: 'female thread' },
  E: { part: 'adapter', behind: 'hose shank' },
  F: { part: 'adapter', behind: 'male thread' },
  DC: { part: 'coupler', behind: 'nothing: it caps an adapter' },
  DP: { part: 'adapter', behind: 'nothing: it plugs a coupler' },
};

export const CLICK_SOURCE: Source = { document: 'click couplings of garden hose', provenance: 'from-memory' };
export const CLICK_SIZES: readonly NominalSize[] = ['12.5', '19'];
