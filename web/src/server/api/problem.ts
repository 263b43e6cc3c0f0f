import { type FieldProblem, type FigureReading } from '@herrero/core';
import { NextResponse } from 'next/server';

/** Every answer that says no has this body: what in one sentence, and each field that is wrong. */
export interface ProblemBody {
  readonly error: string;
  readonly fields: readonly (FieldProblem & { readonly readings?: readonly FigureReading[] })[];
}

const problem = (status: number, error: string, fields: ProblemBody['fields'] = []): NextResponse<ProblemBody> =>
  NextResponse.json({ error, fields }, { status });

export const badRequest = (fields: ProblemBody['fields']): NextResponse<ProblemBody> =>
  problem(400, fields.length === 1 ? 'One field is wrong.' : `${fields.length} fields are wrong.`, fields);
export const notFound = (what: string): NextResponse<ProblemBody> => problem(404, `There is no such ${what}.`);
export const tooLarge = (limitBytes: number): NextResponse<ProblemBody> =>
  problem(413, `The body is larger than ${Math.round(limitBytes / 1_000_000)} MB.`);
export const stale = (revision: number): NextResponse<ProblemBody> =>
  problem(409, `The job is at revision ${revision} now: read it again, then put.`);
export const needsIfMatch = (): NextResponse<ProblemBody> =>
  problem(428, 'Say which revision you saw: If-Match with the ETag of the job.');
export const notAnswering = (who: string): NextResponse<ProblemBody> =>
  problem(503, `${who} does not answer now: ask again.`);
