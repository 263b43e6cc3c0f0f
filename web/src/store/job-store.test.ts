// @vitest-environment jsdom
import { type Edit, type Job, applyEdits, shippedCatalogue, ternPoint } from '@herrero/core';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { createJobStore } from './job-store';
import { keepUnsent, takeUnsent } from './unsent-store';

const JOB = 'job-1';
const HEIGHT = 8 * 0.0254;
const move = (from: number, to: number): Edit => ({
  type: 'change-field',
  in: 'penetrations',
  id: 'p4',
  field: 'heightM',
  from,
  to,
});
const rename = (from: string, to: string): Edit => ({ type: 'change-field', in: 'settings', field: 'name', from, to });
const heightOf = (job: Job): number | undefined => job.penetrations.find(({ id }) => id === 'p4')?.heightM;

interface Sent {
  readonly baseRevision: number;
  readonly batchId: string;
  readonly author: string;
  readonly undoes?: string;
  readonly edits: readonly Edit[];
}

/** A server in memory that keeps the same promises as the real one; `down` makes it silent. */
class FakeServer {
  job: Job = ternPoint();
  revision = 1;
  down = false;
  /** Batches are made, but nobody hears of it. */
  deaf = false;
  /** How long the server takes to read a history, and to answer what it has made. */
  slowMs = 0;
  /** How long the document of a job takes to come, once it has begun. */
  slowBodyMs = 0;
  readonly sent: Sent[] = [];
  readonly history: { batchId: string; label: string; undoes: string | null; inverse: Edit; author: string }[] = [];

  readonly fetch = (input: RequestInfo | URL, init?: RequestInit): Promise<Response> => {
    if (this.down) return Promise.reject(new TypeError('no answer'));
    const url = input instanceof Request ? input.url : input.toString();
    if (url.includes('/history')) {
      const author = new URL(url, 'http://x').searchParams.get('author');
      const read = (): Promise<Response> =>
        this.answer({ history: this.history.filter((entry) => entry.author === author) });
      return this.slowMs === 0 ? read() : new Promise((later) => setTimeout(later, this.slowMs)).then(read);
    }
    if (url.endsWith('/edits')) {
      const answer = this.take(JSON.parse(init?.body as string) as Sent);
      if (this.deaf) return Promise.reject(new TypeError('no answer'));
      return this.slowMs === 0 ? answer : new Promise((later) => setTimeout(later, 2 * this.slowMs)).then(() => answer);
    }
    const seen = new Headers(init?.headers).get('if-none-match');
    const etag = `"${this.revision}"`;
    if (seen === etag) return Promise.resolve(new Response(null, { status: 304, headers: { etag } }));
    const body = this.job;
    return this.answer(body, 200, { etag }).then((response) => {
      if (this.slowBodyMs > 0)
        response.json = () => new Promise((later) => setTimeout(() => later(body), this.slowBodyMs));
      return response;
    });
  };

  /** Somebody else moves the job on. */
  elsewhere(...edits: Edit[]): void {
    const edited = applyEdits(this.job, edits, shippedCatalogue);
    if (!edited.ok) throw new Error(edited.error.message);
    this.job = edited.value.job;
    this.revision++;
  }

  private take(batch: Sent): Promise<Response> {
    this.sent.push(batch);
    const edited = applyEdits(this.job, batch.edits, shippedCatalogue);
    if (!edited.ok)
      return this.answer(
        { error: edited.error.message, refused: [edited.error], revision: this.revision, job: this.job },
        409,
      );
    this.job = edited.value.job;
    this.revision++;
    const { label, inverse } = edited.value;
    this.history.push({ batchId: batch.batchId, label, undoes: batch.undoes ?? null, inverse, author: batch.author });
    return this.answer({
      revision: this.revision,
      label,
      inverse,
      ...(this.revision === batch.baseRevision + 1 ? {} : { job: this.job }),
    });
  }

  private answer(body: unknown, status = 200, headers: Record<string, string> = {}): Promise<Response> {
    return Promise.resolve(new Response(JSON.stringify(body), { status, headers }));
  }
}

let server: FakeServer;
let stops: (() => void)[];

