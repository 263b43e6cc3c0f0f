import type { Job } from '../job/job';

/** What one run sees of its job: nothing of roofs, of other inflows, of marks. */
export type RunJob = Omit<Job, 'schemaVersion' | 'name' | 'roofs' | 'inflows' | 'marks' | 'settlements' | 'extras'>;
