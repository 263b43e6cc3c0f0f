'use client';

import {
  type EndRef,
  type Offer,
  type Part,
  flowAt,
  formatEnd,
  holeOf,
  isByLength,
  nextParts,
  resolveEnd,
  serviceAt,
  newPart,
} from '@herrero/core';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Action } from '@/ui/action';
import { BenchLink } from '../bench/bench-link';
import { stationPath } from '../desk/stations';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';
import { PartRow, RefusedRow } from './part-row';
import { useNarrowing } from './use-narrowing';
import { NARROW_ID, STRING_ID } from './use-string-keys';

const FIRST_SHOWN = 12;
const MOST_SHOWN = 120;
const MOST_REFUSED = 30;

/** What goes on to an open end, by the ends alone; on request the rest, each with the reason why not. */
export function NextPartPicker({ at, line }: { readonly at: EndRef; readonly line: readonly Part[] }) {
  const job = useJob((state) => state.job);
  const jobId = useJob((state) => state.jobId);
  const index = useJob((state) => state.plan.context.index);
  const make = useJob((state) => state.make);
  const selectPart = useJob((state) => state.selectPart);
  const catalogue = useJob((state) => state.plan.context.catalogue);
  const [query, setQuery] = useState('');
  const [rest, setRest] = useState(false);
  const [all, setAll] = useState(false);
  const { end, material } = resolveEnd(at, job, index);
  const { region } = job;
  const flow = useJob((state) => flowAt(at, state.plan.context));
  const service = useJob((state) => serviceAt(at, state.plan.context.runs));
  const offers = useMemo(
    () =>
      end
        ? nextParts({ end, material, service }, catalogue, { parts: line, region, flow })
        : { goesOn: [], doesNot: [] },
    [end, material, service, catalogue, line, region, flow],
  );
  const { wanted, counted, read, prepare } = useNarrowing(catalogue, query, region);
  const narrowed = (some: readonly Offer[]): readonly Offer[] =>
    wanted === undefined
      ? some
      : some
          .filter(({ part }) => wanted.has(part.code))
          .toSorted((a, b) => (wanted.get(a.part.code) ?? 0) - (wanted.get(b.part.code) ?? 0));
  const goesOn = narrowed(offers.goesOn);
  const doesNot = narrowed(offers.doesNot);
  const unsaid = offers.goesOn.length === 0 && offers.doesNot.some(({ judgement }) => judgement.verdict === 'unknown');
  const take = ({ part, endIn }: Offer): void => {
    const id = newId();
    if (make([{ type: 'add-part', part: newPart(id, part.code), at, partEnd: endIn, jointId: newId() }]) === undefined)
      selectPart(isByLength(part) ? id : null);
  };
  return (
    <section aria-label="Next part" id="next">
      <div className="flex items-center justify-between gap-3 border-b border-ink pb-1">
        <h2 className="type-head">Next part</h2>
        <input
          className="field w-44"
          type="search"
          id={NARROW_ID}
          placeholder="narrow it down"
          title="Enter takes the first"
          aria-label="Narrow the parts down"
          value={query}
          onFocus={prepare}
          onChange={(event) => {
            prepare();
            setQuery(event.target.value);
          }}
          onKeyDown={(event) => {
            const [first] = goesOn;
            if (event.key !== 'Enter' || query.trim() === '' || !read || !first) return;
            take(first);
            document.getElementById(STRING_ID)?.focus();
          }}
        />
      </div>
      {!end && (
        <p className="py-3 type-row">
          {at.of === 'hole'
            ? 'Nothing seals this opening yet: choose what does, and what goes on to it is listed here.'
            : 'This end is not known yet: say what it is, and what goes on to it is listed here.'}{' '}
          <Link href={stationPath(jobId, 'holes')} className="action">
            <span>Choose it at Holes</span>
          </Link>
        </p>
      )}
      {end && goesOn.length === 0 && (
        <p className="py-3 type-row">
          {unsaid
            ? 'What goes on here is not known before this end is measured: each row of the rest says what to measure.'
            : query === ''
              ? 'No part of the catalogue goes on here.'
              : (counted ?? `Nothing that goes on is called “${query}”.`)}{' '}
          {unsaid && at.of === 'hole' && (
            <Link href={stationPath(jobId, 'holes')} className="action">
              <span>Say it at Holes</span>
            </Link>
          )}
        </p>
      )}
      <ul className="max-h-[420px] overflow-y-auto max-md:max-h-none" tabIndex={-1}>
        {end &&
          goesOn
            .slice(0, all ? MOST_SHOWN : FIRST_SHOWN)
            .map((offer) => (
              <PartRow key={offer.part.code} at={{ end, material, service }} offer={offer} onTake={() => take(offer)} />
            ))}
        {all && goesOn.length > MOST_SHOWN && (
          <li className="py-2 type-second">and {goesOn.length - MOST_SHOWN} more: narrow it down</li>
        )}
      </ul>
      <div className="flex flex-wrap gap-x-5">
        {!all && goesOn.length > FIRST_SHOWN && (
          <Action onClick={() => setAll(true)}>Show {goesOn.length - FIRST_SHOWN} more that go on</Action>
        )}
        <SearchCatalogue at={at} />
        {(rest || doesNot.length > 0) && (
          <Action aria-expanded={rest} onClick={() => setRest(!rest)}>
            {rest
              ? 'Hide the rest'
              : unsaid
                ? `Show the ${doesNot.length} that cannot be promised, and why`
                : `Show the ${doesNot.length} that do not go on, and why`}
          </Action>
        )}
      </div>
      {rest && (
        <ul>
          {end &&
            doesNot
              .slice(0, MOST_REFUSED)
              .map((offer) => <RefusedRow key={offer.part.code} at={{ end, material, service }} offer={offer} />)}
          {doesNot.length > MOST_REFUSED && (
            <li className="py-2 type-second">and {doesNot.length - MOST_REFUSED} more: narrow it down</li>
          )}
        </ul>
      )}
    </section>
  );
}

/** To the catalogue, which puts what is found there on this end. */
function SearchCatalogue({ at }: { readonly at: EndRef }) {
  const jobId = useJob((state) => state.jobId);
  const job = useJob((state) => state.job);
  const { index, catalogue } = useJob((state) => state.plan.context);
  const waiting = useJob((state) => state.unsent.length > 0);
  const path = usePathname();
  const { end, material } = resolveEnd(at, job, index);
  const hole = holeOf(at, job, catalogue);
  const run = job.penetrations.find(({ id }) => id === hole?.id)?.label ?? '';
  // The catalogue writes to the job by itself: what is not sent yet would be overtaken.
  if (!end || waiting) return null;
  return (
    <BenchLink
      href="/bench/catalogue"
      from={{
        href: path,
        label: `${job.name}, Runs`,
        wanted: { jobId, run, at, end: formatEnd(end), material },
      }}
      className="action"
    >
      <span>Look for it in the catalogue</span>
    </BenchLink>
  );
}
