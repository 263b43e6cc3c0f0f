'use client';

import { type Basket, buyingPlan, formatMoney, reckoningWords, shelves, withTax } from '@herrero/core';
import { useMemo, useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { BasketLines } from './buying/basket-lines';
import { PriceListImport } from './buying/price-list-import';
import { Rates } from './buying/rates';
import { type Suppliers, useSuppliers } from './buying/use-suppliers';

/** Where to buy what the job needs: prices and stock of suppliers, the cheapest basket, or one stop. */
export default function BuyingPanel() {
  const parts = useJob((state) => state.plan.parts);
  const catalogue = useJob((state) => state.plan.context.catalogue);
  const currency = useJob((state) => state.job.currency);
  const lines = useMemo(() => shelves(parts, catalogue).flatMap((shelf) => shelf.lines), [parts, catalogue]);
  const suppliers = useSuppliers(lines, currency);
  const [importing, setImporting] = useState(false);
  const rates = useJob((state) => state.job.rates);
  const plan = useMemo(
    () => buyingPlan(lines, suppliers.all, currency, rates),
    [lines, suppliers.all, currency, rates],
  );
  if (lines.length === 0) return <p className="py-2 type-row">Nothing is to be bought.</p>;
  return (
    <div>
      <p className="py-1 type-second">
        The stand-ins are no real suppliers: they ship with Herrero, and their prices and stock are made up.
      </p>
      <p className="flex flex-wrap gap-x-5">
        <Action onClick={() => suppliers.ask()}>Ask the stand-in suppliers</Action>
        <Action aria-expanded={importing} onClick={() => setImporting(!importing)}>
          {importing ? 'Put the price list away' : 'Bring in a price list'}
        </Action>
      </p>
      {importing && (
        <PriceListImport
          lines={lines}
          onDone={() => {
            setImporting(false);
            suppliers.reload();
          }}
        />
      )}
      {suppliers.problem !== undefined && (
        <p role="alert" className="type-row">
          {suppliers.problem}
        </p>
      )}
      <Sources suppliers={suppliers} />
      <Rates suppliers={suppliers.all} />
      {plan.oneStop.length > 0 && <Choose plan={plan} />}
    </div>
  );
}

/** Who has been asked, what they last said, and of which day. */
function Sources({ suppliers: { all, standIns, ask, remove } }: { readonly suppliers: Suppliers }) {
  const busy = standIns.filter(({ asking }) => asking);
  const failed = standIns.filter(({ problem }) => problem !== undefined);
  return (
    <div role="status" className="type-row">
      {busy.length > 0 && <p>Asking {busy.map(({ name }) => name).join(', ')}</p>}
      {failed.map(({ id, name, problem }) => (
        <p key={id}>
          {problem} <Action onClick={() => ask(id)}>Ask {name} again</Action>
        </p>
      ))}
      {all.map(({ id, name, pricedOn, currency, standIn, offers }) => (
        <p key={id} className="flex items-baseline justify-between gap-3 border-b border-hair">
          <span>
            {name}: {offers.length === 1 ? '1 price' : `${offers.length} prices`} for this job, in {currency}
            <span className="type-second">
              {' '}
              of {pricedOn}
              {standIn ? ', made up' : ''}
            </span>
          </span>
          {!standIn && <Action onClick={() => remove(id)}>Remove</Action>}
        </p>
      ))}
    </div>
  );
}

/** The cheapest basket beside one stop at each; the chosen one line by line. */
function Choose({ plan: { cheapest, oneStop } }: { readonly plan: ReturnType<typeof buyingPlan> }) {
  const job = useJob((state) => state.job);
  const [chosen, setChosen] = useState('cheapest');
  const money = (amount: number): string => formatMoney(withTax(amount, job), job.currency);
  const stops = new Set(cheapest.purchases.map(({ supplier }) => supplier.id)).size;
  const ways: readonly { readonly id: string; readonly name: string; readonly basket: Basket }[] = [
    { id: 'cheapest', name: `Cheapest, ${stops} ${stops === 1 ? 'stop' : 'stops'}`, basket: cheapest },
    ...oneStop.map(({ supplier, basket }) => ({ id: supplier.id, name: `All at ${supplier.name}`, basket })),
  ];
  const now = ways.find(({ id }) => id === chosen) ?? { id: 'cheapest', basket: cheapest };
  return (
    <>
      <fieldset className="pt-2">
        <legend className="type-row font-[650]">Where to buy, {reckoningWords(job)}</legend>
        {ways.map(({ id, name, basket }) => (
          <label
            key={id}
            className={`flex min-h-11 cursor-pointer items-center gap-3 border-b border-hair px-1 ${id === now.id ? 'row-selected' : ''}`}
          >
            <input
              type="radio"
              name="basket"
              className="size-5 accent-ink"
              checked={id === now.id}
              onChange={() => setChosen(id)}
            />
            <span className="flex-1 type-row">
              {name}
              <Lacks basket={basket} than={cheapest} money={money} />
            </span>
            <b className="font-[650]">{money(basket.total)}</b>
          </label>
        ))}
      </fieldset>
      <BasketLines basket={now.basket} money={money} />
    </>
  );
}

/** What a basket lacks, and what the lines that it has cost more than where each is cheapest. */
function Lacks({
  basket,
  than,
  money,
}: {
  readonly basket: Basket;
  readonly than: Basket;
  readonly money: (amount: number) => string;
}) {
  if (basket === than) return null;
  const has = new Set(basket.purchases.map(({ line }) => line.article));
  const least = than.purchases.reduce((sum, { line, cost }) => sum + (has.has(line.article) ? cost : 0), 0);
  const more = basket.total - least;
  const lacks = basket.missing.length;
  return (
    <span className="block type-second">
      {lacks > 0 && `lacks ${lacks} ${lacks === 1 ? 'line' : 'lines'}; what it has costs `}
      {more < 0.005 ? (lacks > 0 ? 'the same' : 'costs the same') : `${money(more)} more`}
    </span>
  );
}
