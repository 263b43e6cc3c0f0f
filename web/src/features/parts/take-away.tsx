'use client';

import { paperOf } from '@herrero/core';

import { useJob } from '../../store/job-provider';

/** Every form in which the list leaves the application, by what it is for. */
const FILES: readonly { readonly file: string; readonly name: string }[] = [
  { file: 'parts.xlsx', name: 'Workbook (XLSX)' },
  { file: 'parts.csv', name: 'List (CSV)' },
  { file: 'price-request.xlsx', name: 'Request for prices (XLSX)' },
  { file: 'price-request.csv', name: 'Request for prices (CSV)' },
  { file: 'parts.json', name: 'List (JSON)' },
  { file: 'pick-list.html', name: 'Pick list, one file for a phone' },
  { file: 'runs.svg', name: 'Drawings (SVG)' },
  { file: 'runs.dxf', name: 'Drawings (DXF)' },
  { file: 'job-file.json', name: 'The whole job as a file' },
];

/** What is taken to the shop and to the site. */
export function TakeAway({ jobId, sent }: { readonly jobId: string; readonly sent: boolean }) {
  const paper = useJob(({ job }) => paperOf(job));
  if (!sent)
    return (
      <div className="no-print mb-3">
        <button type="button" disabled className="main-action w-full px-2 text-[15px]">
          Sending your last change…
        </button>
      </div>
    );
  const path = `/api/v1/jobs/${jobId}`;
  return (
    <div className="no-print mb-3">
      <div className="flex flex-wrap gap-2">
        {/* A page of its own: the worker that keeps it on the phone does not see what is opened from within another. */}
        <a
          href={`/pick/${jobId}`}
          className="main-action inline-flex flex-1 items-center justify-center px-2 text-[15px]"
        >
          Pick in the shop
        </a>
        <a
          href={`${path}/parts.pdf?paper=${paper}`}
          download
          className="other-action inline-flex flex-1 items-center justify-center px-2 text-[15px]"
        >
          All for the site (PDF)
        </a>
        <button type="button" className="other-action flex-1 px-2 text-[15px]" onClick={() => window.print()}>
          Print this page
        </button>
      </div>
      <p className="flex flex-wrap gap-x-5 type-row">
        {FILES.map(({ file, name }) => (
          <a key={file} href={`${path}/${file}`} download className="action">
            <span>{name}</span>
          </a>
        ))}
      </p>
    </div>
  );
}
