import { describe, expect, test } from 'vitest';
import { type WorkerLike, workerClient } from './worker-client';
import { type FromWorker, type ToWorker, doTask } from './worker-protocol';

interface Sums {
  readonly sum: {
    readonly question: readonly number[];
    readonly progress: number;
    readonly answer: number;
  };
  readonly shout: { readonly question: string; readonly progress: never; readonly answer: string };
}

/** A worker in this thread: does its tasks when it is told to go on. */
function slowWorker() {
  const listeners: Record<string, (event: { data?: unknown; message?: string }) => void> = {};
  const asked: ToWorker<Sums>[] = [];
  let ended = false;
  const worker: WorkerLike = {
    postMessage: (message) => void asked.push(structuredClone(message) as ToWorker<Sums>),
    terminate: () => (ended = true),
    addEventListener: (type, listener) => (listeners[type] = listener),
  };
  const goOn = async (): Promise<void> => {
    for (const task of asked.splice(0))
      await doTask<Sums>(
        task,
        {
          sum: (numbers, tell) => {
            tell(numbers.length);
            if (numbers.length === 0) throw new RangeError('nothing to add');
            return numbers.reduce((sum, one) => sum + one, 0);
          },
          shout: (text) => text.toUpperCase(),
        },
        (message: FromWorker<Sums>) => {
          if (!ended) listeners['message']?.({ data: structuredClone(message) });
        },
      );
  };
  return { worker, goOn, breakDown: (message: string) => listeners['error']?.({ message }), isEnded: () => ended };
}

describe('a worker that is asked', () => {
  test('answers each question with its own answer, and tells how far it is', async () => {
    const { worker, goOn } = slowWorker();
    const heard: unknown[] = [];
    const client = workerClient<Sums>(() => worker);
    client.ask(
      'sum',
      [1, 2, 3],
      (outcome) => heard.push(outcome),
      (done) => heard.push(done),
    );
    client.ask('shout', 'oh', (outcome) => heard.push(outcome));
    await goOn();
    expect(heard).toEqual([3, { state: 'ok', answer: 6 }, { state: 'ok', answer: 'OH' }]);
  });

  test('says why, where what it does throws', async () => {
    const { worker, goOn } = slowWorker();
    const heard: unknown[] = [];
    workerClient<Sums>(() => worker).ask('sum', [], (outcome) => heard.push(outcome));
    await goOn();
    expect(heard).toEqual([{ state: 'failed', message: 'nothing to add' }]);
  });

  test('that breaks fails everything that waits, and the next question starts another', async () => {
    const [first, second] = [slowWorker(), slowWorker()];
    const workers = [first.worker, second.worker];
    const heard: unknown[] = [];
    let begun = 0;
    const client = workerClient<Sums>(() => workers[begun]!, { onBegun: () => void begun++ });
    client.ask('sum', [1], (outcome) => heard.push(outcome));
    client.ask('shout', 'a', (outcome) => heard.push(outcome));
    first.breakDown('out of memory');
    expect(heard).toEqual([
      { state: 'failed', message: 'out of memory' },
      { state: 'failed', message: 'out of memory' },
    ]);
    expect(first.isEnded()).toBe(true);
    client.ask('shout', 'b', (outcome) => heard.push(outcome));
    await second.goOn();
    expect(heard.at(-1)).toEqual({ state: 'ok', answer: 'B' });
  });

  test('that cannot be started at all is said', () => {
    const heard: unknown[] = [];
    workerClient<Sums>(() => {
      throw new Error('no workers here');
    }).ask('shout', 'a', (outcome) => heard.push(outcome));
    expect(heard).toEqual([{ state: 'failed', message: 'Error: no workers here' }]);
  });

  test('that is not waited for any more says nothing later, and ends where it was asked to', async () => {
    const { worker, goOn, isEnded } = slowWorker();
    const heard: unknown[] = [];
    const client = workerClient<Sums>(() => worker, { endOnCancel: true });
    const cancel = client.ask('shout', 'a', (outcome) => heard.push(outcome));
    const cancelOther = client.ask('shout', 'b', (outcome) => heard.push(outcome));
    cancel();
    expect(isEnded()).toBe(false);
    cancelOther();
    cancelOther();
    expect(isEnded()).toBe(true);
    await goOn();
    expect(heard).toEqual([{ state: 'cancelled' }, { state: 'cancelled' }]);
  });
});
