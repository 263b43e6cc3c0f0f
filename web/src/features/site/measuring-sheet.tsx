'use client';

import { type Unknown, unknownsOf } from '@herrero/core';
import Link from 'next/link';
import { useState } from 'react';
import { LengthField } from '@/ui/length-field';
import { FigureField } from '@/ui/figure-field';
import { useJob } from '../../store/job-provider';
import { stationPath } from '../desk/stations';
import { PlaceAnswer } from './place-panel';
import { ReadingForm } from './reading-form';

/** What is left to measure, in walking order, one open at a time; filled in it leaves the sheet and settles its notes. */
export function MeasuringSheet() {
  const context = useJob((state) => state.plan.context);
  const name = useJob((state) => state.job.name);
  const jobId = useJob((state) => state.jobId);
  const offline = useJob((state) => state.offline);
  const unsent = useJob((state) => state.unsent.length);
  const unknowns = unknownsOf(context);
  const [asked, setAsked] = useState<string>();
  const open = unknowns.find(({ id }) => id === asked) ?? unknowns[0];
  return (
    <section aria-label="Measuring sheet">
      <h1 className="flex flex-wrap items-baseline justify-between gap-x-4 pb-1.5">
        <span className="type-title">Measuring sheet</span>
        <span className="type-second">
          {name}: {unknowns.length === 0 ? 'all measured' : `${unknowns.length} to measure, in walking order`}
        </span>
      </h1>
      {(offline || unsent > 0) && (
        <p role="status" className="unsent mb-2 px-3 py-2 type-row">
          {unsent === 0
            ? 'No answer from the server.'
            : `${unsent} ${unsent === 1 ? 'change is' : 'changes are'} kept on this device`}
          {unsent === 0 ? ' What you measure is kept on this device until it answers.' : ' and will be sent.'}
        </p>
      )}
      {unknowns.length === 0 && <p className="rule-subject py-3 type-row">Nothing is left to measure. Go home dry.</p>}
      <ol>
        {unknowns.map((unknown, index) => (
          <li key={unknown.id} className="border-b border-hair print:break-inside-avoid">
            <button
              type="button"
              aria-expanded={unknown.id === open?.id}
              onClick={() => setAsked(unknown.id)}
              className={`flex min-h-[54px] w-full items-center gap-3 text-left ${unknown.id === open?.id ? 'row-selected' : ''}`}
            >
              <span className="w-7 text-right type-station">{index + 1}</span>
              <span className="flex-1">
                <b className="block font-[650]">{unknown.at}</b>
                <span className="block type-row">{unknown.what}</span>
              </span>
            </button>
            {unknown.id === open?.id && (
              <div className="no-print px-1 pt-2 pb-4">
                <Answer key={unknown.id} unknown={unknown} />
              </div>
            )}
            <PaperLine unknown={unknown} />
          </li>
        ))}
      </ol>
      <p className="no-print flex flex-wrap gap-x-6 pt-3">
        <Link href={stationPath(jobId, 'site')} className="action">
          <span>Back to the fall line</span>
        </Link>
        <button type="button" className="action" onClick={() => window.print()}>
          <span>Print it</span>
        </button>
      </p>
    </section>
  );
}

function Answer({ unknown: { of, answer, unit, what, place } }: { readonly unknown: Unknown }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  if (of) return <ReadingForm of={of} large />;
  if (place) return <PlaceAnswer of={place} />;
  if (!answer) return null;
  const set = (to: number): string | undefined => make([answer(to)])?.message;
  const gallons = measures === 'in-gal';
  return unit === 'flow' ? (
    <FigureField
      kind="flow"
      measures={measures}
      bare
      label={`${what}, ${gallons ? 'gpm' : 'L/min'}`}
      value={null}
      onChange={set}
    />
  ) : (
    <LengthField label={what} valueM={null} measures={measures} onChange={set} />
  );
}

/** On paper: a line to write on, with what it was taken from. */
function PaperLine({ unknown: { unit } }: { readonly unknown: Unknown }) {
  const blank = <span className="mx-2 inline-block w-40 border-b-2 border-dotted border-ink">&nbsp;</span>;
  return (
    <p className="hidden py-3 pl-10 type-row print:block">
      {unit === 'place' ? (
        <>
          from {blank} {blank} from {blank} {blank} from {blank} {blank}
        </>
      ) : unit === 'height' ? (
        <>
          taken from {blank} by tape / laser, down / up {blank} again {blank}
        </>
      ) : (
        <>measured {blank}</>
      )}
    </p>
  );
}
