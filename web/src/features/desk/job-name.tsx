'use client';

import Link from 'next/link';
import { useState } from 'react';
import { useJob } from '../../store/job-provider';
import { ToTheBench } from './to-the-bench';

/** The name of the job; a press renames it in place. */
export function JobName() {
  const name = useJob((state) => state.job.name);
  const notes = useJob((state) => state.plan.findings.length + state.notTaken.length);
  const make = useJob((state) => state.make);
  const [typed, setTyped] = useState<string>();

  const write = (): void => {
    const to = typed?.trim() ?? '';
    if (to !== '' && to !== name) make([{ type: 'change-field', in: 'settings', field: 'name', from: name, to }]);
    setTyped(undefined);
  };

  return (
    <div className="flex items-center justify-between gap-3">
      {typed === undefined ? (
        <h1 className="min-w-0">
          <button
            type="button"
            onClick={() => setTyped(name)}
            title="Rename the job"
            className="block max-w-full truncate text-left type-row hover:underline max-md:min-h-9 max-md:text-[17px] max-md:font-[650]"
          >
            {name}
          </button>
        </h1>
      ) : (
        <input
          autoFocus
          aria-label="Name of the job"
          className="w-full border-b-2 border-brass-line bg-brass-wash px-1 type-row outline-none"
          maxLength={120}
          value={typed}
          data-writing="true"
          onChange={(event) => setTyped(event.target.value)}
          onBlur={write}
          onKeyDown={(event) => {
            if (event.key === 'Enter') write();
            if (event.key === 'Escape') setTyped(undefined);
          }}
        />
      )}
      <span className="flex shrink-0 gap-4 md:hidden">
        <ToTheBench onPhone />
        <Link href="/" className="action min-h-9">
          <span>Jobs</span>
        </Link>
        <a href="#notes" className="action min-h-9">
          <span>{notes === 1 ? '1 note' : `${notes} notes`}</span>
        </a>
      </span>
    </div>
  );
}
