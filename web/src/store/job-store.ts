import {
  type CutAnswer,
  NO_SOLUTIONS,
  type Solutions,
  type BatchRefusal,
  type Catalogue,
  type Edit,
  type Job,
  type Plan,
  type TakenPart,
  applyEdits,
  plan,
  undoStacks,
} from '@herrero/core';
import { dequal } from 'dequal';
import { createStore } from 'zustand/vanilla';
import { type HistoryItem, type NotTaken, type Unsent, insist, rebase } from './sync';
import { authorOfTab, forgetUnsent, keepUnsent, takeUnsent } from './unsent-store';

/** Parts that were taken up, to be put down elsewhere: by moving them, or again. */
export interface Taken {
  readonly how: 'cut' | 'copied';
  readonly parts: readonly TakenPart[];
}

export interface JobState {
  readonly jobId: string;
  readonly job: Job;
  readonly plan: Plan;
  /** Kept here and not answered yet. */
  readonly unsent: readonly Unsent[];
  readonly notTaken: readonly NotTaken[];
  readonly history: readonly HistoryItem[];
  /** The server does not answer. */
  readonly offline: boolean;
  readonly selectedId: string | null;
  readonly selectedJointId: string | null;
  readonly selectedPartId: string | null;
  /** The other end of the stretch that is selected; null: one part alone. */
  readonly stretchToId: string | null;
  readonly taken: Taken | null;
  /** What of the site is chosen, like `roof r1`; null: nothing. */
  readonly siteKey: string | null;
  /** The line of the parts list that is followed, by its code; null: none. */
  readonly lineCode: string | null;
  /** The tank on the sheet while no hole is chosen. */
  readonly tankId: string | null;
  /** A place that a note points at while the pointer or the focus is on it. */
  readonly pointedId: string | null;
  /** Makes edits at once and sends them; answers why where they cannot be made. */
  readonly make: (edits: readonly Edit[], undoes?: string | null) => BatchRefusal | undefined;
  /** Works out anew what follows from the job: more has become known of how to cut it. */
  /** Answers of the solver to what was asked of it, by their question. */
  readonly cuts: ReadonlyMap<string, CutAnswer>;
  /** Takes an answer of the solver: the list is cut by it. */
  readonly learn: (question: string, answer: CutAnswer) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly select: (penetrationId: string | null, jointId?: string | null) => void;
  readonly selectPart: (partId: string | null) => void;
  /** Selects from the part that is selected to this one. */
  readonly stretchTo: (partId: string) => void;
  readonly take: (taken: Taken | null) => void;
  readonly selectSite: (key: string | null) => void;
  readonly followLine: (code: string | null) => void;
  readonly showTank: (tankId: string) => void;
  readonly point: (id: string | null) => void;
  readonly settle: (notTaken: NotTaken, how: 'keep-theirs' | 'make-mine') => void;
  /**
   * Begins to send and to look for what others do; answers how to leave. What is still to be sent then goes out all the
   * same, and `onLate` is told once all of it is answered.
   */
  readonly start: (whenLeft: () => void) => () => void;
}

const POLL_MS = 3000;
const FIRST_RETRY_MS = 1000;
const LONGEST_RETRY_MS = 15_000;
/** Longer than the server takes to say that it cannot: what is not answered by then is asked again. */
const GIVE_UP_MS = 30_000;
/** So many answers of the solver are kept. */
const MOST_CUTS = 200;
const NO_CUTS: ReadonlyMap<string, CutAnswer> = new Map();

/** What the server says of a batch. */
interface EditsAnswer {
  readonly revision: number;
  readonly inverse?: Edit;
  readonly job?: Job;
  readonly refused?: readonly BatchRefusal[];
  readonly fields?: readonly { readonly message: string }[];
}

