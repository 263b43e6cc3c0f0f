import 'server-only';
import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { Piscina } from 'piscina';
import { answered } from '../api/answered';
import { BODY_LIMIT_BYTES, readBytes } from '../api/body';
import { busy, stopped, tooLargeAnswer, tooMany, tooMuch } from '../api/problem';
import { environment } from '../env';
import { type HandlerName } from './handlers';
import { type Answered, type Sent } from './worker';

/** So many wait at most, from all callers together. */
const MOST_WAITING = 64;
/** So many of one caller are worked on or wait at once: an address and a browser. */
export const MOST_OF_ONE = 8;
/** No answer is larger. */
const ANSWER_LIMIT_BYTES = 32_000_000;
/** Memory of a thread [MB]: what needs more ends with its thread, and the server stays. */
const THREAD_MB = 768;

const kept = globalThis as unknown as { herreroPool?: Piscina<Sent, Answered>; herreroCallers?: Map<string, number> };

/** One pool for each process. One core is left for the thread that answers everybody. */
function pool(): Piscina<Sent, Answered> {
  if (kept.herreroPool) return kept.herreroPool;
  const filename = environment().poolWorker ?? '';
  // Without it every thread would end as it begins, and be begun again.
  if (!existsSync(filename)) throw new Error(`${filename} is not there: npm run build makes it`);
  kept.herreroPool = new Piscina<Sent, Answered>({
    filename,
    minThreads: 1,
    maxThreads: Math.max(1, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    concurrentTasksPerWorker: 1,
    resourceLimits: { maxOldGenerationSizeMb: THREAD_MB },
  });
  return kept.herreroPool;
}

const callers = (): Map<string, number> => (kept.herreroCallers ??= new Map());

/** Who asks: an address and a browser, as far as a request tells. */
const callerOf = ({ headers }: Request): string =>
  `${headers.get('x-forwarded-for') ?? ''} ${headers.get('user-agent') ?? ''}`;

const isInline = (): boolean => environment().poolWorker === null;
const hasRoom = (): boolean => isInline() || pool().queueSize < MOST_WAITING;

/** In a thread; in the thread of the caller where the surroundings say so (while it is being written, in unit tests). */
async function run(sent: Sent, signal: AbortSignal): Promise<Answered> {
  if (!isInline()) return pool().run(sent, { signal });
  const { default: work } = await import('./worker');
  return work(sent);
}

async function send(sent: Sent, signal: AbortSignal): Promise<Response> {
  if (!hasRoom()) return busy();
  const { poolLimitSeconds } = environment();
  const limit = AbortSignal.timeout(poolLimitSeconds * 1000);
  try {
    const { status, headers, body } = await run(sent, AbortSignal.any([signal, limit]));
    if (body.byteLength > ANSWER_LIMIT_BYTES) return tooLargeAnswer(ANSWER_LIMIT_BYTES);
    const bodiless = status === 204 || status === 304;
    return new Response(bodiless ? null : new Uint8Array(body), {
      status,
      headers: headers.map(([name, value]): [string, string] => [name, value]),
    });
  } catch (error) {
    if (limit.aborted) return stopped(poolLimitSeconds);
    // Nobody reads this answer any more.
    if (signal.aborted) return new Response(null, { status: 499 });
    if ((error as { readonly code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY') return tooMuch();
    throw error;
  }
}

/**
 * Answers a route in a thread of the pool. A caller has so many at once and no more; who goes away takes his question
 * with him; what takes too long, or more memory than a thread has, is stopped and said.
 */
export const pooled = (handler: HandlerName, limitBytes = BODY_LIMIT_BYTES) =>
  answered(
    async (
      request: Request,
      context?: { readonly params: Promise<Readonly<Record<string, string>>> },
    ): Promise<Response> => {
      const caller = callerOf(request);
      const many = callers().get(caller) ?? 0;
      if (many >= MOST_OF_ONE) return tooMany(MOST_OF_ONE);
      callers().set(caller, many + 1);
      try {
        const body = await readBytes(request, limitBytes);
        if (!body.ok) return body.error;
        return await send(
          {
            handler,
            params: (await context?.params) ?? {},
            url: request.url,
            method: request.method,
            headers: [...request.headers],
            body: body.value.byteLength > 0 ? body.value : null,
          },
          request.signal,
        );
      } finally {
        const left = (callers().get(caller) ?? 1) - 1;
        if (left > 0) callers().set(caller, left);
        else callers().delete(caller);
      }
    },
  );

/** Asks the pool for the server itself: for a page that needs what is heavy. */
export const ask = (handler: HandlerName, params: Readonly<Record<string, string>>): Promise<Response> =>
  send(
    { handler, params, url: 'http://server.invalid/', method: 'GET', headers: [], body: null },
    new AbortController().signal,
  );

/** Is nothing waiting? Then there is room for what only tidies up. */
export const isIdle = (): boolean => isInline() || pool().queueSize === 0;

/** Ends the threads; the tests need it, a server never does. */
export async function closePool(): Promise<void> {
  await kept.herreroPool?.destroy();
  delete kept.herreroPool;
}
