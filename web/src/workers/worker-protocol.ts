/** What is asked of a worker, what it tells on the way, and what it answers. */
export interface Task {
  readonly question: unknown;
  readonly progress: unknown;
  readonly answer: unknown;
}
/** The kinds of task that one worker does. */
export type Tasks<Of> = { readonly [Kind in keyof Of]: Task };

export type ToWorker<Of extends Tasks<Of>> = {
  [Kind in keyof Of]: { readonly kind: Kind; readonly id: number; readonly question: Of[Kind]['question'] };
}[keyof Of];

export type FromWorker<Of extends Tasks<Of>> =
  | { readonly id: number; readonly state: 'progress'; readonly progress: Of[keyof Of]['progress'] }
  | { readonly id: number; readonly state: 'ok'; readonly answer: Of[keyof Of]['answer'] }
  | { readonly id: number; readonly state: 'failed'; readonly message: string };

/** How a task ended. */
export type Outcome<Answer> =
  | { readonly state: 'ok'; readonly answer: Answer }
  | { readonly state: 'failed'; readonly message: string }
  | { readonly state: 'cancelled' };

/** How each task is done. */
export type Doing<Of extends Tasks<Of>> = {
  readonly [Kind in keyof Of]: (
    question: Of[Kind]['question'],
    tell: (progress: Of[Kind]['progress']) => void,
  ) => Of[Kind]['answer'] | Promise<Of[Kind]['answer']>;
};

const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Does one task and tells how it went; what throws is told too. */
export async function doTask<Of extends Tasks<Of>>(
  { kind, id, question }: ToWorker<Of>,
  doing: Doing<Of>,
  tell: (message: FromWorker<Of>) => void,
): Promise<void> {
  try {
    const answer = await doing[kind](question, (progress) => tell({ id, state: 'progress', progress }));
    tell({ id, state: 'ok', answer });
  } catch (error) {
    tell({ id, state: 'failed', message: wordsOf(error) });
  }
}

/** In the worker: does what it is asked, one task after the other. */
export function serve<Of extends Tasks<Of>>(doing: Doing<Of>): void {
  let last = Promise.resolve();
  self.addEventListener('message', ({ data }: MessageEvent<ToWorker<Of>>) => {
    last = last.then(() => doTask<Of>(data, doing, (message) => self.postMessage(message)));
  });
}
