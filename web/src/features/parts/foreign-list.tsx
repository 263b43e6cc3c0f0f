'use client';

import {
  type Compared,
  type ForeignColumns,
  type Catalogue,
  type ForeignRow,
  type LearntWords,
  type ListTable,
  type Match,
  type Part,
  MATERIAL_NAMES,
  compareWithList,
  formatLength,
  guessForeignColumns,
  isForeignHeading,
  matchForeign,
  partTitle,
  readForeignRows,
  readQuery,
  searchParts,
  wordsToLearn,
} from '@herrero/core';
import { useEffect, useMemo, useState } from 'react';
import { send } from '@/ui/send';
import { sendOwn } from '../bench/catalogue/send-own';
import { useOwn } from '../../store/catalogue-provider';
import { useJob } from '../../store/job-provider';
import { ColumnSelect } from '@/ui/column-select';
import { FileChoice } from './file-choice';
import { LeftOut } from './left-out';
import { useTable } from './use-table';

/** A parts list from elsewhere: matched to the catalogue, doubtful rows asked, then held against this job or put in stock. */
export default function ForeignList() {
  const [columns, setColumns] = useState<ForeignColumns>();
  const { table, problem, open } = useTable(isForeignHeading, (opened) =>
    setColumns(guessForeignColumns(opened.headings, opened.rows)),
  );
  return (
    <div className="space-y-2 py-1">
      <p className="type-row">
        A list from a colleague, a shop or another program: CSV or XLSX with headings. Nothing of this job is changed by
        it.
      </p>
      <FileChoice label="Parts list from elsewhere" accept=".csv,.tsv,.txt,.xlsx" onFile={open} />
      {problem !== undefined && (
        <p role="alert" className="type-row">
          {problem}
        </p>
      )}
      {table && columns && (
        <>
          <ColumnChoice table={table} columns={columns} onChange={setColumns} />
          <Matched key={JSON.stringify(columns)} table={table} columns={columns} />
        </>
      )}
    </div>
  );
}

function ColumnChoice({
  table: { headings },
  columns,
  onChange,
}: {
  readonly table: ListTable;
  readonly columns: ForeignColumns;
  readonly onChange: (columns: ForeignColumns) => void;
}) {
  const [first, second] = columns.description;
  const described = (...some: readonly (number | undefined)[]): readonly number[] =>
    some.filter((column) => column !== undefined);
  return (
    <div className="grid grid-cols-2 gap-2">
      <ColumnSelect
        label="What it is"
        headings={headings}
        value={first}
        onChange={(column) => onChange({ ...columns, description: described(column, second) })}
      />
      <ColumnSelect
        label="and more of it"
        headings={headings}
        value={second}
        onChange={(column) => onChange({ ...columns, description: described(first, column) })}
      />
      <ColumnSelect
        label="Code"
        headings={headings}
        value={columns.code}
        onChange={(code) => onChange({ ...columns, code })}
      />
      <ColumnSelect
        label="How many"
        headings={headings}
        value={columns.count}
        onChange={(count) => onChange({ ...columns, count })}
      />
      <ColumnSelect
        label="In what it is counted"
        headings={headings}
        value={columns.unit}
        onChange={(unit) => onChange({ ...columns, unit })}
      />
    </div>
  );
}

/** So many are offered of a search. */
const MOST_FOUND = 40;
/** Nearer together two amounts are one. */
const LEAST_APART = 0.001;

type Chosen = ReadonlyMap<number, Part | null>;

/** What rows were said to mean before, and how to keep what one means now; undefined until it is known. */
function useLearnt() {
  const [learnt, setLearnt] = useState<ReadonlyMap<string, string>>();
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    let wanted = true;
    void send<{ readonly learnt: readonly LearntWords[] }>('GET', '/api/v1/learnt-words').then((sent) => {
      if (!wanted) return;
      setLearnt(new Map(sent.ok ? sent.answer.learnt.map(({ theirs, code }) => [theirs, code]) : []));
      if (!sent.ok) setProblem(sent.message);
    });
    return () => {
      wanted = false;
    };
  }, []);
  const keep = (row: ForeignRow, { code }: Part): void => {
    void send('PUT', '/api/v1/learnt-words', { learnt: [{ theirs: wordsToLearn(row), code }] }).then((sent) =>
      setProblem(sent.ok ? undefined : `What it is counts here, but was not kept. ${sent.message}`),
    );
  };
  return { learnt, problem, keep };
}

