import { type Job, type WayAnswer } from '@herrero/core';
import { type ReactNode } from 'react';
import { Hatches } from '@/drawing/view/hatches';
import { JobProvider } from '../../store/job-provider';
import { Awake } from '../../ui/awake';
import { Margin } from './margin';
import { Rack } from './rack';
import { Strip } from './strip';
import { UndoBar } from './undo-bar';

interface DeskProps {
  readonly jobId: string;
  readonly document: Job;
  readonly revision: number;
  readonly ways: readonly (readonly [question: string, answer: readonly WayAnswer[]])[];
  readonly children: ReactNode;
}

/** The frame of every station: strip, rack, work, margin; divided by hairlines, never by boxes. */
export function Desk({ jobId, document, revision, ways, children }: DeskProps) {
  return (
    <JobProvider jobId={jobId} document={document} revision={revision} ways={ways}>
      <Hatches />
      <div className="flex min-h-dvh flex-col">
        <Strip />
        <Awake className="grid flex-1 grid-cols-[188px_minmax(0,1fr)_244px] content-start items-stretch max-desk:grid-cols-[188px_minmax(0,1fr)] max-lg:grid-cols-[minmax(0,1fr)] print:block">
          <Rack />
          <main className="relative min-w-0 px-4 pt-2.5 pb-6 max-md:px-3">
            <UndoBar />
            {children}
          </main>
          <Margin />
        </Awake>
      </div>
    </JobProvider>
  );
}
