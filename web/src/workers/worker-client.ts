import { type FromWorker, type Outcome, type Tasks, type ToWorker } from './worker-protocol';

/** As much of a worker as a client needs. */
export interface WorkerLike {
  readonly postMessage: (message: unknown) => void;
  readonly terminate: () => void;
  readonly addEventListener: (
    type: 'message' | 'error' | 'messageerror',
    listener: (event: { readonly data?: unknown; readonly message?: string }) => void,
  ) => void;
}

interface Waiting {
  readonly onProgress: (progress: never) => void;
  readonly onOutcome: (outcome: Outcome<never>) => void;
}

export interface WorkerClient<Of extends Tasks<Of>> {
  /** Asks; answers how to cancel. Every task ends in just one outcome: ok, failed or cancelled. */
  readonly ask: <Kind extends keyof Of>(
    kind: Kind,
    question: Of[Kind]['question'],
    onOutcome: (outcome: Outcome<Of[Kind]['answer']>) => void,
    onProgress?: (progress: Of[Kind]['progress']) => void,
  ) => () => void;
}

/**
 * The one way to ask a worker. It is started with the first task; where it cannot start, or breaks, everything that waits
 * for it fails with the reason, and the next task starts another.
 *
 * @param begin      makes the worker
 * @param onBegun    told whenever a new one stands, before anything is asked of it
 * @param endOnCancel  a cancelled task ends the worker where nothing else waits for it: what it does takes long
 */
export function workerClient<Of extends Tasks<Of>>(
  begin: () => WorkerLike,
  { onBegun = () => {}, endOnCancel = false }: { readonly onBegun?: () => void; readonly endOnCancel?: boolean } = {},
): WorkerClient<Of> {
  let worker: WorkerLike | undefined;
  let asked = 0;
  const waiting = new Map<number, Waiting>();

  const fail = (message: string): void => {
    worker?.terminate();
    worker = undefined;
    const all = [...waiting.values()];
    waiting.clear();
    for (const { onOutcome } of all) onOutcome({ state: 'failed', message });
  };
  const hear = (message: FromWorker<Of>): void => {
    const one = waiting.get(message.id);
    if (!one) return;
    if (message.state === 'progress') return one.onProgress(message.progress as never);
    waiting.delete(message.id);
    one.onOutcome(
      message.state === 'ok'
        ? { state: 'ok', answer: message.answer as never }
        : { state: 'failed', message: message.message },
    );
  };
  const standing = (): WorkerLike => {
    if (worker) return worker;
    const begun = begin();
    begun.addEventListener('message', ({ data }) => hear(data as FromWorker<Of>));
    begun.addEventListener('error', ({ message }) => fail(message || 'it could not be started'));
    begun.addEventListener('messageerror', () => fail('what it answered could not be read'));
    worker = begun;
    onBegun();
    return begun;
  };

  return {
    ask: (kind, question, onOutcome, onProgress = () => {}) => {
      let to: WorkerLike;
      try {
        to = standing();
      } catch (error) {
        fail(String(error));
        onOutcome({ state: 'failed', message: String(error) });
        return () => {};
      }
      const id = ++asked;
      waiting.set(id, { onOutcome, onProgress });
      const message: ToWorker<Of> = { kind, id, question };
      to.postMessage(message);
      return () => {
        if (!waiting.delete(id)) return;
        if (endOnCancel && waiting.size === 0) {
          worker?.terminate();
          worker = undefined;
        }
        onOutcome({ state: 'cancelled' });
      };
    },
  };
}
