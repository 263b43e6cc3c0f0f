import { type Catalogue, shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import type { Fields, GivenOf, RecordOf } from '../record/field';
import { makeRecord } from '../record/make-record';
import type { Region } from '../region';
import { type Kit, patternKit } from './kit';

/** A kind of system that is made of a few figures, in the parts of a region. */
export interface Pattern<Figures extends Fields = Fields> {
  readonly id: string;
  readonly name: string;
  /** What it is, in a sentence. */
  readonly says: string;
  /** What it is sized by, each with what it usually is. */
  readonly figures: Figures;
  readonly build: (kit: Kit, figures: RecordOf<Figures>) => void;
}

/** Declares a pattern: one file, registered in `patterns.ts`. */
export const definePattern = <const Figures extends Fields>(pattern: Pattern<Figures>): Pattern =>
  pattern as unknown as Pattern;

/**
 * The job of a pattern, made by the edits that a user makes.
 *
 * @param given  its figures, SI; what is not given is as usual
 * @throws RangeError a part that it asks for is not sold in the region
 */
export function jobOfPattern(
  { name, figures, build }: Pattern,
  region: Region,
  given: Partial<GivenOf<Fields>> = {},
  catalogue: Catalogue = shippedCatalogue,
): Job {
  const kit = patternKit(name, region, catalogue);
  build(kit, makeRecord(figures, given as GivenOf<Fields>));
  return kit.job();
}
