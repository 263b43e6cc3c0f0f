import Link from 'next/link';
import { type ReactNode } from 'react';
import { type CameFrom, leaveFrom } from './came-from';

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
  return (
    <Link href={href} className={className} onClick={() => leaveFrom(from)}>
      {children}
    </Link>
  );
}