/** The job on the desk, built from the parts of a catalogue: edits are made here at once, sent one batch after the other, and made again on what others did. */
export function createJobStore(
  jobId: string,
  document: Job,
  revision: number,
  catalogue: Catalogue,
  ways: Solutions['ways'] = NO_SOLUTIONS.ways,
) {
  const planned = (job: Job, cuts: Solutions['cuts']): Plan => plan(job, catalogue, { ways, cuts });
  const first = planned(document, NO_CUTS);
  let author = '';
  let server = { job: document, revision };
  let sending = false;
  /**
   * What was made before this desk was opened and had no answer then. The document may hold some of it already, and the
   * history says which: until that is known none of it is made here and nothing is sent.
   */
  let earlier: readonly Unsent[] | 'compared' = [];
  let desk: 'not yet' | 'open' | 'left' = 'not yet';
  let onLeft = (): void => {};
  /** Something was made here: a page asked for while it was on its way may show the job as it was. */
  let changed = false;
  let retryMs = FIRST_RETRY_MS;
  let retry: ReturnType<typeof setTimeout> | undefined;

  const store = createStore<JobState>()((set, get) => {
    /** The history that the server has confirmed; what is unsent comes on top. */
    let confirmed: readonly HistoryItem[] = [];

    const keep = (unsent: readonly Unsent[]): void =>
      keepUnsent(jobId, author, earlier === 'compared' ? unsent : [...earlier, ...unsent]);

    const stand = (unsent: readonly Unsent[]): void => {
      const standing = rebase(server.job, unsent, catalogue);
      if (desk === 'open') keep(standing.unsent);
      set((state) => ({
        // Where the server has made what was made here, nothing is planned or drawn anew.
        ...(dequal(standing.job, state.job) ? {} : { job: standing.job, plan: planned(standing.job, state.cuts) }),
        unsent: standing.unsent,
        notTaken: [...state.notTaken, ...standing.notTaken],
        history: [...confirmed, ...standing.made],
      }));
    };

    /** What the server knows of one author; nothing of a job that is gone. */
    const historyOf = async (name: string): Promise<readonly HistoryItem[]> => {
      const response = await fetch(`/api/v1/jobs/${jobId}/history?author=${encodeURIComponent(name)}`, {
        signal: AbortSignal.timeout(GIVE_UP_MS),
      });
      if (response.status >= 500) throw new Error(`the server answers ${response.status}`);
      return response.ok ? ((await response.json()) as { history: readonly HistoryItem[] }).history : [];
    };

    const compare = async (kept: readonly Unsent[]): Promise<void> => {
      const others = new Set(kept.map((batch) => batch.author).filter((name) => name !== author));
      const [own = [], ...theirs] = await Promise.all([author, ...others].map(historyOf));
      const known = new Set([own, ...theirs].flat().map(({ batchId }) => batchId));
      confirmed = own;
      earlier = 'compared';
      if (desk === 'left') for (const { batchId } of kept) if (known.has(batchId)) forgetUnsent(jobId, author, batchId);
      stand([...kept.filter(({ batchId }) => !known.has(batchId)), ...get().unsent]);
    };

    const sendOne = async (batch: Unsent): Promise<void> => {
      const { label, ...body } = batch;
      const response = await fetch(`/api/v1/jobs/${jobId}/edits`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ baseRevision: server.revision, ...body, undoes: batch.undoes ?? undefined }),
        signal: AbortSignal.timeout(GIVE_UP_MS),
      });
      if (response.status >= 500) throw new Error(`the server answers ${response.status}`);
      const answer = (await response.json()) as EditsAnswer;
      const unsent = get().unsent.filter(({ batchId }) => batchId !== batch.batchId);
      if (response.ok && answer.inverse) {
        const made = answer.job ?? madeOn(server.job, batch, catalogue);
        server = { job: made, revision: answer.revision };
        changed = true;
        confirmed = [...confirmed, { batchId: batch.batchId, label, undoes: batch.undoes, inverse: answer.inverse }];
      } else {
        if (answer.job) server = { job: answer.job, revision: answer.revision };
        const refusal = answer.refused?.[0] ?? {
          index: 0,
          code: 'invalid' as const,
          message: answer.fields?.[0]?.message ?? 'It cannot be made.',
        };
        set((state) => ({ notTaken: [...state.notTaken, { batch, refusal }] }));
      }
      if (desk === 'left') forgetUnsent(jobId, author, batch.batchId);
      stand(unsent);
    };

    /** Sends what waits, one after the other; before the first of it, what was kept is compared with what is known. */
    const send = async (): Promise<void> => {
      const [batch] = get().unsent;
      if (sending || desk === 'not yet' || (earlier === 'compared' && !batch)) return;
      sending = true;
      try {
        if (earlier !== 'compared') await compare(earlier);
        else if (batch) await sendOne(batch);
        sending = false;
        retryMs = FIRST_RETRY_MS;
        set({ offline: false });
        if (desk === 'left' && changed && get().unsent.length === 0) onLeft();
        void send();
      } catch {
        sending = false;
        set({ offline: true });
        // What is kept goes out when the job is opened again.
        if (desk === 'left') return;
        clearTimeout(retry);
        retry = setTimeout(() => void send(), retryMs);
        retryMs = Math.min(retryMs * 2, LONGEST_RETRY_MS);
      }
    };

    /** Looks whether others have moved the job on. */
    const look = async (): Promise<void> => {
      if (sending || globalThis.document.visibilityState === 'hidden') return;
      try {
        const response = await fetch(`/api/v1/jobs/${jobId}`, {
          headers: { 'If-None-Match': `"${server.revision}"` },
          signal: AbortSignal.timeout(GIVE_UP_MS),
        });
        const newest = Number(/\d+/.exec(response.headers.get('etag') ?? '')?.[0]);
        const job = response.status === 200 ? ((await response.json()) as Job) : undefined;
        // What goes out meanwhile is answered by itself: named here too, it would be named twice.
        if (job && !sending && newest > server.revision) {
          server = { job, revision: newest };
          stand(get().unsent);
        }
        if (response.status < 500) set({ offline: false });
        void send();
      } catch {
        set({ offline: true });
      }
    };

    const goBack = (which: 'undo' | 'redo'): void => {
      const { history, make } = get();
      const batchId = undoStacks(history)[which].at(-1);
      const item = history.find((one) => one.batchId === batchId);
      if (item) make([item.inverse], item.batchId);
    };

    return {
      jobId,
      job: document,
      plan: first,
      unsent: [],
      notTaken: [],
      history: [],
      offline: false,
      selectedId:
        first.findings.find(({ at }) => at.penetrationId !== undefined)?.at.penetrationId ??
        document.penetrations[0]?.id ??
        null,
      selectedJointId: null,
      selectedPartId: null,
      stretchToId: null,
      taken: null,
      siteKey: null,
      lineCode: null,
      tankId: null,
      pointedId: null,
      cuts: NO_CUTS,
      learn: (question, answer) => {
        const cuts = new Map([...get().cuts, [question, answer] as const].slice(-MOST_CUTS));
        set(({ job }) => ({ cuts, plan: planned(job, cuts) }));
      },
      make: (edits, undoes = null) => {
        if (edits.length === 0) return undefined;
        // A press may come before the desk is open: it is of this tab all the same.
        if (author === '') author = authorOfTab();
        const edited = applyEdits(get().job, edits, catalogue);
        if (!edited.ok) {
          const batch = {
            batchId: crypto.randomUUID(),
            author,
            label: undoes === null ? 'This change' : 'Undo',
            edits,
            undoes,
          };
          if (undoes !== null) set((state) => ({ notTaken: [...state.notTaken, { batch, refusal: edited.error }] }));
          return edited.error;
        }
        const batch = { batchId: crypto.randomUUID(), author, label: edited.value.label, edits, undoes };
        const unsent = [...get().unsent, batch];
        // What was kept from before is not known yet: it is kept with this as the desk is opened.
        if (desk !== 'not yet') keep(unsent);
        const { job, inverse } = edited.value;
        set((state) => ({
          job,
          plan: planned(job, state.cuts),
          unsent,
          history: [...state.history, { batchId: batch.batchId, label: batch.label, undoes, inverse }],
        }));
        void send();
        return undefined;
      },
      undo: () => goBack('undo'),
      redo: () => goBack('redo'),
      select: (penetrationId, jointId = null) =>
        set({ selectedId: penetrationId, selectedJointId: jointId, selectedPartId: null, stretchToId: null }),
      selectPart: (partId) => set({ selectedPartId: partId, selectedJointId: null, stretchToId: null }),
      stretchTo: (partId) =>
        set(({ selectedPartId }) => ({
          selectedPartId: selectedPartId ?? partId,
          stretchToId: partId === selectedPartId ? null : partId,
          selectedJointId: null,
        })),
      take: (taken) => set({ taken }),
      selectSite: (siteKey) => set({ siteKey }),
      followLine: (lineCode) => set({ lineCode }),
      showTank: (tankId) =>
        set((state) => ({
          tankId,
          selectedId: state.job.penetrations.find((hole) => hole.tankId === tankId)?.id ?? null,
          selectedJointId: null,
          selectedPartId: null,
          stretchToId: null,
        })),
      point: (id) => set({ pointedId: id }),
      settle: (notTaken, how) => {
        set((state) => ({ notTaken: state.notTaken.filter((one) => one !== notTaken) }));
        const again = how === 'make-mine' ? insist(notTaken) : undefined;
        if (again) get().make(again, notTaken.batch.undoes);
      },
      start: (whenLeft) => {
        desk = 'open';
        onLeft = whenLeft;
        author = authorOfTab();
        const { unsent } = get();
        earlier = takeUnsent(jobId, author).filter((kept) => unsent.every(({ batchId }) => batchId !== kept.batchId));
        keep(unsent);
        void send().then(look);
        const timer = setInterval(() => void look(), POLL_MS);
        const onSight = (): void => void look();
        globalThis.document.addEventListener('visibilitychange', onSight);
        window.addEventListener('online', onSight);
        return () => {
          desk = 'left';
          clearInterval(timer);
          clearTimeout(retry);
          globalThis.document.removeEventListener('visibilitychange', onSight);
          window.removeEventListener('online', onSight);
          if (changed && !sending && get().unsent.length === 0) onLeft();
        };
      },
    };
  });
  return store;
}

export type JobStore = ReturnType<typeof createJobStore>;

/** The job as the server has it after a batch it accepted without a word: the same edits on the same job. */
function madeOn(job: Job, batch: Unsent, catalogue: Catalogue): Job {
  const edited = applyEdits(job, batch.edits, catalogue);
  return edited.ok ? edited.value.job : job;
}
