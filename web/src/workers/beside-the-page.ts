import { workerClient } from './worker-client';
import { type Doing, type Outcome, type Tasks, doTask } from './worker-protocol';

export type AskBeside<Of extends Tasks<Of>> = <Kind extends keyof Of>(
  kind: Kind,
  question: Of[Kind]['question'],
) => Promise<Outcome<Of[Kind]['answer']>>;

/**
 * Tasks that would hold the page up are done in a worker; where there is none, here.
 *
 * @param begin makes the worker
 * @param make  does the same tasks here
 */
export function besideThePage<Of extends Tasks<Of>>(begin: () => Worker, make: () => Doing<Of>): AskBeside<Of> {
  if (typeof Worker !== 'undefined') {
    const client = workerClient<Of>(begin);
    return (kind, question) => new Promise((resolve) => client.ask(kind, question, resolve));
  }
  const here = make();
  return (kind, question) =>
    new Promise((resolve) => {
      void doTask<Of>({ kind, id: 0, question }, here, (message) => {
        if (message.state !== 'progress') resolve(message);
      });
    });
}
