'use client';

import { type ThreadEnd, THREAD_STANDARDS, formatEnd, parseEnd } from '@herrero/core';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { ThreadStrip } from '@/drawing/view/thread-strip';
import { Choice } from '@/ui/choice';
import { BenchPlace } from '../bench-frame';
import { useBench } from '../bench-store';

/** Threads an installer meets on tanks; the rest can be added from the list. */
const USUAL: readonly string[] = [
  '1/2 NPT M',
  '3/4 NPT M',
  '1 NPT M',
  '3/4 NH M',
  '1/2 G M',
  '3/4 G M',
  '1 G M',
  '3/4 R M',
];
const MOST_ON_CARD = 12;

const MALES: readonly ThreadEnd[] = THREAD_STANDARDS.filter(({ sexes }) => sexes.includes('male')).flatMap(
  ({ id, sizes }) => sizes.map((size): ThreadEnd => ({ kind: 'thread', standard: id, size, sex: 'male' })),
);

const threadsOf = (texts: readonly string[]): readonly string[] => [
  ...new Set(
    texts.flatMap((text) => {
      const parsed = parseEnd(text);
      return parsed.ok && parsed.value.kind === 'thread' ? [formatEnd(parsed.value)] : [];
    }),
  ),
];

/** The thread card: profiles at true scale with a check ruler, to hold a part against. */
export function CardStation() {
  const asked = useSearchParams().get('ends');
  const laid = useBench((state) => state.ends);
  const [chosen, setChosen] = useState<readonly string[]>(() =>
    threadsOf(asked === null ? USUAL : asked.split(',')).slice(0, MOST_ON_CARD),
  );
  const [paper, setPaper] = useState<'letter' | 'a4'>('letter');
  const toggle = (end: string): void =>
    setChosen((before) =>
      before.includes(end)
        ? before.filter((one) => one !== end)
        : before.length < MOST_ON_CARD
          ? [...before, end]
          : before,
    );
  const full = chosen.length >= MOST_ON_CARD;
  const laidEnds = threadsOf(laid.map(({ end }) => end));
  const address = `/api/v1/threads/card.pdf?paper=${paper}&ends=${encodeURIComponent(chosen.join(','))}`;
  return (
    <BenchPlace
      title="Thread card"
      subtitle="true scale, to hold a part against"
      marginLabel="Print it"
      margin={
        <>
          <h2 className="pt-3 pb-2 type-head">Print it</h2>
          <p className="border-t-[1.5px] border-ink pt-2 pb-2 type-row">
            {chosen.length === 0
              ? 'Choose at least one thread.'
              : `${chosen.length} ${chosen.length === 1 ? 'thread' : 'threads'} on one sheet. Print at 100 %, never ‘fit to page’, and lay a rule on the check ruler first.`}
          </p>
          <Choice
            label="Paper"
            value={paper}
            options={[
              { value: 'letter', name: 'Letter' },
              { value: 'a4', name: 'A4' },
            ]}
            onChange={setPaper}
          />
          {chosen.length > 0 && (
            <a href={address} className="main-action mt-3 block text-center" download="thread-card.pdf">
              Download the card
            </a>
          )}
          <section className="mt-4 border-t-[1.5px] border-ink pt-2">
            <h3 className="text-[16px] leading-5 font-[650]">How to use it</h3>
            <p className="pt-1 type-row">
              Cut along the comb. Lay it into the thread against the light: the right one leaves no light along five
              crests. Sixty and fifty-five degrees differ at the crowns.
            </p>
          </section>
        </>
      }
    >
      <p className="pb-2 type-row" role="status">
        {full
          ? `${MOST_ON_CARD} threads fill the sheet: take one off to add another.`
          : 'Tap a thread to put it on the card or take it off.'}
      </p>
      {laidEnds.length > 0 && (
        <Group title="On the bench" ends={laidEnds} chosen={chosen} full={full} onToggle={toggle} />
      )}
      <Group title="Usual ones" ends={USUAL} chosen={chosen} full={full} onToggle={toggle} />
      <Group
        title="All others"
        ends={MALES.map(formatEnd).filter((end) => !USUAL.includes(end))}
        chosen={chosen}
        full={full}
        onToggle={toggle}
      />
    </BenchPlace>
  );
}

function Group({
  title,
  ends,
  chosen,
  full,
  onToggle,
}: {
  readonly title: string;
  readonly ends: readonly string[];
  readonly chosen: readonly string[];
  readonly full: boolean;
  readonly onToggle: (end: string) => void;
}) {
  return (
    <section aria-label={title} className="rule-subject mb-4 pt-2">
      <h2 className="pb-1 type-head">{title}</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(178px,1fr))] gap-x-3">
        {ends.map((end) => {
          const parsed = parseEnd(end);
          const on = chosen.includes(end);
          return (
            <li key={end} className="border-b border-hair">
              <label
                className={`flex min-h-11 cursor-pointer items-center gap-2 px-1 ${on ? 'row-selected' : full ? 'text-ink-2' : 'hover:bg-brass-wash'}`}
              >
                <input
                  type="checkbox"
                  className="size-5 shrink-0 accent-[var(--brass-line)]"
                  checked={on}
                  disabled={!on && full}
                  onChange={() => onToggle(end)}
                />
                <ThreadStrip end={parsed.ok && parsed.value.kind === 'thread' ? parsed.value : undefined} />
                <span className="type-row">{end}</span>
              </label>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
