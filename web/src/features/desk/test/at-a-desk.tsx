import { type Job } from '@herrero/core';
import { cleanup, configure, render } from '@testing-library/react';
import { type ReactNode } from 'react';
import { afterEach, beforeEach, vi } from 'vitest';
import { JobProvider, useJob } from '../../../store/job-provider';

/** Before each test nothing is kept and the server never answers: what is shown must not wait for one. */
export function freshDesk(): void {
  // What is worked out while nobody waits comes when it comes.
  configure({ asyncUtilTimeout: 30_000 });
  beforeEach(() => {
    localStorage.clear();
    vi.stubGlobal('fetch', () => new Promise(() => undefined));
    // What this document does not have and a browser has.
    Object.assign(Element.prototype, {
      setPointerCapture: () => undefined,
      releasePointerCapture: () => undefined,
      hasPointerCapture: () => false,
    });
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });
}

/** Shows what stands at a desk with its job; answers with the job as it is now, so that what a press did can be read. */
export function showAtDesk(
  children: ReactNode,
  job: Job,
): { readonly now: () => Job; readonly container: HTMLElement } {
  let now = job;
  const Reader = () => {
    const read = useJob((state) => state.job);
    now = read;
    return null;
  };
  const { container } = render(
    <JobProvider jobId="job-1" document={job} revision={1}>
      {children}
      <Reader />
    </JobProvider>,
  );
  return { now: () => now, container };
}
