'use client';

import { type Basket, type NotSold, type ShelfLine, fillText } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../../store/job-provider';
import { useMoney } from '../../../store/use-money';
import { SearchFailed } from '../../routes/search-failed';
import { useAnswer } from '../../routes/use-answer';

const WHY: Readonly<Record<NotSold, string>> = {
  'not-listed': 'nobody lists it',
  'out-of-stock': 'out of stock',
};

/** A basket line by line: packs, what is left over of them, and what nobody has, with what could be bought instead. */
export function BasketLines({
  basket: { purchases, missing },
  money,
}: {
  readonly basket: Basket;
  readonly money: (amount: number) => string;
}) {
  const out = missing.map(({ line }) => line.code);
  return (
    <>
      {missing.length > 0 && (
        <section aria-label="Not to be had" className="pt-2">
          <h3 className="border-b-2 border-ink pb-1 type-row font-[650]">Not to be had, {missing.length}</h3>
          <ul>
            {missing.map(({ line, why }) => (
              <Missing key={line.article} line={line} why={why} out={out} />
            ))}
          </ul>
        </section>
      )}
      <ul aria-label="The basket" className="max-h-96 overflow-y-auto pt-2" tabIndex={0}>
        {purchases.map(({ line, supplier, packs, pack, leftOver, cost }) => (
          <li key={line.article} className="list-line flex items-baseline gap-3 border-b border-hair py-1 type-row">
            <span className="min-w-0 flex-1">
              {line.title} {line.detail}
              <span className="block type-second">
                {supplier.name}
                {pack > 1 && `, ${packs} ${packs === 1 ? 'pack' : 'packs'} of ${pack}`}
                {leftOver > 0 && `, ${leftOver} left over`}
              </span>
            </span>
            <b className="font-[650]">{line.buy}</b>
            <span className="w-20 text-right">{money(cost)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function Missing({
  line,
  why,
  out,
}: {
  readonly line: ShelfLine;
  readonly why: NotSold;
  readonly out: readonly string[];
}) {
  const [asked, setAsked] = useState(false);
  const isPart = useJob((state) => state.job.parts.some(({ code, existing }) => code === line.code && !existing));
  return (
    <li className="border-b border-hair py-1 type-row">
      <span className="flex items-baseline gap-3">
        <span className="min-w-0 flex-1">
          {line.title} {line.detail} <span className="type-second">{WHY[why]}</span>
        </span>
        <b className="font-[650]">{line.buy}</b>
      </span>
      {isPart && line.article === line.code && (
        <Action aria-expanded={asked} onClick={() => setAsked(!asked)}>
          {asked ? 'Put it away' : 'What instead?'}
        </Action>
      )}
      {asked && <InsteadOf code={line.code} out={out} />}
    </li>
  );
}

/** What could be bought instead of a part, and what else becomes different by it. */
function InsteadOf({ code, out }: { readonly code: string; readonly out: readonly string[] }) {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const measures = useJob((state) => state.job.measures);
  const money = useMoney();
  const [weighed] = useState(job);
  const cuts = useJob((state) => state.cuts);
  const { answer, failed, again } = useAnswer('instead', `${code} ${out.join()} ${JSON.stringify(weighed)}`, {
    job: weighed,
    code,
    out,
    cuts: [...cuts],
  });
  if (failed !== undefined) return <SearchFailed why={failed} onAgain={again} />;
  if (!answer) return <p className="type-second">Looking for what holds in its place</p>;
  if (answer.length === 0)
    return <p>Nothing of the catalogue stands for it without a joint that fails: wait for it, or change the run.</p>;
  return (
    <ul>
      {answer.map(({ proposal, changes }, index) => (
        <li key={index} className="border-t border-hair py-1">
          <b className="font-[650]">{fillText(proposal.text, proposal.data, measures)}</b>
          <span className="block type-second">
            {changes.lines.map(({ title, detail, by }) => `${by > 0 ? '+' : ''}${by} ${title} ${detail}`).join('; ')}
            {'. '}
            {Math.abs(changes.priceUsd) < 0.005
              ? 'Costs the same.'
              : changes.priceUsd > 0
                ? `${money(changes.priceUsd)} more.`
                : `${money(-changes.priceUsd)} less.`}
            {changes.notesIn.length > 0 && ` New notes: ${changes.notesIn.join(', ')}.`}
            {changes.notesOut.length > 0 && ` Settled by it: ${changes.notesOut.join(', ')}.`}
          </span>
          <Action onClick={() => make(proposal.edits)}>Take it</Action>
        </li>
      ))}
    </ul>
  );
}
