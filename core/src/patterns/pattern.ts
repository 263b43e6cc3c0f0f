import { type Catalogue, shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import type { CountField, FigureField, RecordOf } from '../record/field';
import { makeRecord } from '../record/make-record';
import type { Region } from '../region';
import { type Kit, patternKit } from './kit';

/** A figure that a kind of system is sized by: how it is asked for, and what it usually is. */
type Figure = (Omit<FigureField, 'default' | 'asked'> | Omit<CountField, 'default' | 'asked'>) & {
  readonly default: number;
  readonly asked: string;
};
type Figures = Readonly<Record<string, Figure>>;

/** A kind of system that is made of a few figures, in the parts of a region. */
export interface Pattern<Own extends Figures = Figures> {
  readonly id: string;
  readonly name: string;
  /** What it is, in a sentence. */
  readonly says: string;
  /** What it is sized by, each with what it usually is. */
  readonly figures: Own;
  build(kit: Kit, figures: RecordOf<Own>): void;
}

/** Declares a pattern: one file, registered in `patterns.ts`. */
export const definePattern = <const Own extends Figures>(pattern: Pattern<Own>): Pattern => pattern;

/**
 * The job of a pattern, made by the edits that a user makes.
 *
 * @param given  its figures, SI; what is not given is as usual
 * @throws RangeError a part that it asks for is not sold in the region
 */
export function jobOfPattern(
  pattern: Pattern,
  region: Region,
  given: Readonly<Record<string, number>> = {},
  catalogue: Catalogue = shippedCatalogue,
): Job {
  const kit = patternKit(pattern.name, region, catalogue);
  pattern.build(kit, makeRecord(pattern.figures, given));
  return kit.job();
}
