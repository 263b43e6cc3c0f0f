'use client';

import { type CheckContext, formatFlow, formatLength, leastSlitGutter, siteFigure, stormM3s } from '@herrero/core';
import { useState } from 'react';
import { EntryProblem } from '@/ui/entry-problem';
import { useFigureReader } from '@/ui/use-figure-entry';

/** A gutter improvised from slit pipe: the least size that can be spread over the edge of the roof. */
export function SlitGutterLine({ roofId, context }: { readonly roofId: string; readonly context: CheckContext }) {
  const { job, catalogue } = context;
  const { measures } = job;
  const [typed, setTyped] = useState('');
  const roof = job.roofs.find(({ id }) => id === roofId);
  const thick = useFigureReader({ kind: 'length', measures, usual: [0.002, 0.1] });
  const parsed = thick.read(typed);
  const storm = stormM3s(roof?.planAreaM2 ?? 0, siteFigure(job, 'stormMmPerH'));
  const found =
    parsed.ok && parsed.value > 0
      ? leastSlitGutter(parsed.value, storm, catalogue, measures === 'in-gal' ? 'US' : 'EU')
      : undefined;
  return (
    <details className="border-t border-hair">
      <summary className="min-h-9 py-2 type-second pointer-coarse:min-h-11">No gutter? One of slit pipe</summary>
      <label className="block">
        <span className="block type-second">Pushed over an edge so thick</span>
        <input
          className="field w-full"
          value={typed}
          placeholder={measures === 'mm-l' ? '22 mm' : '7/8 in'}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      {typed !== '' && !parsed.ok && <EntryProblem problem={thick.wordsOf(parsed.error, typed)} />}
      {parsed.ok && (
        <p className="py-1 type-row">
          {found
            ? `${found.part.name} ${found.part.detail} at least: slit lengthwise it spreads ${formatLength(found.spreadM, measures)} and carries ${formatFlow(found.carriesM3s, measures)} half full at 1 in 200.`
            : 'No pipe of the catalogue spreads so far and carries the design rain.'}
        </p>
      )}
      <p className="pb-1 type-second">
        Bent cold to 1 % strain (ring formula; common practice). Wedge the slit while it goes on; it springs shut. Eyes
        and fingers.
      </p>
    </details>
  );
}
