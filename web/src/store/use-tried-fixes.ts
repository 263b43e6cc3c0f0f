'use client';

import { type Finding, type Fix, aboutOf, worksAsSaid } from '@herrero/core';
import { dequal } from 'dequal';
import { useEffect, useState } from 'react';
import { useJob } from './job-provider';

const NONE: readonly Fix[] = [];
const NOTHING = (): void => undefined;
const SOON_MS = 500;

/** One piece of work when nobody waits for anything else; gives back what calls it off. */
function whenIdle(work: () => void): () => void {
  if (typeof requestIdleCallback !== 'function') {
    const timer = setTimeout(work);
    return () => clearTimeout(timer);
  }
  const handle = requestIdleCallback(work, { timeout: SOON_MS });
  return () => cancelIdleCallback(handle);
}

/**
 * The fixes of a note that were tried and do what they say, and the press that makes one. They are tried one by one while
 * nobody waits. Until those of a changed plan are known the ones before stand there; a press makes what is true now, or
 * nothing. `known` is false before the first are.
 */
export function useTriedFixes(finding: Finding | undefined): {
  readonly fixes: readonly Fix[];
  readonly known: boolean;
  readonly take: (fix: Fix) => void;
} {
  const context = useJob((state) => state.plan.context);
  const make = useJob((state) => state.make);
  const [tried, setTried] = useState<{ readonly about: string; readonly fixes: readonly Fix[] }>();
  const about = finding && aboutOf(finding);
  useEffect(() => {
    if (!finding) return;
    const works: Fix[] = [];
    let stop = NOTHING;
    const tryNext = (at: number): void => {
      const fix = finding.fixes[at];
      if (!fix) return setTried({ about: aboutOf(finding), fixes: works });
      if (worksAsSaid(context, finding, fix)) works.push(fix);
      stop = whenIdle(() => tryNext(at + 1));
    };
    stop = whenIdle(() => tryNext(0));
    return () => stop();
  }, [context, finding]);
  const known = tried !== undefined && tried.about === about;
  const take = ({ text, data }: Fix): void => {
    const now = finding?.fixes.find((one) => one.text === text && dequal(one.data, data));
    if (finding && now && worksAsSaid(context, finding, now)) make(now.edits);
  };
  return { fixes: known ? tried.fixes : NONE, known, take };
}
