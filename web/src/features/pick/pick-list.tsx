'use client';

import { type Part, type Reckoning, type TickState, formatMoney, reckonedSum } from '@herrero/core';
import { Check, X } from 'lucide-react';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { MiniPart } from '@/drawing/view/mini-part';
import { NotKnown } from '@/ui/not-known';
import { Hatches } from '@/drawing/view/hatches';
import { type Ticks, unsent } from './ticks';
import { useTicks } from './use-ticks';

/** A line to pick: what it is, how many, and how it looks where the catalogue knows it. */
export interface PickLine {
  /** What its ticks belong to. */
  readonly id: string;
  readonly title: string;
  readonly detail: string;
  readonly buy: number;
  readonly priceUsd: number | null;
  readonly part?: Part;
}

export interface PickShelf {
  readonly name: string;
  readonly lines: readonly PickLine[];
}

const stateOf = (ticks: Ticks, { id }: PickLine): TickState => ticks[id]?.state ?? 'open';

/** The list in the shop: big lines by shelf, ticked with a thumb, kept on the phone and sent when there is a network. */
export function PickList({
  jobId,
  name,
  shelves,
  questions,
  reckoning,
}: {
  readonly jobId: string;
  readonly name: string;
  readonly shelves: readonly PickShelf[];
  /** What is not known, and therefore on no shelf. */
  readonly questions: readonly string[];
  readonly reckoning: Reckoning;
}) {
  const { ticks, offline, kept, said, press } = useTicks(jobId);
  const [selected, setSelected] = useState<string>();
  useEffect(keepForOffline, []);
  const lines = shelves.flatMap((shelf) => shelf.lines);
  const isOpen = (line: PickLine): boolean => stateOf(ticks, line) === 'open';
  const inBasket = lines.filter((line) => stateOf(ticks, line) === 'in');
  const notThere = lines.filter((line) => stateOf(ticks, line) === 'not-on-shelf');
  const open = lines.filter(isOpen);
  const now = open.find(({ id }) => id === selected) ?? open[0];
  const spent = reckonedSum(
    inBasket.map(({ priceUsd }) => priceUsd),
    reckoning,
  );

  /** Ticks the line that is selected; the next open one comes under the thumb. */
  const settle = (state: TickState): void => {
    if (!now) return;
    press(now.id, state);
    setSelected(open[open.indexOf(now) + 1]?.id);
  };
  return (
    <div className="mx-auto flex min-h-dvh max-w-xl flex-col bg-paper">
      <Hatches />
      <header className="sticky top-0 z-10 border-b-2 border-ink bg-sheet px-3 py-2">
        <div className="flex items-baseline justify-between gap-3">
          <h1 className="min-w-0 truncate text-[19px] font-[650]">Pick for {name}</h1>
          <Link href={`/jobs/${jobId}/parts`} prefetch={false} className="action shrink-0">
            <span>Leave the shop</span>
          </Link>
        </div>
        <Tally lines={lines} ticks={ticks} />
        <p role="status" className="flex justify-between type-row">
          <span>
            <b className="font-[650]">{inBasket.length}</b> of {lines.length} in the basket
          </span>
          <span>
            <b className="font-[650]">{formatMoney(spent, reckoning.currency)}</b> so far, prices invented
          </span>
        </p>
      </header>
      <Network offline={offline} kept={kept} waiting={unsent(ticks).length} />
      {said !== undefined && (
        <p role="alert" className="border-b border-hair px-3 py-2 type-row">
          {said}
        </p>
      )}
      <main className="flex-1 pb-24">
        <NotKnown questions={questions} />
        {lines.length === 0 && <p className="p-3 type-row">Nothing is to be bought for this job.</p>}
        {shelves.map((shelf) => {
          const own = shelf.lines.filter(isOpen);
          return (
            own.length > 0 && (
              <section key={shelf.name} aria-label={shelf.name}>
                <h2 className="flex items-baseline justify-between border-b border-hair px-3 py-1.5">
                  <span className="type-head">{shelf.name}</span>
                  <span className="type-second">
                    {own.length} {own.length === 1 ? 'line' : 'lines'}
                  </span>
                </h2>
                <ul>
                  {own.map((line) => (
                    <OpenLine
                      key={line.id}
                      line={line}
                      chosen={line === now}
                      onChoose={() => setSelected(line.id)}
                      onTick={() => press(line.id, 'in')}
                    />
                  ))}
                </ul>
              </section>
            )
          );
        })}
        <Settled
          title="Not on the shelf"
          words="press to look again"
          lines={notThere}
          ticks={ticks}
          onBack={(line) => press(line.id, 'open')}
        />
        <Settled
          title="In the basket"
          words="dotted: not sent yet"
          lines={inBasket}
          ticks={ticks}
          onBack={(line) => press(line.id, 'open')}
        />
      </main>
      {now && (
        <div className="fixed inset-x-0 bottom-0 mx-auto flex max-w-xl gap-2.5 border-t-2 border-ink bg-paper p-2.5">
          <button type="button" className="main-action min-h-13 flex-1" onClick={() => settle('in')}>
            In the basket
          </button>
          <button type="button" className="other-action min-h-13 flex-1" onClick={() => settle('not-on-shelf')}>
            Not on the shelf
          </button>
        </div>
      )}
    </div>
  );
}

const CACHE = 'herrero-pick';

