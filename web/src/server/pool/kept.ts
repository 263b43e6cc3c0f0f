import 'server-only';
import { answered } from '../api/answered';
import { notFound } from '../api/problem';
import { stateOfJob } from '../db/job-repository';
import { PROGRAM } from '../program';
import { type HandlerName } from './handlers';
import { pooled } from './pool';
import { type Answered } from './worker';

/** So much is kept of what was answered, the last asked for longest [bytes]. */
const MOST_BYTES = 64_000_000;

/** An answer that is there or on its way, for all who ask the same. */
interface Kept {
  readonly answer: Promise<Answered>;
  /** Known once it is there. */
  bytes: number;
  /** Who waits for it: when the last of them has gone it is not worked on any further. */
  waiting: number;
  readonly gone: AbortController;
}

const held = globalThis as unknown as { herreroKept?: Map<string, Kept> };
const kept = (): Map<string, Kept> => (held.herreroKept ??= new Map());

/** A route that works an answer out. */
type Route = (
  request: Request,
  context: { readonly params: Promise<Readonly<Record<string, string>>> },
) => Promise<Response>;

/**
 * Answers with a file of a job in a thread of the pool, once for each state of job, parts and program and for each day:
 * whoever asks the same after that, or beside it, gets the same bytes.
 */
export const keptFile = (handler: HandlerName): Route => keptBy(handler, pooled(handler), stateOfJob);

/**
 * The same for any route.
 *
 * @param stateOf all that the answer follows from; undefined where there is no such job
 */
export const keptBy = (name: string, work: Route, stateOf: (id: string) => Promise<string | undefined>): Route =>
  answered(async (request, context) => {
    const params = await context.params;
    const { id = '' } = params;
    const state = await stateOf(id);
    if (state === undefined) return notFound('job');
    const day = new Date().toISOString().slice(0, 10);
    const key = [name, id, state, PROGRAM, day, new URL(request.url).search].join(' ');
    return shared(key, request, (signal) =>
      work(new Request(request.url, { headers: request.headers, signal }), { params: Promise.resolve(params) }),
    );
  });

async function shared(
  key: string,
  { signal }: Request,
  make: (signal: AbortSignal) => Promise<Response>,
): Promise<Response> {
  const one = kept().get(key) ?? begun(make);
  // Asked for last: kept longest.
  kept().delete(key);
  kept().set(key, one);
  one.waiting += 1;
  let waits = true;
  const leave = (): void => {
    if (!waits) return;
    waits = false;
    one.waiting -= 1;
    if (one.waiting > 0 || one.bytes > 0) return;
    one.gone.abort();
    forget(key, one);
  };
  signal.addEventListener('abort', leave);
  // It may have gone before it came to wait here.
  if (signal.aborted) leave();
  try {
    const { status, headers, body } = await one.answer;
    one.bytes = body.byteLength + key.length;
    if (status === 200) tidy();
    else forget(key, one);
    return new Response(new Uint8Array(body), {
      status,
      headers: headers.map(([name, value]): [string, string] => [name, value]),
    });
  } finally {
    // What failed has no bytes: with the last who waited for it it is forgotten.
    signal.removeEventListener('abort', leave);
    leave();
  }
}

function begun(make: (signal: AbortSignal) => Promise<Response>): Kept {
  const gone = new AbortController();
  const answer = make(gone.signal).then(async (response) => ({
    status: response.status,
    headers: [...response.headers],
    body: new Uint8Array(await response.arrayBuffer()),
  }));
  return { answer, bytes: 0, waiting: 0, gone };
}

const forget = (key: string, one: Kept): void => {
  if (kept().get(key) === one) kept().delete(key);
};

/** Lets go of what was asked for longest ago, until the rest is within the limit. */
function tidy(): void {
  let bytes = [...kept().values()].reduce((sum, one) => sum + one.bytes, 0);
  for (const [key, one] of kept()) {
    if (bytes <= MOST_BYTES) return;
    bytes -= one.bytes;
    kept().delete(key);
  }
}

/** Forgets all of it; for the tests. */
export const forgetKept = (): void => kept().clear();
