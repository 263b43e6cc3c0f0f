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

/** Names that reach into the machinery of an object when they are set; no job file has them. */
const FORBIDDEN: readonly string[] = ['__proto__', 'constructor', 'prototype'];

/** Every place in plain data where a forbidden name stands. */
function forbiddenKeys(value: unknown, path: string): readonly FieldProblem[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => {
    const at = path === '' ? key : `${path}.${key}`;
    return FORBIDDEN.includes(key) ? [{ path: at, message: `${key} is no field of a job.` }] : forbiddenKeys(inner, at);
  });
}

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
  const forbidden = forbiddenKeys(plain, '');
  if (forbidden.length > 0) return err(forbidden);
  let job: Job;
  try {
    job = migrateJob(plain);
  } catch {
    return err([{ path: '', message: `The file says version ${Number(version)} but is not built like one.` }]);
  }
  const problems = documentProblems(job, catalogue);
  return problems.length > 0 ? err(problems) : ok(job);
}
