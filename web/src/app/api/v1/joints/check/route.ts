import { endProblemWords, mate, parseEnd, verdictWords } from '@herrero/core';
import { NextResponse } from 'next/server';
import { JointCheckDto } from '@/server/api/joint-dto';
import { badRequest } from '@/server/api/problem';
import { readBody } from '@/server/api/read-body';

/** Judges two ends given as text. */
export async function POST(request: Request): Promise<NextResponse> {
  const body = await readBody(request, JointCheckDto);
  if (!body.ok) return body.error;
  const { a, b, aMaterial, bMaterial, madeWith, cement } = body.value;
  const [first, second] = [parseEnd(a), parseEnd(b)];
  if (!first.ok || !second.ok)
    return badRequest([
      ...(first.ok ? [] : [{ path: 'a', message: endProblemWords(first.error) }]),
      ...(second.ok ? [] : [{ path: 'b', message: endProblemWords(second.error) }]),
    ]);
  const mating = mate(first.value, second.value, { a: aMaterial, b: bMaterial, madeWith, cement });
  return NextResponse.json({ words: verdictWords(mating), ...mating });
}
