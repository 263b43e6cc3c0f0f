import { useSyncExternalStore } from 'react';

/** Where the bench was entered from: always the exact place left. */
export interface CameFrom {
  readonly href: string;
  readonly label: string;
  readonly joint?: { readonly number: number; readonly ends: readonly [string, string] };
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
