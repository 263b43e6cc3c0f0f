import { type FieldProblem, type FigureReading } from '@herrero/core';
import { NextResponse } from 'next/server';

/** Every answer that says no has this body: what in one sentence, and each field that is wrong. */
export interface ProblemBody {
  readonly error: string;
  readonly fields: readonly (FieldProblem & { readonly readings?: readonly FigureReading[] })[];
}

const problem = (
  status: number,
  error: string,
  fields: ProblemBody['fields'] = [],
  headers: Readonly<Record<string, string>> = {},
): NextResponse<ProblemBody> => NextResponse.json({ error, fields }, { status, headers });

/** No for now: when to ask again [s]. */
export const later = (status: 429 | 503, error: string, seconds: number): NextResponse<ProblemBody> =>
  problem(status, error, [], { 'Retry-After': `${seconds}` });

export const badRequest = (fields: ProblemBody['fields']): NextResponse<ProblemBody> =>
  problem(400, fields.length === 1 ? 'One field is wrong.' : `${fields.length} fields are wrong.`, fields);
export const notFound = (what: string): NextResponse<ProblemBody> => problem(404, `There is no such ${what}.`);
export const tooLarge = (limitBytes: number): NextResponse<ProblemBody> =>
  problem(413, `The body is larger than ${Math.round(limitBytes / 1_000_000)} MB.`);
export const unsupported = (type: string): NextResponse<ProblemBody> => problem(415, `This is sent as ${type}.`);
export const stale = (revision: number): NextResponse<ProblemBody> =>
  problem(409, `The job is at revision ${revision} now: read it again, then put.`);
export const conflict = (error: string): NextResponse<ProblemBody> => problem(409, error);
export const needsIfMatch = (): NextResponse<ProblemBody> =>
  problem(428, 'Say which revision you saw: If-Match with the ETag of the job.');
export const notAnswering = (who: string): NextResponse<ProblemBody> =>
  later(503, `${who} does not answer now: ask again.`, 2);
export const busy = (): NextResponse<ProblemBody> =>
  later(503, 'Too much is being worked on now: ask again in a moment.', 2);
export const stopped = (seconds: number): NextResponse<ProblemBody> =>
  later(503, `It was not done after ${seconds} seconds, and was stopped.`, 10);
export const tooMany = (most: number): NextResponse<ProblemBody> =>
  later(429, `${most} of your questions are being worked on: wait for one of them.`, 1);
export const tooMuch = (): NextResponse<ProblemBody> =>
  problem(413, 'It takes more memory to work that out than one question may have.');
export const tooLargeAnswer = (limitBytes: number): NextResponse<ProblemBody> =>
  problem(413, `The answer would be larger than ${Math.round(limitBytes / 1_000_000)} MB.`);

/** What stands in a list more than once: which of them would count nobody can say. */
export function twice<Row>(
  rows: readonly Row[],
  nameOf: (row: Row) => string,
  pathOf: (index: number) => string,
): readonly FieldProblem[] {
  const seen = new Set<string>();
  return rows.flatMap((row, index) => {
    const name = nameOf(row);
    const known = seen.has(name);
    seen.add(name);
    return known ? [{ path: pathOf(index), message: `${name} is there twice.` }] : [];
  });
}

/** Our fault: the number finds it in the log. */
export const failed = (requestId: string): NextResponse<ProblemBody> =>
  problem(500, `This went wrong, and it is the fault of Herrero. Its number in the log: ${requestId || 'none'}.`);
