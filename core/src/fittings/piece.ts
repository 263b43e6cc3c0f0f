import type { End } from '../connections/end';
import type { Material } from '../connections/material';
import type { NominalSize } from '../quantity/size';
import { endSection } from './body';
import type { BodySection, Feature, Part } from './part';
import { inventedPriceUsd } from './part-family';

/** A piece with two ends in line and one stretch of body between them, before its family and source are known. */
export interface PieceSpec {
  readonly code: string;
  readonly name: string;
  readonly detail: string;
  readonly size: NominalSize;
  readonly material: Material;
  readonly ends: readonly [End, End];
  readonly boreMm: number;
  /** The stretch between the two end sections, from what those are. */
  readonly between: (inlet: BodySection, outlet: BodySection) => BodySection;
  readonly features?: readonly Feature[];
  /** Invented, at one inch; grows with size. */
  readonly priceUsdAtOneInch: number;
}

/** Builds such a piece: end section, body, end section. */
export function piece({
  ends,
  boreMm,
  between,
  features = [],
  priceUsdAtOneInch,
  ...named
}: PieceSpec): Omit<Part, 'family' | 'source'> {
  const [inlet, outlet] = [endSection(ends[0], boreMm), endSection(ends[1], boreMm)];
  return {
    ...named,
    ends: [
      { end: ends[0], position: 'inlet' },
      { end: ends[1], position: 'outlet' },
    ],
    body: [inlet, between(inlet, outlet), outlet],
    features,
    boreMm,
    sale: { by: 'piece' },
    priceUsd: inventedPriceUsd(priceUsdAtOneInch, named.size),
  };
}