function Matched({ table, columns }: { readonly table: ListTable; readonly columns: ForeignColumns }) {
  const context = useJob((state) => state.plan.context);
  const groups = useJob((state) => state.plan.parts.groups);
  const [chosen, setChosen] = useState<Chosen>(new Map());
  const { catalogue, job } = context;
  const { learnt, problem, keep } = useLearnt();
  const read = useMemo(() => readForeignRows(table.rows, columns), [table, columns]);
  const matches = useMemo(() => {
    if (!learnt) return [];
    const by = { inJob: new Set(job.parts.map(({ code }) => code)), region: job.region ?? undefined, learnt };
    return read.rows.map((row) => ({ row, match: matchForeign(row, catalogue, by) }));
  }, [read, catalogue, job.parts, job.region, learnt]);
  const taken = matches.flatMap(({ row, match }) => {
    const part = match.kind === 'sure' ? match.part : chosen.get(row.row);
    return part ? [{ part, count: row.count, lengthM: row.lengthM }] : [];
  });
  const asked = matches.filter(({ row, match }) => match.kind === 'doubtful' && !chosen.has(row.row));
  const compared = compareWithList(
    taken,
    groups.flatMap(({ lines }) => lines),
    catalogue,
  );
  return (
    <>
      <p role="status" className="type-row">
        <b className="font-[650]">
          {taken.length} of {read.rows.length} rows matched
        </b>
        {asked.length > 0 && `, ${asked.length} to be asked`}.
      </p>
      {problem !== undefined && (
        <p role="alert" className="type-row">
          {problem}
        </p>
      )}
      {read.headings.length > 0 && (
        <p className="type-second">Rows that only head others: {read.headings.map(({ words }) => words).join(', ')}.</p>
      )}
      <LeftOut problems={read.problems} />
      <SureRows
        rows={matches.flatMap(({ row, match }) => (match.kind === 'sure' ? [{ row, part: match.part }] : []))}
      />
      <ul aria-label="Doubtful rows">
        {matches
          .filter(({ match }) => match.kind !== 'sure')
          .map(({ row, match }) => (
            <Doubtful
              key={row.row}
              row={row}
              match={match}
              chosen={chosen.get(row.row)}
              catalogue={catalogue}
              onChoose={(part) => {
                setChosen(new Map(chosen).set(row.row, part));
                if (part) keep(row, part);
              }}
            />
          ))}
      </ul>
      {taken.length > 0 && (
        <>
          <Comparison compared={compared} />
          <ToStock taken={taken.filter(({ lengthM }) => lengthM === undefined)} />
        </>
      )}
    </>
  );
}

