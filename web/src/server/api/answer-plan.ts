import 'server-only';
import { plan, validateJob } from '@herrero/core';
import { answer, readBody } from './operation';
import { planJob } from './operations/jobs';
import { planBody } from './plan-body';
import { badRequest } from './problem';
import { theCatalogue } from '../db/part-repository';

/** Plans a job document that need not be stored. */
export async function answerPlan(request: Request): Promise<Response> {
  const body = await readBody(request, planJob);
  if (!body.ok) return body.error;
  const catalogue = await theCatalogue();
  const problems = validateJob(body.value, catalogue);
  return problems.length > 0 ? badRequest(problems) : answer(planJob, 200, planBody(plan(body.value, catalogue)));
}
