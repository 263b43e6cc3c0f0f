import type { Values } from '../quantity/values';
import type { Edit } from './edits';

/** Something that could be done: edits, and what they add to the list. Only the job's edits change a job. */
export interface Proposal {
  /** What it is, with `{placeholders}` for the data. */
  readonly text: string;
  readonly data: Values;
  readonly edits: readonly Edit[];
  readonly partsAdded: number;
  readonly priceUsd: number;
}
