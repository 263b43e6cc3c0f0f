import type { Source } from '../provenance';
import { type NominalSize, sizeInInches } from '../quantity/size';
import type { Part } from './part';

/** A part as its family makes it: what it leaves out follows from its ends, its material and its bores. */
export type FamilyPart = Omit<Part, 'family' | 'source' | 'regions' | 'ratedKpa' | 'lossK'> &
  Partial<Pick<Part, 'source' | 'regions' | 'ratedKpa' | 'lossK'>>;

/** A family of parts: what it is, where its dimensions come from, and the parts it is really made as. */
export interface PartFamily {
  readonly id: string;
  readonly name: string;
  readonly source: Source;
  readonly parts: () => readonly FamilyPart[];
}

export const defineFamily = (family: PartFamily): PartFamily => family;

/** Body lengths of fittings are not standardised in full; unless a family says otherwise they are typical of the trade. */
export const TYPICAL_BODIES: Source = { document: 'typical body lengths of the trade', provenance: 'from-memory' };

/**
 * An invented price that grows with size as such prices do. Every shipped price is invented and the screens say so.
 * @returns US dollars rounded to five cents
 */
export const inventedPriceUsd = (atOneInch: number, size: NominalSize): number =>
  Math.max(0.05, Math.round(atOneInch * sizeInInches(size) ** 1.2 * 20) / 20);
