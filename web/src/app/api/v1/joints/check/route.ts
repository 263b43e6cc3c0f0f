import { answered } from '@/server/api/answered';
import { endProblemWords, mate, parseEnd, verdictWords } from '@herrero/core';
import { type NextResponse } from 'next/server';
import { answer, readBody } from '@/server/api/operation';
import { checkJoint } from '@/server/api/operations/bench';
import { badRequest } from '@/server/api/problem';

/** Judges two ends given as text. */
export const POST = answered(async (request: Request): Promise<NextResponse> => {
  const body = await readBody(request, checkJoint);
  if (!body.ok) return body.error;
  const { a, b, aMaterial, bMaterial, madeWith, cement, service } = body.value;
  const [first, second] = [parseEnd(a), parseEnd(b)];
  if (!first.ok || !second.ok)
    return badRequest([
      ...(first.ok ? [] : [{ path: 'a', message: endProblemWords(first.error) }]),
      ...(second.ok ? [] : [{ path: 'b', message: endProblemWords(second.error) }]),
    ]);
  const mating = mate(first.value, second.value, { a: aMaterial, b: bMaterial, madeWith, cement, service });
  return answer(checkJoint, 200, { words: verdictWords(mating), ...mating });
});
