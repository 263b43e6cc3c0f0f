import { type Job, plan } from '@herrero/core';
import { NextResponse } from 'next/server';
import { JobDto, documentProblems } from '@/server/api/job-dto';
import { planBody } from '@/server/api/plan-body';
import { badRequest } from '@/server/api/problem';
import { readBody } from '@/server/api/read-body';
import { theCatalogue } from '@/server/db/part-repository';

/** Plans a job document that need not be stored. */
export async function POST(request: Request): Promise<NextResponse> {
  const body = await readBody(request, JobDto);
  if (!body.ok) return body.error;
  const job = JSON.parse(JSON.stringify(body.value)) as Job;
  const catalogue = await theCatalogue();
  const problems = documentProblems(job, catalogue);
  return problems.length > 0 ? badRequest(problems) : NextResponse.json(planBody(plan(job, catalogue)));
}
