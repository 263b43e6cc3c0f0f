/** Where a value comes from; one vocabulary for the whole application. */
export type Provenance = 'standard-formula' | 'standard-table' | 'from-memory' | 'common-practice';

/** How each is said beside a value: a table that was recalled without the print at hand says so. */
export const PROVENANCE_WORDS: Readonly<Record<Provenance, string>> = {
  'standard-formula': 'formula of the standard',
  'standard-table': 'its table as recalled, not compared with the print',
  'from-memory': 'from memory',
  'common-practice': 'common practice',
};

/** A source as it is read: the document, and how its values are known. */
export const sourceWords = ({ document, provenance }: Source): string =>
  `${document} (${PROVENANCE_WORDS[provenance]})`;

/** What a table or a rule stands on. */
export interface Source {
  /** The standard, handbook or law, e.g. 'ASME B1.20.1'; for common practice what kind of practice. */
  readonly document: string;
  readonly provenance: Provenance;
}
