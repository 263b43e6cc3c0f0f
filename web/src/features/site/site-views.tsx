'use client';

import Link from 'next/link';
import { useJob } from '../../store/job-provider';
import { stationPath } from '../desk/stations';

const VIEWS = [
  ['', 'Fall line'],
  ['/plan', 'From above'],
] as const;

/** The two sheets of the site, each with an address of its own. */
export function SiteViews({ view }: { readonly view: '' | '/plan' }) {
  const jobId = useJob((state) => state.jobId);
  return (
    <nav aria-label="Sheets of the site" className="no-print mr-[84px] flex max-md:mr-0 max-md:w-full">
      {VIEWS.map(([path, name]) => (
        <Link
          key={path}
          href={`${stationPath(jobId, 'site')}${path}`}
          aria-current={path === view ? 'page' : undefined}
          className="flex min-h-9 items-center justify-center border border-hair-2 bg-sheet px-4 type-row aria-[current=page]:bg-brass-wash aria-[current=page]:font-semibold aria-[current=page]:shadow-[inset_0_2px_0_var(--brass-line),inset_0_-2px_0_var(--brass-line)] max-md:flex-1 pointer-coarse:min-h-11"
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
