/** Where a value comes from; one vocabulary for the whole application. */
export type Provenance = 'standard-formula' | 'standard-table' | 'from-memory' | 'common-practice';

/** What a table or a rule stands on. */
export interface Source {
  /** The standard, handbook or law, e.g. 'ASME B1.20.1'; for common practice what kind of practice. */
  readonly document: string;
  readonly provenance: Provenance;
}
