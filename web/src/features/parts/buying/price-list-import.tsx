'use client';

import {
  CURRENCIES,
  CURRENCY_FACTS,
  type Currency,
  type PriceColumns,
  PRICE_FIELDS,
  type PriceRow,
  type ShelfLine,
  formatMoney,
  namesLearnt,
} from '@herrero/core';
import { useState } from 'react';
import { ColumnSelect } from '@/ui/column-select';
import { DecimalsChoice } from '@/ui/decimals-choice';
import { today } from '@/ui/today';
import { useJob } from '../../../store/job-provider';
import { FileChoice } from '../file-choice';
import { LeftOut } from '../left-out';
import { FirstRows } from './first-rows';
import { OddRows, WholeListOdd } from './odd-rows';
import { type PricesFound } from './price-tasks';
import { sendPrices } from './send-prices';
import { type PriceListReading, usePriceList } from './use-price-list';
import { type WhichRows, WhichRow } from './which-row';

/** What somebody has said of a list beside how it is read. */
interface Answers {
  /** Odd prices that are right all the same, by their rows. */
  readonly right: ReadonlySet<number>;
  /** All of it is right, though it is odd. */
  readonly wholeRight: boolean;
  /** Rows by the articles of the job that they are. */
  readonly which: WhichRows;
}
const NO_ANSWERS: Answers = { right: new Set(), wholeRight: false, which: new Map() };

/** What would be put in: rows that are asked about only where they are said to be right. */
function toPutIn({ read, odd }: PricesFound, { right, which }: Answers): readonly PriceRow[] {
  const asked = new Set(odd.rows.map(({ row }) => row.row).filter((row) => !right.has(row)));
  const chosen = new Map([...which].flatMap(([article, row]) => (row === null ? [] : [[row, article] as const])));
  return read.rows
    .filter(({ row }) => !asked.has(row))
    .map((row) => {
      const article = chosen.get(row.row);
      return article === undefined ? row : { ...row, isOurs: true, offer: { ...row.offer, article } };
    });
}

/** A price list of a supplier from CSV or XLSX: how it is read is shown, what is odd is asked, and only then is it put in, all at once. */
export function PriceListImport({
  lines,
  onDone,
}: {
  readonly lines: readonly ShelfLine[];
  readonly onDone: () => void;
}) {
  const ofJob = useJob((state) => state.job.currency);
  // The name of the file, until somebody says another.
  const [fileName, setFileName] = useState('');
  const [typed, setTyped] = useState<string>();
  const name = typed ?? fileName;
  const [pricedOn, setPricedOn] = useState(today());
  const [answers, setAnswers] = useState(NO_ANSWERS);
  const [said, setSaid] = useState<string>();
  const [putting, setPutting] = useState(false);
  const list = usePriceList(lines, ofJob, name);
  const { opened, reading, found, problem, busy } = list;
  const say = (to: PriceListReading): void => {
    setAnswers(NO_ANSWERS);
    list.say(to);
  };
  const rows = found ? toPutIn(found, answers) : [];
  const currency = found?.read.currency;
  const put = async (): Promise<void> => {
    if (!found) return;
    if (name.trim() === '') return setSaid('Say whose list it is.');
    if (currency === undefined) return setSaid('Say in which money the list is.');
    if (found.odd.whole !== undefined && !answers.wholeRight)
      return setSaid('Say first whether the prices of this list are right.');
    setSaid(undefined);
    setPutting(true);
    const problem = await sendPrices({
      name: name.trim(),
      currency,
      pricedOn,
      offers: rows.map(({ offer }) => offer),
      names: namesLearnt(rows),
    });
    setPutting(false);
    if (problem === undefined) onDone();
    else setSaid(`Nothing was put in. ${problem}`);
  };
  return (
    <section aria-label="Bring in a price list" className="rule-selected space-y-2 py-2">
      <p className="type-row">
        CSV or XLSX: what each thing is called, its price, and if known pack and stock. The request for prices (CSV or
        XLSX) has the articles of this job in it, without a price: send it to the supplier to fill in.
      </p>
      <FileChoice
        label="Price list"
        accept=".csv,.tsv,.txt,.xlsx"
        onFile={(file) => {
          setSaid(undefined);
          setAnswers(NO_ANSWERS);
          setFileName(file.name.replace(/\.[a-z]+$/i, '').slice(0, 80));
          list.open(file);
        }}
      />
      {(problem ?? said) !== undefined && (
        <p role="alert" className="type-row">
          {problem ?? said}
        </p>
      )}
      {(busy || (opened && !found)) && problem === undefined && <p className="type-second">Reading</p>}
      {opened && reading && found && (
        <>
          <div className="grid grid-cols-2 gap-2 max-md:grid-cols-1">
            <label className="block">
              <span className="block type-second">Supplier</span>
              <input
                className="field w-full"
                value={name}
                maxLength={80}
                onChange={(event) => setTyped(event.target.value)}
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
            <MoneyOfList said={reading.currency} read={currency} onChange={(to) => say({ ...reading, currency: to })} />
            <div className="col-span-full">
              <DecimalsChoice
                value={reading.decimals}
                shown={found.read.decimals}
                onChange={(decimals) => say({ ...reading, decimals })}
              />
            </div>
          </div>
          <Columns headings={opened.headings} reading={reading} onChange={(columns) => say({ ...reading, columns })} />
          <FirstRows rows={found.read.rows} currency={currency} />
          <p role="status" className="type-row">
            <b className="font-[650]">{rows.length === 1 ? '1 price' : `${rows.length} prices`}</b>, for{' '}
            {rows.filter(({ isOurs }) => isOurs).length} of the {lines.length} lines of this job.
          </p>
          {found.odd.whole !== undefined && (
            <WholeListOdd
              times={found.odd.whole}
              isRight={answers.wholeRight}
              onChange={(wholeRight) => setAnswers({ ...answers, wholeRight })}
            />
          )}
          <OddRows
            odd={found.odd.rows}
            money={(amount) => (currency === undefined ? `${amount}` : formatMoney(amount, currency))}
            right={answers.right}
            onChange={(right) => setAnswers({ ...answers, right })}
          />
          <WhichRow
            likeliest={found.likeliest}
            chosen={answers.which}
            onChange={(which) => setAnswers({ ...answers, which })}
          />
          <LeftOut problems={found.read.problems} />
          <LeftOut problems={found.read.remarks} label="Rows with something to know" />
          {rows.length > 0 && (
            <button type="button" className="main-action w-full" disabled={putting} onClick={() => void put()}>
              {putting ? 'Putting them in…' : `Put ${rows.length} ${rows.length === 1 ? 'price' : 'prices'} in`}
            </button>
          )}
        </>
      )}
    </section>
  );
}

