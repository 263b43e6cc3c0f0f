'use client';

import {
  type Compared,
  type ForeignColumns,
  type ForeignRow,
  type Match,
  type Part,
  MATERIAL_NAMES,
  compareWithList,
  guessForeignColumns,
  matchForeign,
  partTitle,
  readForeignRows,
} from '@herrero/core';
import { useMemo, useState } from 'react';
import { sendOwn } from '../bench/catalogue/send-own';
import { useOwn } from '../../store/catalogue-provider';
import { useJob } from '../../store/job-provider';
import { ColumnSelect } from '@/ui/column-select';
import { FileChoice } from './file-choice';
import { LeftOut } from './left-out';
import { type FileTable } from './read-table';
import { useTable } from './use-table';

/** A parts list from elsewhere: matched to the catalogue, doubtful rows asked, then held against this job or put in stock. */
export default function ForeignList() {
  const [columns, setColumns] = useState<ForeignColumns>();
  const { table, problem, open } = useTable((opened) => setColumns(guessForeignColumns(opened.headings)));
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
  readonly table: FileTable;
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
    </div>
  );
}

type Chosen = ReadonlyMap<number, Part | null>;

function Matched({ table, columns }: { readonly table: FileTable; readonly columns: ForeignColumns }) {
  const context = useJob((state) => state.plan.context);
  const groups = useJob((state) => state.plan.parts.groups);
  const [chosen, setChosen] = useState<Chosen>(new Map());
  const { catalogue, job } = context;
  const read = useMemo(() => readForeignRows(table.rows, columns), [table, columns]);
  const matches = useMemo(() => {
    const inJob = new Set(job.parts.map(({ code }) => code));
    return read.rows.map((row) => ({ row, match: matchForeign(row, catalogue, inJob) }));
  }, [read, catalogue, job.parts]);
  const taken = matches.flatMap(({ row, match }) => {
    const part = match.kind === 'sure' ? match.part : chosen.get(row.row);
    return part ? [{ part, count: row.count }] : [];
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
      <LeftOut problems={read.problems} />
      <ul aria-label="Doubtful rows">
        {matches
          .filter(({ match }) => match.kind !== 'sure')
          .map(({ row, match }) => (
            <Doubtful
              key={row.row}
              row={row}
              match={match}
              chosen={chosen.get(row.row)}
              onChoose={(part) => setChosen(new Map(chosen).set(row.row, part))}
            />
          ))}
      </ul>
      {taken.length > 0 && (
        <>
          <Comparison compared={compared} />
          <ToStock taken={taken} />
        </>
      )}
    </>
  );
}

function Doubtful({
  row: { row, description, code },
  match,
  chosen,
  onChoose,
}: {
  readonly row: ForeignRow;
  readonly match: Match;
  readonly chosen: Part | null | undefined;
  readonly onChoose: (part: Part | null) => void;
}) {
  const words = `Row ${row}: ${description === '' ? code : description}`;
  if (match.kind !== 'doubtful')
    return (
      <li className="border-b border-hair py-1 type-row">
        {words} <span className="type-second">nothing like it is in the catalogue</span>
      </li>
    );
  const NONE = 'none';
  return (
    <li className="border-b border-hair py-1">
      <label className="block type-row">
        {words}
        <select
          className="field w-full"
          data-unknown={chosen === undefined}
          value={chosen === undefined ? '' : (chosen?.code ?? NONE)}
          onChange={(event) => onChoose(match.candidates.find((part) => part.code === event.target.value) ?? null)}
        >
          <option value="" disabled>
            Which is it?
          </option>
          {match.candidates.map((part) => (
            <option key={part.code} value={part.code}>
              {partTitle(part)}, {MATERIAL_NAMES[part.material]}
            </option>
          ))}
          <option value={NONE}>none of these</option>
        </select>
      </label>
    </li>
  );
}

/** What the list has and the job needs, what differs first. */
function Comparison({ compared }: { readonly compared: readonly Compared[] }) {
  const words = ({ theirs, ours }: Compared): string =>
    theirs === ours ? 'agrees' : theirs < ours ? `${ours - theirs} missing there` : `${theirs - ours} more there`;
  return (
    <table className="w-full type-row">
      <caption className="text-left type-row font-[650]">Held against this job</caption>
      <thead>
        <tr className="border-b border-ink text-left type-second">
          <th className="font-normal">part</th>
          <th className="text-right font-normal">there</th>
          <th className="text-right font-normal">needed</th>
          <th className="pl-3 font-normal">so</th>
        </tr>
      </thead>
      <tbody>
        {compared.map((one) => (
          <tr key={one.part.code} className="border-b border-hair align-top">
            <td>{partTitle(one.part)}</td>
            <td className="text-right">{one.theirs}</td>
            <td className="text-right">{one.ours}</td>
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
