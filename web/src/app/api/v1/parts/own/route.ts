import { answered } from '@/server/api/answered';
import { answer, readBody } from '@/server/api/operation';
import { getOwn, putOwn as putOwnOperation } from '@/server/api/operations/stock';
import { type FieldProblem, type Holding, type OwnPart, makeOwnPart } from '@herrero/core';
import { type NextResponse } from 'next/server';
import { badRequest } from '@/server/api/problem';
import { putOwn, readOwn, theCatalogue } from '@/server/db/part-repository';

export const dynamic = 'force-dynamic';

const MOST_PROBLEMS = 200;

/** Somebody's own parts, stock and prices. */
export const GET = answered(async (): Promise<NextResponse> => answer(getOwn, 200, await readOwn()));

/** Puts parts, stock and prices in: all of them, or none and what is wrong with each. */
export const POST = answered(async (request: Request): Promise<NextResponse> => {
  const body = await readBody(request, putOwnOperation);
  if (!body.ok) return body.error;
  const { own, holdings } = body.value;
  const problems = [...own.flatMap(partProblems), ...strangers(holdings, own, (await theCatalogue()).byCode)];
  if (problems.length > 0) return badRequest(problems.slice(0, MOST_PROBLEMS));
  await putOwn({ own, holdings });
  return answer(putOwnOperation, 200, { own: own.length, holdings: holdings.length });
});

const partProblems = (part: OwnPart, index: number): readonly FieldProblem[] => {
  const made = makeOwnPart(part);
  return made.ok ? [] : made.error.map(({ path, message }) => ({ path: `own[${index}].${path}`, message }));
};

/** Stock of what is no part at all. */
const strangers = (
  holdings: readonly Holding[],
  own: readonly OwnPart[],
  known: ReadonlyMap<string, unknown>,
): readonly FieldProblem[] => {
  const codes = new Set(own.map(({ code }) => code));
  return holdings.flatMap(({ code }, index) =>
    known.has(code) || codes.has(code)
      ? []
      : [{ path: `holdings[${index}].code`, message: `No part of the catalogue is called ${code}.` }],
  );
};
