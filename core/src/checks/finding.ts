import type { FigureChange } from '../edits/change-field';
import type { Proposal } from '../edits/proposal';
import type { Settlement } from '../job/job';
import type { Values } from '../quantity/values';

/** Worst first: it fails; it is open or not known; it costs something; good to know. */
export const SEVERITIES = ['fails', 'unknown', 'costs', 'advice'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** Where a finding is. `penetrationId` says which run to open for a joint or an end. */
export interface Place {
  readonly kind: 'joint' | 'penetration' | 'tank' | 'part' | 'roof' | 'inflow' | 'terminal' | 'mark' | 'job';
  readonly id: string;
  readonly penetrationId?: string | undefined;
  /** As written beside the finding: 'P4 J5'. */
  readonly label: string;
}

/** Edits that would settle the finding. */
export type Fix = Proposal;

/** A field to fill in at the finding itself: the answer becomes one edit. */
export interface Question {
  readonly text: string;
  /** The edit that its answer completes. */
  readonly edit: FigureChange;
}

/** The stations of the work, in their order. */
export const STATION_IDS = ['site', 'tanks', 'holes', 'runs', 'flow', 'parts', 'build'] as const;
export type StationId = (typeof STATION_IDS)[number];

/** What a check found: data only; `findingText` makes the words. */
export interface Finding {
  readonly check: string;
  readonly messageId: string;
  readonly severity: Severity;
  /** Where it is put right. */
  readonly station: StationId;
  readonly title: string;
  readonly text: string;
  /** What somebody can do about it. */
  readonly toDo: string;
  readonly at: Place;
  readonly data: Values;
  readonly fixes: readonly Fix[];
  readonly question?: Question | undefined;
  /** What can hurt somebody: it may be acknowledged by name, and stays open all the same. */
  readonly safety: boolean;
  /** Who has settled or acknowledged it, on the figures as they are. */
  readonly settled?: Settlement | undefined;
}

/** Does it still ask for something? What is settled does not; what can hurt somebody always does. */
export const isOpen = ({ settled, safety }: Pick<Finding, 'settled' | 'safety'>): boolean =>
  settled === undefined || safety;
