import { type Result, err, ok } from '@herrero/core';
import { type NextResponse } from 'next/server';
import { type ProblemBody, tooLarge } from './problem';

export const BODY_LIMIT_BYTES = 2_000_000;

/** Reads a body up to a limit, counting as it comes, so that a false Content-Length gains nothing. */
export async function readBytes(
  request: Request,
  limitBytes = BODY_LIMIT_BYTES,
): Promise<Result<Uint8Array, NextResponse<ProblemBody>>> {
  const declared = Number(request.headers.get('content-length') ?? 0);
  if (declared > limitBytes) return err(tooLarge(limitBytes));
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let read = await reader?.read(); read && !read.done; read = await reader?.read()) {
    size += read.value.byteLength;
    if (size > limitBytes) {
      await reader?.cancel();
      return err(tooLarge(limitBytes));
    }
    chunks.push(read.value);
  }
  return ok(new Uint8Array(Buffer.concat(chunks)));
}
