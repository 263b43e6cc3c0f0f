import type { Finding, StationId } from './finding';

/** What broke says of itself. */
export const reasonOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Something of ours broke: what it would have found is not known, and is said so; everything else stands. */
export const failedFinding = (what: string, station: StationId, why: string): Finding => ({
  check: what,
  messageId: 'failed',
  safety: false,
  severity: 'unknown',
  station,
  title: 'This check failed',
  text: 'This check failed ({what}: {why}). What it would have found is not known. Report it.',
  toDo: 'Report it, and look at this yourself until it is mended.',
  at: { kind: 'job', id: '', label: 'the job' },
  data: { what, why },
  fixes: [],
});