const left = vi.fn();
const open = () => {
  const store = createJobStore(JOB, server.job, server.revision, shippedCatalogue);
  stops.push(store.getState().start(left));
  return store;
};
const quiet = () => vi.advanceTimersByTimeAsync(20);

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer();
  stops = [];
  left.mockClear();
  vi.stubGlobal('fetch', server.fetch);
});
afterEach(() => {
  for (const stop of stops) stop();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('an edit that is made before its desk is open', () => {
  // A press that comes between the drawing of a page and its first effect: it went out without an author and was refused.
  test('goes out with the author of the tab once it is', async () => {
    const store = createJobStore(JOB, server.job, server.revision, shippedCatalogue);
    expect(store.getState().make([move(HEIGHT, 0.3)])).toBeUndefined();
    await quiet();
    expect(server.sent).toEqual([]);
    stops.push(store.getState().start(left));
    await quiet();
    expect(server.sent.map(({ author }) => author)).toEqual([sessionStorage.getItem('herrero-author')]);
    expect(heightOf(server.job)).toBe(0.3);
    expect(store.getState().notTaken).toEqual([]);
    expect(localStorage.length).toBe(0);
  });

  test('does not take the place of what was kept from before', async () => {
    const first = open();
    await quiet();
    server.down = true;
    first.getState().make([rename(server.job.name, 'Kept')]);
    stops.pop()?.();
    await quiet();
    server.down = false;
    const store = createJobStore(JOB, server.job, server.revision, shippedCatalogue);
    store.getState().make([move(HEIGHT, 0.3)]);
    stops.push(store.getState().start(left));
    await quiet();
    expect(server.job.name).toBe('Kept');
    expect(heightOf(server.job)).toBe(0.3);
  });
});

describe('an edit', () => {
  test('that is still to be sent when the desk is left goes out all the same, and that is told', async () => {
    const store = open();
    await quiet();
    store.getState().make([move(HEIGHT, 0.3)]);
    store.getState().make([rename(server.job.name, 'Left early')]);
    stops.pop()?.();
    expect(left).not.toHaveBeenCalled();
    await quiet();
    expect(server.sent).toHaveLength(2);
    expect(server.job.name).toBe('Left early');
    expect(localStorage.length).toBe(0);
    expect(left).toHaveBeenCalledOnce();
  });

  // The page that one goes to is asked for with the press; the answer comes while it is on its way.
  test('that is answered before the desk is left is told too, and nothing where nothing was made', async () => {
    open();
    await quiet();
    stops.pop()?.();
    expect(left).not.toHaveBeenCalled();
    const store = open();
    await quiet();
    store.getState().make([rename(server.job.name, 'In time')]);
    await quiet();
    expect(left).not.toHaveBeenCalled();
    stops.pop()?.();
    expect(left).toHaveBeenCalledOnce();
  });

  test('that no server answers is kept when the desk is left, with what is made at the next one', async () => {
    const store = open();
    await quiet();
    server.down = true;
    store.getState().make([move(HEIGHT, 0.3)]);
    stops.pop()?.();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(localStorage.length).toBe(1);
    server.down = false;
    const again = open();
    await quiet();
    expect(heightOf(server.job)).toBe(0.3);
    expect(again.getState().unsent).toEqual([]);
    expect(left).not.toHaveBeenCalled();
  });

  test('is made at once, kept until it is answered, and then forgotten', async () => {
    const store = open();
    await quiet();
    expect(store.getState().make([move(HEIGHT, 0.3)])).toBeUndefined();
    expect(heightOf(store.getState().job)).toBe(0.3);
    expect(store.getState().unsent).toHaveLength(1);
    expect(localStorage.length).toBe(1);
    await quiet();
    expect(store.getState().unsent).toEqual([]);
    expect(localStorage.length).toBe(0);
    expect(heightOf(server.job)).toBe(0.3);
  });

  test('is neither planned nor drawn anew when the server has made it too', async () => {
    const store = open();
    store.getState().make([move(HEIGHT, 0.3)]);
    const { job, plan } = store.getState();
    await vi.waitFor(() => expect(store.getState().unsent).toEqual([]));
    expect(store.getState().job).toBe(job);
    expect(store.getState().plan).toBe(plan);
  });

  // The history may tell of it before its own answer does: what was added was gone from the page in between.
  test('stands from the moment it is made, also while the history of the job is on its way', async () => {
    server.slowMs = 200;
    const store = open();
    const seen: (number | undefined)[] = [];
    store.subscribe(({ job }) => seen.push(heightOf(job)));
    store.getState().make([move(HEIGHT, 0.3)]);
    await vi.advanceTimersByTimeAsync(1000);
    expect(new Set(seen)).toEqual(new Set([0.3]));
    expect(heightOf(server.job)).toBe(0.3);
    expect(store.getState()).toMatchObject({ unsent: [], notTaken: [] });
    store.getState().undo();
    expect(heightOf(store.getState().job)).toBe(HEIGHT);
    store.getState().undo();
    expect(store.getState().notTaken).toEqual([]);
  });

  test.each(['of the same tab', 'of a tab that is gone'])(
    'whose answer was lost is not made twice on the page that is opened next, %s',
    async (tab) => {
      const before = open();
      await quiet();
      server.deaf = true;
      before.getState().make([move(HEIGHT, 0.3)]);
      await quiet();
      stops.pop()?.();
      if (tab === 'of a tab that is gone') sessionStorage.clear();
      server.deaf = false;
      const after = open();
      expect(localStorage.length).toBe(1);
      after.getState().make([rename('Tern Point boat rinse', 'Rinse')]);
      await quiet();
      expect(after.getState()).toMatchObject({ notTaken: [], unsent: [] });
      expect(server.job.name).toBe('Rinse');
      expect(heightOf(server.job)).toBe(0.3);
      expect(server.sent).toHaveLength(2);
      expect(localStorage.length).toBe(0);
    },
  );

  test('that cannot be made changes nothing and is not sent', async () => {
    const store = open();
    await quiet();
    expect(store.getState().make([move(HEIGHT, 99)])).toMatchObject({ code: 'invalid' });
    await quiet();
    expect(heightOf(store.getState().job)).toBe(HEIGHT);
    expect(server.sent).toEqual([]);
  });

  test('moves the plan with it', async () => {
    const store = open();
    await quiet();
    store.getState().make([move(HEIGHT, 0.4)]);
    expect(store.getState().plan.findings.some(({ check }) => check === 'hole/in-no-drill-zone')).toBe(true);
  });

  test('of nothing is nothing', () => {
    const store = open();
    expect(store.getState().make([])).toBeUndefined();
    expect(store.getState().unsent).toEqual([]);
  });

  test('waits for the one before: they arrive in order, one at a time', async () => {
    const store = open();
    await quiet();
    store.getState().make([move(HEIGHT, 0.3)]);
    store.getState().make([move(0.3, 0.35)]);
    store.getState().make([rename('Tern Point boat rinse', 'Rinse')]);
    await quiet();
    expect(server.sent.map(({ edits }) => edits[0])).toEqual([
      move(HEIGHT, 0.3),
      move(0.3, 0.35),
      rename('Tern Point boat rinse', 'Rinse'),
    ]);
    expect(server.job.name).toBe('Rinse');
  });
});

describe('others at the same job', () => {
  test('are seen when this one looks, and what is made here stands on top', async () => {
    const store = open();
    await quiet();
    server.elsewhere(rename('Tern Point boat rinse', 'Theirs'));
    await vi.advanceTimersByTimeAsync(3100);
    expect(store.getState().job.name).toBe('Theirs');
    store.getState().make([move(HEIGHT, 0.3)]);
    await quiet();
    expect(server.job).toMatchObject({ name: 'Theirs' });
    expect(heightOf(server.job)).toBe(0.3);
  });

  test('who were faster on another field are taken in with the answer', async () => {
    const store = open();
    await quiet();
    server.elsewhere(rename('Tern Point boat rinse', 'Theirs'));
    store.getState().make([move(HEIGHT, 0.3)]);
    await quiet();
    expect(store.getState().job.name).toBe('Theirs');
    expect(heightOf(store.getState().job)).toBe(0.3);
  });

  test('who were faster on the same field are named; keeping theirs leaves it', async () => {
    const store = open();
    await quiet();
    server.elsewhere(move(HEIGHT, 0.5));
    store.getState().make([move(HEIGHT, 0.3)]);
    await quiet();
    const [notTaken] = store.getState().notTaken;
    expect(notTaken).toMatchObject({
      batch: { label: 'Set the height of P4' },
      refusal: { code: 'changed-since', now: 0.5 },
    });
    expect(heightOf(store.getState().job)).toBe(0.5);
    if (notTaken) store.getState().settle(notTaken, 'keep-theirs');
    await quiet();
    expect(store.getState().notTaken).toEqual([]);
    expect(heightOf(server.job)).toBe(0.5);
  });

  test('who were faster on the same field are named once, also where the job comes while the change is on its way', async () => {
    server.slowBodyMs = 1000;
    server.slowMs = 1000;
    const store = open();
    await vi.advanceTimersByTimeAsync(2000);
    server.elsewhere(move(HEIGHT, 0.25));
    await vi.advanceTimersByTimeAsync(1100);
    store.getState().make([move(HEIGHT, 0.3)]);
    await vi.advanceTimersByTimeAsync(5000);
    expect(store.getState().notTaken).toHaveLength(1);
    expect(heightOf(store.getState().job)).toBe(0.25);
  });

  test('who were faster may be overruled by name', async () => {
    const store = open();
    await quiet();
    server.elsewhere(move(HEIGHT, 0.5));
    store.getState().make([move(HEIGHT, 0.3)]);
    await quiet();
    const [notTaken] = store.getState().notTaken;
    if (notTaken) store.getState().settle(notTaken, 'make-mine');
    await quiet();
    expect(heightOf(server.job)).toBe(0.3);
    expect(store.getState().notTaken).toEqual([]);
  });
});

describe('a server that does not answer', () => {
  test('is said, what was done is kept, and goes out when it answers again', async () => {
    const store = open();
    await quiet();
    server.down = true;
    store.getState().make([move(HEIGHT, 0.3)]);
    await quiet();
    expect(store.getState()).toMatchObject({ offline: true });
    expect(store.getState().unsent).toHaveLength(1);
    server.down = false;
    await vi.advanceTimersByTimeAsync(4000);
    expect(store.getState()).toMatchObject({ offline: false, unsent: [] });
    expect(heightOf(server.job)).toBe(0.3);
  });

  test('loses nothing when the tab is closed: the next one sends it', async () => {
    const first = open();
    await quiet();
    server.down = true;
    first.getState().make([move(HEIGHT, 0.3)]);
    await quiet();
    stops.pop()?.();
    sessionStorage.clear();
    server.down = false;
    const second = open();
    await quiet();
    expect(heightOf(second.getState().job)).toBe(0.3);
    expect(heightOf(server.job)).toBe(0.3);
    expect(second.getState().unsent).toEqual([]);
  });
});

describe('undo and redo', () => {
  test('take back and bring back the nearest', async () => {
    const store = open();
    await quiet();
    store.getState().make([move(HEIGHT, 0.3)]);
    store.getState().make([move(0.3, 0.35)]);
    store.getState().undo();
    expect(heightOf(store.getState().job)).toBe(0.3);
    store.getState().undo();
    expect(heightOf(store.getState().job)).toBe(HEIGHT);
    store.getState().redo();
    expect(heightOf(store.getState().job)).toBe(0.3);
    await quiet();
    expect(heightOf(server.job)).toBe(0.3);
  });

  test('survive a reload, since they stand on the history of the server', async () => {
    const before = open();
    await quiet();
    before.getState().make([move(HEIGHT, 0.3)]);
    await quiet();
    stops.pop()?.();
    const after = open();
    await quiet();
    after.getState().undo();
    await quiet();
    expect(heightOf(server.job)).toBe(HEIGHT);
  });

  test('do not take back what another did since; they say so', async () => {
    const store = open();
    await quiet();
    store.getState().make([move(HEIGHT, 0.3)]);
    await quiet();
    server.elsewhere(move(0.3, 0.5));
    await vi.advanceTimersByTimeAsync(3100);
    store.getState().undo();
    expect(heightOf(store.getState().job)).toBe(0.5);
    expect(store.getState().notTaken).toMatchObject([{ batch: { label: 'Undo' } }]);
  });

  test('with nothing to take back do nothing', async () => {
    const store = open();
    await quiet();
    store.getState().undo();
    store.getState().redo();
    expect(server.sent).toEqual([]);
  });
});

describe('what is selected', () => {
  test('is where the worst finding is, to begin with', () => expect(open().getState().selectedId).toBe('p4'));

  test('a joint and a part are never selected at once', () => {
    const store = open();
    store.getState().select('p4', 'p4-j5');
    store.getState().selectPart('p4-3');
    expect(store.getState()).toMatchObject({ selectedId: 'p4', selectedJointId: null, selectedPartId: 'p4-3' });
    store.getState().select('p1');
    expect(store.getState()).toMatchObject({ selectedId: 'p1', selectedPartId: null });
  });

  test('a tank brings its first hole', () => {
    const store = open();
    store.getState().showTank('t1');
    expect(store.getState()).toMatchObject({ tankId: 't1', selectedId: 'p1' });
  });
});

describe('the store of unsent batches', () => {
  const batch = { batchId: 'a', author: 'me', label: 'x', edits: [], undoes: null };

  test('takes over what a tab that is gone left behind', () => {
    keepUnsent(JOB, 'gone', [batch]);
    expect(takeUnsent(JOB, 'me')).toEqual([batch]);
    expect(takeUnsent(JOB, 'me')).toEqual([]);
  });

  test('keeps jobs apart and forgives what it cannot read', () => {
    keepUnsent('other', 'me', [batch]);
    localStorage.setItem(`herrero-unsent-${JOB}-old`, '{');
    expect(takeUnsent(JOB, 'me')).toEqual([]);
    expect(takeUnsent('other', 'me')).toEqual([batch]);
  });
});
