import { type Unsent } from './sync';

/** What has been made here and not been answered, kept in the browser so that a crash or a dead battery loses nothing. */

const keyOf = (jobId: string, author: string): string => `herrero-unsent-${jobId}-${author}`;

export function keepUnsent(jobId: string, author: string, unsent: readonly Unsent[]): void {
  try {
    if (unsent.length === 0) localStorage.removeItem(keyOf(jobId, author));
    else localStorage.setItem(keyOf(jobId, author), JSON.stringify(unsent));
  } catch {
    // Storage is full or forbidden: the batches still stand in memory and go out with the next answer of the server.
  }
}

/** One of them has been answered, after its desk was left; whoever is at the job by now may have kept more. */
export function forgetUnsent(jobId: string, author: string, batchId: string): void {
  const kept = parsed(localStorage.getItem(keyOf(jobId, author)));
  keepUnsent(
    jobId,
    author,
    kept.filter((batch) => batch.batchId !== batchId),
  );
}

/**
 * What was kept for a job, by this tab or by one that is gone. Taking over what another tab still holds does no harm: a
 * batch sent twice is accepted once.
 */
export function takeUnsent(jobId: string, author: string): readonly Unsent[] {
  try {
    const keys = Object.keys(localStorage).filter((key) => key.startsWith(`herrero-unsent-${jobId}-`));
    const kept = keys.flatMap((key) => parsed(localStorage.getItem(key)));
    for (const key of keys) if (key !== keyOf(jobId, author)) localStorage.removeItem(key);
    return kept;
  } catch {
    return [];
  }
}

function parsed(text: string | null): readonly Unsent[] {
  try {
    const value = JSON.parse(text ?? '[]') as unknown;
    return Array.isArray(value) ? (value as Unsent[]) : [];
  } catch {
    return [];
  }
}

/** Who makes the edits of this tab: undo takes back only what was done here. It survives a reload. */
export function authorOfTab(): string {
  const kept = sessionStorage.getItem('herrero-author');
  if (kept !== null) return kept;
  const made = `tab-${crypto.randomUUID()}`;
  sessionStorage.setItem('herrero-author', made);
  return made;
}
