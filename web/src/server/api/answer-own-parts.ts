import 'server-only';
import { type Catalogue, type FieldProblem, type OwnCatalogue, makeOwnPart } from '@herrero/core';
import { putOwn, theCatalogue } from '../db/part-repository';
import { answer, readBody } from './operation';
import { putOwn as operation } from './operations/stock';
import { badRequest, twice } from './problem';

const MOST_PROBLEMS = 200;

/** Puts parts, stock and prices in: all of them, or none and what is wrong with each. */
export async function answerPutOwn(request: Request): Promise<Response> {
  const body = await readBody(request, operation);
  if (!body.ok) return body.error;
  const problems = ownProblems(body.value, await theCatalogue());
  if (problems.length > 0) return badRequest(problems);
  await putOwn(body.value);
  const { own, holdings } = body.value;
  return answer(operation, 200, { own: own.length, holdings: holdings.length });
}

/** Parts that make no sense, stock of what is no part at all, and what is there twice; the first of them. */
export function ownProblems({ own, holdings }: OwnCatalogue, { byCode }: Catalogue): readonly FieldProblem[] {
  const codes = new Set(own.map(({ code }) => code));
  const senseless = own.flatMap((part, index) => {
    const made = makeOwnPart(part);
    return made.ok ? [] : made.error.map(({ path, message }) => ({ path: `own[${index}].${path}`, message }));
  });
  const strangers = holdings.flatMap(({ code }, index) =>
    byCode.has(code) || codes.has(code)
      ? []
      : [{ path: `holdings[${index}].code`, message: `No part of the catalogue is called ${code}.` }],
  );
  const codeOf = ({ code }: { readonly code: string }): string => code;
  return [
    ...senseless,
    ...strangers,
    ...twice(own, codeOf, (index) => `own[${index}].code`),
    ...twice(holdings, codeOf, (index) => `holdings[${index}].code`),
  ].slice(0, MOST_PROBLEMS);
}
