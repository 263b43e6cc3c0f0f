'use client';

import { type WayLine, allWaysWords, wayAmountWords, wayLines, wayRows, wayTimeWords } from '@herrero/core';
import { ChevronRight } from 'lucide-react';
import { useJob } from '../../store/job-provider';

/** How everything on the list is made: so many of each way, how long, by how many, what it waits for, what is looked at. */
export default function HowMade() {
  const context = useJob((state) => state.plan.context);
  const ways = wayLines(context);
  return (
    <div className="py-2">
      <p className="type-row">{allWaysWords(ways)}</p>
      <ul aria-label="Ways of making" className="pt-2">
        {ways.map((way) => (
          <li key={way.id} className="border-b border-hair">
            <Way way={way} />
          </li>
        ))}
      </ul>
    </div>
  );
}

function Way({ way }: { readonly way: WayLine }) {
  const measures = useJob((state) => state.job.measures);
  return (
    <details className="group py-1">
      <summary className="flex min-h-9 cursor-pointer items-center gap-2 type-row pointer-coarse:min-h-11">
        <ChevronRight aria-hidden className="size-4 shrink-0 group-open:rotate-90" />
        <b className="min-w-0 flex-1 font-[650]">{way.name}</b>
        <span className="shrink-0 text-right type-second">
          {wayAmountWords(way, measures)}, {wayTimeWords(way)}
        </span>
      </summary>
      <dl className="grid grid-cols-[64px_minmax(0,1fr)] gap-x-3 gap-y-1 pb-2 pl-6 type-second">
        {wayRows(way).map(([about, said]) => (
          <div key={said} className="contents">
            <dt>{about}</dt>
            <dd className="text-ink">{said}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
