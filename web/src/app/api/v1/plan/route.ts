import { type Job, plan, shippedCatalogue } from '@herrero/core';
import { NextResponse } from 'next/server';
import { JobDto, documentProblems } from '@/server/api/job-dto';
import { planBody } from '@/server/api/plan-body';
import { badRequest } from '@/server/api/problem';
import { readBody } from '@/server/api/read-body';

/** Plans a job document that need not be stored. */
export async function POST(request: Request): Promise<NextResponse> {
  const body = await readBody(request, JobDto);
  if (!body.ok) return body.error;
  const job = JSON.parse(JSON.stringify(body.value)) as Job;
  const problems = documentProblems(job, shippedCatalogue);
  return problems.length > 0 ? badRequest(problems) : NextResponse.json(planBody(plan(job)));
}
