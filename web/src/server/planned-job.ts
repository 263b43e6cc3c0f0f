import 'server-only';
import { type Catalogue, NO_SOLUTIONS, type Plan, plan } from '@herrero/core';
import { searchCuts } from './cut-solving';
import { type StoredJob, findJob } from './db/job-repository';
import { theCatalogue } from './db/part-repository';
import { printable } from './printable';

/** A job as it stands, with everything that follows from it. */
export interface PlannedJob {
  readonly stored: StoredJob;
  readonly catalogue: Catalogue;
  readonly plan: Plan;
}

/** What was planned last in this thread: files of one job are mostly asked for one after the other. */
const KEPT = 4;
const kept: PlannedJob[] = [];

/** A stored job with its plan as it leaves the application: cut as well as can be proven in a moment. Undefined where there is none. */
export async function findPlannedJob(id: string): Promise<PlannedJob | undefined> {
  const [found, catalogue] = await Promise.all([findJob(id), theCatalogue(id)]);
  if (!found) return undefined;
  const known = kept.find(
    (one) => one.stored.id === id && one.stored.revision === found.revision && one.catalogue === catalogue,
  );
  if (known) return known;
  const stored = { ...found, document: printable(found.document) };
  const quick = plan(stored.document, catalogue);
  const cuts = await searchCuts(quick.parts.cuts);
  const planned = {
    stored,
    catalogue,
    plan: cuts.size > 0 ? plan(stored.document, catalogue, { ...NO_SOLUTIONS, cuts }) : quick,
  };
  kept.unshift(planned);
  kept.length = Math.min(kept.length, KEPT);
  return planned;
}