/** The money of a list: as it says itself, as somebody says, or asked. */
function MoneyOfList({
  said,
  read,
  onChange,
}: {
  readonly said: Currency | undefined;
  readonly read: Currency | undefined;
  readonly onChange: (to: Currency | undefined) => void;
}) {
  return (
    <label className="col-span-full block">
      <span className="block type-second">Money of the list, without tax</span>
      <select
        className="field w-full"
        data-unknown={read === undefined}
        value={said ?? ''}
        onChange={(event) => onChange(CURRENCIES.find((one) => one === event.target.value))}
      >
        <option value="">
          {said !== undefined
            ? 'as the list says'
            : read === undefined
              ? 'Which money?'
              : `${CURRENCY_FACTS[read].name}, as the list says`}
        </option>
        {CURRENCIES.map((one) => (
          <option key={one} value={one}>
            {CURRENCY_FACTS[one].name}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Which column holds what; open where the price or what a thing is called was not found. */
function Columns({
  headings,
  reading: { columns },
  onChange,
}: {
  readonly headings: readonly string[];
  readonly reading: PriceListReading;
  readonly onChange: (to: PriceColumns) => void;
}) {
  const named = [columns.article, columns['their code'], columns.gtin, columns.words].some((one) => one !== undefined);
  return (
    <details open={columns.price === undefined || !named ? true : undefined}>
      <summary className="min-h-11 cursor-pointer content-center type-row font-[650]">Columns</summary>
      <div className="grid grid-cols-2 gap-2 max-md:grid-cols-1">
        {PRICE_FIELDS.map((field) => (
          <ColumnSelect
            key={field}
            label={`Column of the ${field === 'article' ? 'article, as we call it' : field === 'gtin' ? 'GTIN or EAN' : field}`}
            headings={headings}
            value={columns[field]}
            onChange={(column) => {
              const rest = Object.fromEntries(Object.entries(columns).filter(([other]) => other !== field));
              onChange(column === undefined ? rest : { ...rest, [field]: column });
            }}
          />
        ))}
      </div>
    </details>
  );
}
