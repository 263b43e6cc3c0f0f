'use client';

import { CURRENCIES, CURRENCY_FACTS, type Currency, type ShelfLine, type DecimalMark } from '@herrero/core';
import { useState } from 'react';
import { ColumnSelect } from '@/ui/column-select';
import { DecimalsChoice } from '@/ui/decimals-choice';
import { today } from '@/ui/today';
import { useJob } from '../../../store/job-provider';
import { FileChoice } from '../file-choice';
import { LeftOut } from '../left-out';
import { send } from '@/ui/send';
import { useTable } from '../use-table';
import { PRICE_FIELDS, type PriceColumns, guessPriceColumns, readPrices } from './price-list';

/** A price list of a supplier from CSV or XLSX: columns said, every row judged, and only then put in, all at once. */
export function PriceListImport({
  lines,
  onDone,
}: {
  readonly lines: readonly ShelfLine[];
  readonly onDone: () => void;
}) {
  const ofJob = useJob((state) => state.job.currency);
  const [columns, setColumns] = useState<PriceColumns>({});
  const [name, setName] = useState('');
  const [currency, setCurrency] = useState<Currency>(ofJob);
  const [pricedOn, setPricedOn] = useState(today());
  const [said, setSaid] = useState<string>();
  const { table, problem, open } = useTable((opened, fileName) => {
    setSaid(undefined);
    setColumns(guessPriceColumns(opened.headings));
    if (name === '') setName(fileName.replace(/\.[a-z]+$/i, '').slice(0, 80));
  });
  const [decimals, setDecimals] = useState<DecimalMark>();
  const read = table && readPrices(table, columns, lines, { currency, decimals });
  const put = async (): Promise<void> => {
    if (!read) return;
    if (name.trim() === '') return setSaid('Say whose list it is.');
    const sent = await send('POST', '/api/v1/suppliers', {
      name: name.trim(),
      currency,
      pricedOn,
      offers: read.offers,
    });
    if (sent.ok) onDone();
    else setSaid(`Nothing was put in. ${sent.message}`);
  };
  return (
    <section aria-label="Bring in a price list" className="rule-selected space-y-2 py-2">
      <p className="type-row">
        CSV or XLSX with headings: article and price, and if known pack and stock. The list (CSV) above has the articles
        of this job in it: send it to the supplier to fill in.
      </p>
      <FileChoice label="Price list" accept=".csv,.tsv,.txt,.xlsx" onFile={open} />
      {(problem ?? said) !== undefined && (
        <p role="alert" className="type-row">
          {problem ?? said}
        </p>
      )}
      {table && read && (
        <>
          <div className="grid grid-cols-2 gap-2 max-md:grid-cols-1">
            <label className="block">
              <span className="block type-second">Supplier</span>
              <input
                className="field w-full"
                value={name}
                maxLength={80}
                onChange={(event) => setName(event.target.value)}
              />
            </label>
            <label className="block">
              <span className="block type-second">Prices of the day</span>
              <input
                type="date"
                className="field w-full"
                value={pricedOn}
                onChange={(event) => setPricedOn(event.target.value)}
              />
            </label>
            <label className="block">
              <span className="block type-second">Money of the list, without tax</span>
              <select
                className="field w-full"
                value={currency}
                onChange={(event) => setCurrency(CURRENCIES.find((one) => one === event.target.value) ?? currency)}
              >
                {CURRENCIES.map((one) => (
                  <option key={one} value={one}>
                    {CURRENCY_FACTS[one].name}
                  </option>
                ))}
              </select>
            </label>
            <DecimalsChoice value={decimals} onChange={setDecimals} />
            {PRICE_FIELDS.map((field) => (
              <ColumnSelect
                key={field}
                label={`Column of the ${field}`}
                headings={table.headings}
                value={columns[field]}
                onChange={(column) => {
                  const rest = Object.fromEntries(Object.entries(columns).filter(([other]) => other !== field));
                  setColumns(column === undefined ? rest : { ...rest, [field]: column });
                }}
              />
            ))}
          </div>
          <p role="status" className="type-row">
            <b className="font-[650]">{read.offers.length} prices</b>, for {read.matched} of the {lines.length} lines of
            this job.
          </p>
          <LeftOut problems={read.problems} />
          {read.offers.length > 0 && (
            <button type="button" className="main-action w-full" onClick={() => void put()}>
              Put {read.offers.length} prices in
            </button>
          )}
        </>
      )}
    </section>
  );
}
