'use client';

import Link from 'next/link';
import { type ReactNode } from 'react';
import { type CameFrom, useBench } from './bench-store';

interface BenchLinkProps {
  /** A place of the bench, with ends where it is about a joint. */
  readonly href?: string;
  /** The exact place that is left, so that the way back leads there. */
  readonly from: CameFrom;
  readonly className?: string;
  readonly children: ReactNode;
}

/** To the bench, from anywhere in a job. */
export function BenchLink({ href = '/bench', from, className = '', children }: BenchLinkProps) {
  const enter = (): void => {
    // What lies on the bench is read before anything is written to it.
    void useBench.persist.rehydrate();
    useBench.getState().enterFrom(from);
  };
  return (
    <Link href={href} className={className} onClick={enter}>
      {children}
    </Link>
  );
}
