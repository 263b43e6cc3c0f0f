import 'server-only';
import { ask } from './pool/pool';
import { type JobShelves } from './shelves';

/** The list of a job by shelf, worked out in the pool; undefined where there is no such job. */
export async function askShelves(id: string): Promise<JobShelves | undefined> {
  const answered = await ask('shelves', { id });
  return answered.ok ? ((await answered.json()) as JobShelves) : undefined;
}