/** What rows were taken for without a question: to be looked at. */
function SureRows({ rows }: { readonly rows: readonly { readonly row: ForeignRow; readonly part: Part }[] }) {
  if (rows.length === 0) return null;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer content-center type-row">
        {rows.length === 1 ? '1 row is sure' : `${rows.length} rows are sure`}: what they are taken for
      </summary>
      <ul aria-label="Sure rows">
        {rows.map(({ row, part }) => (
          <li key={row.row} className="border-b border-hair py-1 type-row">
            Row {row.row}: {row.description === '' ? row.code : row.description}
            <span className="block type-second">
              {partTitle(part)}, {MATERIAL_NAMES[part.material]}
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** A row that is not sure: the likeliest parts, and a search where it is none of them. */
function Doubtful({
  row,
  match,
  chosen,
  catalogue,
  onChoose,
}: {
  readonly row: ForeignRow;
  readonly match: Match;
  readonly chosen: Part | null | undefined;
  readonly catalogue: Catalogue;
  readonly onChoose: (part: Part | null) => void;
}) {
  const [asked, setAsked] = useState('');
  const likely = match.kind === 'doubtful' ? match.candidates : [];
  const query = readQuery(asked);
  const found = asked.trim() === '' ? likely : searchParts(catalogue, query).parts.slice(0, MOST_FOUND);
  const offered = chosen && !found.includes(chosen) ? [chosen, ...found] : found;
  const NONE = 'none';
  const words = `Row ${row.row}: ${row.description === '' ? row.code : row.description}`;
  return (
    <li className="border-b border-hair py-1">
      <label className="block type-row">
        {words}
        <select
          className="field w-full"
          data-unknown={chosen === undefined}
          value={chosen === undefined ? '' : (chosen?.code ?? NONE)}
          onChange={(event) => onChoose(offered.find((part) => part.code === event.target.value) ?? null)}
        >
          <option value="" disabled>
            {offered.length === 0 ? 'Nothing like it: search below' : 'Which is it?'}
          </option>
          {offered.map((part) => (
            <option key={part.code} value={part.code}>
              {partTitle(part)}, {MATERIAL_NAMES[part.material]}
            </option>
          ))}
          <option value={NONE}>none of these</option>
        </select>
      </label>
      {(likely.length === 0 || chosen === null || asked !== '') && (
        <label className="mt-1 block type-second">
          Search the catalogue for it
          <input
            type="search"
            className="field w-full"
            value={asked}
            maxLength={120}
            placeholder="3/4 ball valve female"
            onChange={(event) => setAsked(event.target.value)}
          />
          {asked.trim() !== '' && (
            <span role="status">
              {found.length === 0 ? 'Nothing found.' : `${found.length} to choose from, above.`}
            </span>
          )}
        </label>
      )}
    </li>
  );
}

/** What the list has and the job needs, what differs first. */
function Comparison({ compared }: { readonly compared: readonly Compared[] }) {
  const measures = useJob((state) => state.job.measures);
  const amount = (figure: number, { unit }: Pick<Compared, 'unit'>): string =>
    unit === 'm' ? formatLength(figure, measures) : `${figure}`;
  const words = (one: Compared): string => {
    const more = one.theirs - one.ours;
    return Math.abs(more) < LEAST_APART ? 'agrees' : `${amount(Math.abs(more), one)} ${more < 0 ? 'missing' : 'more'}`;
  };
  return (
    <table className="w-full type-row">
      <caption className="text-left type-row font-[650]">Held against this job</caption>
      <thead>
        <tr className="border-b border-ink text-left type-second">
          <th className="font-normal">part</th>
          <th className="text-right font-normal">there</th>
          <th className="pl-3 text-right font-normal">needed</th>
          <th className="pl-3 font-normal">so</th>
        </tr>
      </thead>
      <tbody>
        {compared.map((one) => (
          <tr key={one.part.code} className="border-b border-hair align-top">
            <td>{partTitle(one.part)}</td>
            <td className="text-right">{amount(one.theirs, one)}</td>
            <td className="pl-3 text-right">{amount(one.ours, one)}</td>
            <td className="pl-3">{words(one)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Puts what is on the list in stock: it was bought already, or lies in the van. */
function ToStock({ taken }: { readonly taken: readonly { readonly part: Part; readonly count: number }[] }) {
  const known = useOwn();
  const [said, setSaid] = useState<string>();
  const put = async (): Promise<void> => {
    const counts = new Map<string, number>();
    for (const { part, count } of taken) counts.set(part.code, (counts.get(part.code) ?? 0) + count);
    const before = new Map(known.holdings.map((one) => [one.code, one]));
    const holdings = [...counts].map(([code, count]) => ({
      code,
      onHand: (before.get(code)?.onHand ?? 0) + count,
      priceUsd: before.get(code)?.priceUsd ?? null,
    }));
    const sent = await sendOwn([], holdings);
    setSaid(sent.ok ? 'In stock. Open the job again to have it taken first.' : `Nothing was put in. ${sent.message}`);
    if (sent.ok) known.lay({ own: [], holdings });
  };
  return (
    <div>
      <button type="button" className="other-action" onClick={() => void put()}>
        Put these in stock
      </button>
      <p role="status" className="type-row">
        {said}
      </p>
    </div>
  );
}
