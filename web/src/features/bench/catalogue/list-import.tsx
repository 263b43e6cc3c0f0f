'use client';

import { ROW_FIELDS, type RowField } from '@herrero/core';
import { useState } from 'react';
import { ColumnSelect } from '@/ui/column-select';
import { DecimalsChoice } from '@/ui/decimals-choice';
import { besideThePage } from '@/workers/beside-the-page';
import { type Outcome } from '@/workers/worker-protocol';
import { type Known, useOwn } from '../../../store/catalogue-provider';
import { type OpenedList } from './list-file';
import { type ListReading, type ListTasks, listTasks } from './list-tasks';
import { sendOwn } from './send-own';

const MOST_PROBLEMS = 40;
const MOST_BYTES = 20_000_000;

const ask = besideThePage<ListTasks>(
  () => new Worker(new URL('./list-worker.ts', import.meta.url), { type: 'module' }),
  listTasks,
);

/** Answers with how to read a file, and how to read its columns anew. */
const listReader = (known: Known, onRead: (outcome: Outcome<OpenedList>) => void) => ({
  read: (bytes: ArrayBuffer) => void ask('open', { bytes, own: known.own, holdings: known.holdings }).then(onRead),
  again: (reading: ListReading) => void ask('again', reading).then(onRead),
});

/** A list from a spreadsheet: its columns said, every row judged, and only then put in, the good rows all at once. */
export function ListImport({ onDone }: { readonly onDone: () => void }) {
  const known = useOwn();
  const [name, setName] = useState<string>();
  const [opened, setOpened] = useState<OpenedList>();
  const [said, setSaid] = useState<string>();
  const [busy, setBusy] = useState(false);
  const reader = listReader(known, (outcome) => {
    setBusy(false);
    if (outcome.state === 'ok') setOpened(outcome.answer);
    if (outcome.state === 'failed') setSaid(`The list could not be read: ${outcome.message}.`);
  });
  const choose = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setSaid(undefined);
    setOpened(undefined);
    setName(file.name);
    if (file.size > MOST_BYTES) return setSaid(`${file.name} is larger than ${MOST_BYTES / 1_000_000} MB: split it.`);
    setBusy(true);
    reader.read(await file.arrayBuffer());
  };
  const put = async (): Promise<void> => {
    if (!opened) return;
    setBusy(true);
    const outcome = await sendOwn(opened.read.own, opened.read.holdings);
    setBusy(false);
    if (!outcome.ok) return setSaid(`Nothing was put in. ${outcome.message}`);
    known.lay(opened.read);
    onDone();
  };
  return (
    <section aria-label="Bring in a list" className="rule-selected space-y-3 pt-2">
      <h2 className="type-head">Bring in a list</h2>
      <p className="type-row">
        A CSV file from a spreadsheet, one part a row, with headings. Ends are written as everywhere here: 3/4 NPT M, 32
        PE compression. Rows with a code of the catalogue set its price and how many are on hand.
      </p>
      <label className="other-action inline-flex cursor-pointer items-center focus-within:outline-2">
        {name ?? 'Choose a file'}
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          className="sr-only"
          onChange={(event) => void choose(event.target.files?.[0])}
        />
      </label>
      {busy && <p className="type-second">Reading</p>}
      {said && (
        <p role="alert" className="type-row">
          {said}
        </p>
      )}
      {opened && !busy && (
        <>
          <Columns opened={opened} onRead={(reading) => (setBusy(true), reader.again(reading))} />
          <Report opened={opened} onPut={() => void put()} />
        </>
      )}
    </section>
  );
}

/** Which column holds what: guessed from the headings, put right here. */
function Columns({
  opened: { file, mapping, decimals },
  onRead,
}: {
  readonly opened: OpenedList;
  readonly onRead: (reading: ListReading) => void;
}) {
  const parted = decimals === undefined ? {} : { decimals };
  const set = (field: RowField, column: number | undefined): void => {
    const rest = Object.fromEntries(Object.entries(mapping).filter(([other]) => other !== field));
    onRead({ mapping: column === undefined ? rest : { ...rest, [field]: column }, ...parted });
  };
  return (
    <fieldset>
      <legend className="type-row font-[650]">
        Columns, {file.rows.length.toLocaleString('en')} rows
        {file.encoding === 'UTF-8' ? '' : `, read as ${file.encoding}`}
      </legend>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        {ROW_FIELDS.map((field) => (
          <ColumnSelect
            key={field}
            label={field}
            headings={file.headings}
            value={mapping[field]}
            onChange={(column) => set(field, column)}
          />
        ))}
        <DecimalsChoice
          value={decimals}
          onChange={(to) => onRead({ mapping, ...(to === undefined ? {} : { decimals: to }) })}
        />
      </div>
    </fieldset>
  );
}

const rowsOf = (count: number): string => `${count.toLocaleString('en')} ${count === 1 ? 'row' : 'rows'}`;

/** What can be put in, and every row that cannot with its reason. */
function Report({ opened: { file, read }, onPut }: { readonly opened: OpenedList; readonly onPut: () => void }) {
  const bad = new Set(read.problems.map(({ row }) => row)).size;
  const good = file.rows.length - bad - read.empty;
  return (
    <div>
      <p role="status" className="type-row">
        <b className="font-[650]">{rowsOf(good)} can be put in</b>
        {`: ${read.own.length.toLocaleString('en')} of your own, ${read.holdings.length.toLocaleString('en')} with stock or price.`}
        {bad > 0 && ` ${rowsOf(bad)} cannot; nothing else is touched by them.`}
      </p>
      {file.broken.length > 0 && (
        <p className="type-row">A quotation mark is never closed, from row {(file.broken[0]?.row ?? 0) + 1} on.</p>
      )}
      {read.problems.length > 0 && (
        <ol
          className="max-h-64 overflow-y-auto border-t-2 border-ink"
          tabIndex={0}
          aria-label="Rows that cannot be put in"
        >
          {read.problems.slice(0, MOST_PROBLEMS).map(({ row, field, message }) => (
            <li key={`${row} ${field} ${message}`} className="border-b border-hair py-1 type-row">
              <b className="font-[650]">
                Row {row}, {field}:
              </b>{' '}
              {message}
            </li>
          ))}
          {read.problems.length > MOST_PROBLEMS && (
            <li className="py-1 type-second">
              and {(read.problems.length - MOST_PROBLEMS).toLocaleString('en')} more like these
            </li>
          )}
        </ol>
      )}
      {good > 0 && (
        <button type="button" className="main-action mt-2 w-full" onClick={onPut}>
          Put {rowsOf(good)} in
        </button>
      )}
    </div>
  );
}
