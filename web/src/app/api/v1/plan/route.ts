import { plan, validateJob } from '@herrero/core';
import { type NextResponse } from 'next/server';
import { answer, readBody } from '@/server/api/operation';
import { planJob } from '@/server/api/operations/jobs';
import { planBody } from '@/server/api/plan-body';
import { badRequest } from '@/server/api/problem';
import { theCatalogue } from '@/server/db/part-repository';

/** Plans a job document that need not be stored. */
export async function POST(request: Request): Promise<NextResponse> {
  const body = await readBody(request, planJob);
  if (!body.ok) return body.error;
  const catalogue = await theCatalogue();
  const problems = validateJob(body.value, catalogue);
  return problems.length > 0 ? badRequest(problems) : answer(planJob, 200, planBody(plan(body.value, catalogue)));
}