/**
 * Lets the phone keep this page with all that it is built of, so that it opens again where there is no network. Browsers
 * allow that only over HTTPS, or on the machine itself.
 */
function keepForOffline(): void {
  if (!('serviceWorker' in navigator)) return;
  const keep = async (): Promise<void> => {
    await navigator.serviceWorker.register('/sw.js', { scope: '/pick/' });
    // What came before the worker was there it has not seen.
    const built = performance
      .getEntriesByType('resource')
      .map(({ name }) => name)
      .filter((url) => new URL(url).pathname.startsWith('/_next/static/'));
    await (await caches.open(CACHE)).addAll([window.location.href, ...new Set(built)]);
  };
  // A phone that keeps nothing still ticks as long as the page is open.
  void keep().catch(() => undefined);
}

/** One cell a line: ink is in the basket, a dotted edge is not sent yet, a stroke is not on the shelf. */
function Tally({ lines, ticks }: { readonly lines: readonly PickLine[]; readonly ticks: Ticks }) {
  const order: readonly TickState[] = ['in', 'not-on-shelf', 'open'];
  const cells = lines.toSorted((a, b) => order.indexOf(stateOf(ticks, a)) - order.indexOf(stateOf(ticks, b)));
  return (
    <div className="my-1 flex h-5 gap-0.5" aria-hidden="true">
      {cells.map((line) => {
        const state = stateOf(ticks, line);
        const waits = ticks[line.id]?.sent === false;
        return (
          <span key={line.id} className={`min-w-0 flex-1 border border-ink p-px ${waits ? 'border-dotted' : ''}`}>
            <span
              className={`block h-full ${state === 'in' ? 'bg-ink' : state === 'not-on-shelf' ? 'border-b-2 border-ink' : ''}`}
            />
          </span>
        );
      })}
    </div>
  );
}

function Network({
  offline,
  kept,
  waiting,
}: {
  readonly offline: boolean;
  readonly kept: boolean;
  readonly waiting: number;
}) {
  if (!offline && kept) return null;
  return (
    <p role="alert" className="border-b border-hair px-3 py-2 type-row">
      {offline &&
        `No signal in here. ${waiting === 0 ? 'Ticks' : waiting === 1 ? '1 tick' : `${waiting} ticks`} ${waiting === 1 ? 'is' : 'are'} kept on this phone and ${waiting === 1 ? 'goes' : 'go'} off by ${waiting === 1 ? 'itself' : 'themselves'} outside.`}
      {!kept && ' This phone keeps nothing: do not close the page before the ticks are sent.'}
    </p>
  );
}

function OpenLine({
  line: { title, detail, buy, part },
  chosen,
  onChoose,
  onTick,
}: {
  readonly line: PickLine;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly onTick: () => void;
}) {
  return (
    <li className={`list-line flex min-h-19 items-center border-b border-hair ${chosen ? 'row-selected' : ''}`}>
      <button
        type="button"
        aria-pressed={chosen}
        className="flex min-h-19 min-w-0 flex-1 items-center gap-2.5 px-2 text-left"
        onClick={onChoose}
      >
        <span className="grid w-20 shrink-0 place-items-center">
          {part && <MiniPart part={part} width={76} height={54} />}
        </span>
        <span className="min-w-0 flex-1">
          <b className="block text-[18px] leading-6 font-[650]">{title}</b>
          <span className="block type-second">{detail}</span>
        </span>
        <span className="shrink-0 text-[24px] font-[650]">{buy}</span>
      </button>
      <button
        type="button"
        aria-label={`Tick ${title} ${detail}`}
        className="m-2 size-12 shrink-0 border-2 border-ink bg-sheet"
        onClick={onTick}
      />
    </li>
  );
}

/** What is settled sinks below the list; a press takes it back. */
function Settled({
  title,
  words,
  lines,
  ticks,
  onBack,
}: {
  readonly title: string;
  readonly words: string;
  readonly lines: readonly PickLine[];
  readonly ticks: Ticks;
  readonly onBack: (line: PickLine) => void;
}) {
  if (lines.length === 0) return null;
  return (
    <section aria-label={title} className="border-t-2 border-ink">
      <h2 className="flex items-baseline justify-between border-b border-hair px-3 py-1.5">
        <span className="type-head">
          {title}, {lines.length}
        </span>
        <span className="type-second">{words}</span>
      </h2>
      <ul>
        {lines.map((line) => {
          const tick = ticks[line.id];
          return (
            <li key={line.id} className="list-line border-b border-hair">
              <button
                type="button"
                className="flex min-h-12.5 w-full items-center gap-3 px-3 py-1 text-left"
                aria-label={`Put back ${line.title} ${line.detail}`}
                onClick={() => onBack(line)}
              >
                <span className="min-w-0 flex-1 type-row">
                  {line.title}, {line.detail}
                </span>
                <span className="text-[18px]">{line.buy}</span>
                <span
                  className={`grid size-9 place-items-center border-2 border-ink ${tick?.sent === false ? 'border-dotted' : ''}`}
                >
                  {tick?.state === 'in' ? (
                    <span className="grid size-7 place-items-center bg-ink text-sheet">
                      <Check size={22} strokeWidth={3} aria-hidden="true" />
                    </span>
                  ) : (
                    <X size={22} strokeWidth={3} aria-hidden="true" />
                  )}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
