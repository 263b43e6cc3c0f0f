import { type Catalogue, type FieldProblem, JOB, type Job, validateJob } from '@herrero/core';
import { shapeProblems } from './read-body';

/** What is wrong with a document: its shape first, and only of a sound shape whether it contradicts itself. */
export function documentProblems(job: Job, catalogue: Catalogue): readonly FieldProblem[] {
  const problems = shapeProblems(JOB, job);
  return problems.length > 0 ? problems : validateJob(job, catalogue);
}
