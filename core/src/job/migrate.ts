import { withDefaults } from '../record/make-record';
import { JOB, type Job, SCHEMA_VERSION } from './job';
import { STEPS, type Stored } from './migrations/steps';

/**
 * A stored document of any version that Herrero has written, as one of today's: migrated step by step, and what came to be
 * described since without a version of its own begins as it is described.
 * A document of a version that is not known comes back as it is; validation says what is wrong with it.
 */
export function migrateJob(stored: unknown): Job {
  let job = stored as Stored;
  for (;;) {
    const version = job['schemaVersion'];
    if (version === SCHEMA_VERSION) return withDefaults({ kind: 'group', of: JOB }, job) as Job;
    const step = typeof version === 'number' ? STEPS[version] : undefined;
    if (!step) return job as unknown as Job;
    job = step(job);
  }
}
