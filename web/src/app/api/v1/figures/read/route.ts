import { answered } from '@/server/api/answered';
import { figureFacts, figureProblemWords, readFigure, writeFigure } from '@herrero/core';
import { type NextResponse } from 'next/server';
import { answer, readBody } from '@/server/api/operation';
import { readFigureText } from '@/server/api/operations/bench';
import { badRequest } from '@/server/api/problem';

/** Reads a figure as it is typed; one that can be read in two ways is refused with both readings. */
export const POST = answered(async (request: Request): Promise<NextResponse> => {
  const body = await readBody(request, readFigureText);
  if (!body.ok) return body.error;
  const { text, kind, measures, region, usual } = body.value;
  const entry = { kind, measures, region, usual: usual && ([usual[0] ?? 0, usual[1] ?? 0] as const) };
  const read = readFigure(text, entry);
  if (read.ok)
    return answer(readFigureText, 200, {
      value: read.value,
      unit: figureFacts(kind).kept,
      text: writeFigure(read.value, entry),
    });
  const message = figureProblemWords(read.error, text, entry);
  return badRequest([
    { path: 'text', message, ...(read.error.code === 'two-readings' ? { readings: read.error.readings } : {}) },
  ]);
});
