import 'server-only';
import { randomUUID } from 'node:crypto';
import { type Job, ashdown, kilnYard, millRow, quarryLane, ternPoint } from '@herrero/core';
import { createJob, findDemo, putDocument } from './db/job-repository';

/** The demo scenarios, by name. */
const DEMOS: Readonly<Record<string, () => Job>> = {
  ashdown,
  'kiln-yard': kilnYard,
  'mill-row': millRow,
  'quarry-lane': quarryLane,
  'tern-point': ternPoint,
};

/**
 * Loads every demo job that is not there yet. With `reload` those that are get their first state back, as a new
 * revision: what was done to them stays in their history.
 */
export async function loadDemos(reload: boolean): Promise<void> {
  for (const [demo, make] of Object.entries(DEMOS)) {
    const stored = await findDemo(demo);
    if (!stored) await createJob(randomUUID(), make(), 'herrero', demo);
    else if (reload) await putDocument(stored.id, stored.revision, make(), 'herrero', 'Reload the demo');
  }
}
