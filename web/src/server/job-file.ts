import {
  type Catalogue,
  type FieldProblem,
  type Job,
  type Result,
  SCHEMA_VERSION,
  err,
  migrateJob,
  ok,
} from '@herrero/core';
import { documentProblems } from './api/document-problems';

/**
 * A job from a file: of any version that Herrero has written, made one of today and checked whole.
 * Nothing of a file that is refused is kept.
 *
 * @error every reason with its path
 */
export function readJobFile(plain: unknown, catalogue: Catalogue): Result<Job, readonly FieldProblem[]> {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    return err([{ path: '', message: 'A job file is a JSON object.' }]);
  const version = (plain as { readonly schemaVersion?: unknown }).schemaVersion;
  if (!Number.isInteger(version) || Number(version) < 1)
    return err([{ path: 'schemaVersion', message: 'This is no job file of Herrero: it says no schemaVersion.' }]);
  if (Number(version) > SCHEMA_VERSION)
    return err([
      {
        path: 'schemaVersion',
        message: `The file is of version ${Number(version)}; this Herrero reads up to ${SCHEMA_VERSION}. Open it with a newer one.`,
      },
    ]);
  let job: Job;
  try {
    job = migrateJob(plain);
  } catch {
    return err([{ path: '', message: `The file says version ${Number(version)} but is not built like one.` }]);
  }
  const problems = documentProblems(job, catalogue);
  return problems.length > 0 ? err(problems) : ok(job);
}
