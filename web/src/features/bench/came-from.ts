import { type EndRef, type Material } from '@herrero/core';
import { useSyncExternalStore } from 'react';

/** An open end of a run for which a part is looked for. */
export interface WantedAt {
  readonly jobId: string;
  readonly run: string;
  readonly at: EndRef;
  /** The end as it stands, in end notation, and what it is made of. */
  readonly end: string;
  readonly material?: Material | undefined;
}

/** Where the bench was entered from: always the exact place left. */
export interface CameFrom {
  readonly href: string;
  readonly label: string;
  readonly joint?: { readonly name: string; readonly ends: readonly [string, string] };
  readonly wanted?: WantedAt;
}

const KEY = 'herrero-bench-from';

/** Keeps the place that is left for the way back. */
export function leaveFrom(place: CameFrom): void {
  try {
    sessionStorage.setItem(KEY, JSON.stringify(place));
  } catch {
    // Without storage the way back leads to the jobs.
  }
}

const read = (): string | null => {
  try {
    return sessionStorage.getItem(KEY);
  } catch {
    return null;
  }
};

const never = (): (() => void) => () => undefined;

/** The place left, if the bench was entered from a job in this tab. */
export function useCameFrom(): CameFrom | null {
  const kept = useSyncExternalStore(never, read, () => null);
  return kept === null ? null : (JSON.parse(kept) as CameFrom);
}
