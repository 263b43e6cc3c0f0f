import { type NextResponse } from 'next/server';
import { databaseFailure } from '../db/failure';
import { log } from '../log';
import { failed, later } from './problem';

/** What a thrown error is answered with: when to come again where that helps, else that it is our fault, with its number. */
export function answerTo(error: unknown, request: Request | undefined): NextResponse {
  const away = databaseFailure(error);
  const id = request?.headers.get('x-request-id') ?? '';
  log(away === undefined ? 'error' : 'warning', away ?? 'a request failed', {
    request: id,
    ...(request ? { path: new URL(request.url).pathname, method: request.method } : {}),
    error,
  });
  return away === undefined ? failed(id) : later(503, away, 1);
}

/** A route that always answers in words: what it throws becomes an answer too. */
export const answered =
  <Args extends readonly unknown[]>(
    route: (...args: Args) => Promise<Response> | Response,
  ): ((...args: Args) => Promise<Response>) =>
  async (...args) => {
    try {
      return await route(...args);
    } catch (error) {
      return answerTo(error, args[0] instanceof Request ? args[0] : undefined);
    }
  };
