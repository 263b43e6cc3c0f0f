'use client';

import { type Job, type WayAnswer } from '@herrero/core';
import { useRouter } from 'next/navigation';
import { type ReactNode, createContext, useContext, useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { RegionProvider } from '@/ui/region';
import { useCatalogue } from './catalogue-provider';
import { type JobState, type JobStore, createJobStore } from './job-store';

const StoreContext = createContext<JobStore | undefined>(undefined);

interface JobProviderProps {
  readonly jobId: string;
  readonly document: Job;
  readonly revision: number;
  /** Ways that were found with the page. */
  readonly ways?: readonly (readonly [question: string, answer: readonly WayAnswer[]])[];
  readonly children: ReactNode;
}

const NONE: NonNullable<JobProviderProps['ways']> = [];

/** Holds the job on the desk for as long as one of its stations is open, and listens for undo and redo. */
export function JobProvider({ jobId, document, revision, ways = NONE, children }: JobProviderProps) {
  const catalogue = useCatalogue();
  const [store] = useState(() => createJobStore(jobId, document, revision, catalogue, new Map(ways)));

  // Where one has gone may still show the job as it was.
  const router = useRouter();
  useEffect(() => store.getState().start(() => router.refresh()), [store, router]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.key.toLowerCase() !== 'z') return;
      // While something is being typed the field's own undo is meant.
      if (event.target instanceof HTMLElement && event.target.dataset.writing === 'true') return;
      event.preventDefault();
      if (event.shiftKey) store.getState().redo();
      else store.getState().undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [store]);

  const region = useStore(store, (state) => state.job.region);
  return (
    <StoreContext value={store}>
      <RegionProvider value={region}>{children}</RegionProvider>
    </StoreContext>
  );
}

/** Reads from the job on the desk; renders again when what is read changes. */
export function useJob<Part>(read: (state: JobState) => Part): Part {
  const store = useContext(StoreContext);
  if (!store) throw new Error('useJob: outside of a job');
  return useStore(store, read);
}
