'use client';

import {
  type CheckContext,
  type Height,
  type Measured,
  formatFlow,
  formatPressure,
  heightKey,
  heightsOf,
  lineFlows,
  readingsOf,
} from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { TROUBLE_WORDS, datumName, datumOf, heightWords, refName } from './site-words';
import { RowHead } from './row-head';

interface Row {
  readonly of: Measured;
  readonly name: string;
}

/** Every height of the job: from what it was taken, how high it lies, and what comes there from a full tank. */
export function HeightsTable({ context }: { readonly context: CheckContext }) {
  const { job } = context;
  const rows: readonly Row[] = [
    ...job.marks.map(({ id, name }): Row => ({ of: { of: 'mark', id }, name })),
    ...job.roofs.map(({ id, name }): Row => ({ of: { of: 'roof', id }, name: `gutter of ${name}` })),
    ...job.terminals.map(({ id, name }): Row => ({ of: { of: 'terminal', id }, name })),
  ];
  if (rows.length === 0) return <p className="py-3 type-row">No height yet: name a roof or a place first.</p>;
  return (
    <div className="overflow-x-auto" tabIndex={0} aria-label="Heights of the site">
      <table className="w-full min-w-[440px] type-row">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            {['height', 'taken from', `from ${datumName(job)}`, 'from a full tank'].map((title) => (
              <th key={title} scope="col" className="py-1 pr-3 type-second font-normal">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <HeightRow key={heightKey(row.of)} row={row} context={context} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function HeightRow({ row: { of, name }, context }: { readonly row: Row; readonly context: CheckContext }) {
  const { job } = context;
  const key = heightKey(of);
  const selected = useJob((state) => state.siteKey === key);
  const select = useJob((state) => state.selectSite);
  const height = heightsOf(job).get(key);
  const readings = readingsOf(job, of);
  return (
    <tr className={`border-b border-hair ${selected ? 'row-selected' : 'hover:bg-paper-deep'}`}>
      <RowHead selected={selected} onSelect={() => select(key)}>
        {name}
      </RowHead>
      <td className="pr-3 type-second">
        {readings.length === 0
          ? ''
          : readings.length === 1 && readings[0]
            ? `${refName(job, readings[0].from)}, ${readings[0].by}`
            : `${readings.length} readings`}
      </td>
      <td className="pr-3">{height && <HeightFigure height={height} context={context} />}</td>
      <td className="type-second">{of.of === 'terminal' ? <Comes id={of.id} context={context} /> : ''}</td>
    </tr>
  );
}

function HeightFigure({ height, context: { job } }: { readonly height: Height; readonly context: CheckContext }) {
  return (
    <>
      {height.upM === undefined ? (
        <span className="border-b-[3px] border-dotted border-ink-2">
          {height.trouble ? TROUBLE_WORDS[height.trouble] : ''}
        </span>
      ) : (
        <b className="font-[650]">{heightWords(height.upM, datumOf(job), job.measures)}</b>
      )}
      {height.upM !== undefined && height.trouble && (
        <span className="type-second"> {TROUBLE_WORDS[height.trouble]}</span>
      )}
    </>
  );
}

/** What comes at a place from a full tank. */
function Comes({ id, context }: { readonly id: string; readonly context: CheckContext }) {
  const { measures } = context.job;
  const found = context.runs
    .flatMap((run) => lineFlows(context, run).map((line) => ({ run, line })))
    .find(({ run, line }) => {
      const end = run.strands[line.strand]?.end;
      return end?.at === 'terminal' && end.id === id;
    });
  const full = found?.line.states.find(({ water }) => water === 'full');
  if (!full) return 'no line yet';
  return full.flowM3s === 0
    ? 'nothing'
    : `${formatFlow(full.flowM3s, measures)}; ${formatPressure(full.shutKpa, measures)} shut`;
}
