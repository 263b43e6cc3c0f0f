'use client';

import {
  type Bar,
  type CutBars,
  type Measures,
  type Piece,
  bothLengths,
  bought,
  centreToCentre,
  cutWords,
  formatLength,
  formatStockLength,
  isToSearch,
  leavesLongest,
  longestLeftM,
  measuredToWords,
  tapeMarks,
} from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { LeftOvers, OnHand } from './left-overs';
import { useCutSearch } from './use-cut-search';

const BAR_WIDTH = 312;
const BAR_HEIGHT = 30;
/** A piece narrower than this has no room for its words [px]. */
const NARROW = 62;

/** Bars to scale with a mark at every cut; what is left is hatched, what is not known is dotted. */
export function CutList({ cuts }: { readonly cuts: readonly CutBars[] }) {
  const { progress, problem, search, cancel } = useCutSearch(cuts);
  const [marks, setMarks] = useState(false);
  if (cuts.length === 0) return null;
  const bars = cuts.flatMap((cut) => cut.bars);
  const pieces = bars.reduce((sum, bar) => sum + bar.pieces.length, 0);
  return (
    <section aria-label="Cut list" className="mt-5">
      <h2 className="flex items-baseline justify-between border-b-2 border-ink pb-1">
        <span className="type-head">Cut list</span>
        <span className="type-second">
          {bars.length} {bars.length === 1 ? 'length' : 'lengths'}, {pieces} {pieces === 1 ? 'piece' : 'pieces'}
        </span>
      </h2>
      <p className="no-print flex flex-wrap gap-x-5">
        <Action aria-expanded={marks} onClick={() => setMarks(!marks)}>
          {marks ? 'Put the marks away' : 'Marks for the tape'}
        </Action>
        {progress ? (
          <Action onClick={cancel}>Stop looking: {progress.bars} so far</Action>
        ) : (
          cuts.some(isToSearch) && <Action onClick={search}>Look for a better cut</Action>
        )}
      </p>
      {problem !== undefined && (
        <p role="alert" className="type-row">
          {problem}
        </p>
      )}
      {cuts.map((cut) => (
        <div key={cut.code} className="pt-2">
          {cut.bars.map((bar, index) => (
            <div key={index}>
              <BarDrawing title={cut.title} bar={bar} longestM={Math.max(...cut.bars.map(({ stockM }) => stockM))} />
              {marks && <Marks bar={bar} kerfM={cut.order.kerfM} />}
            </div>
          ))}
          {cut.bars.length > 0 && <HowGood cut={cut} />}
          {cut.unknown.map((place, index) => (
            <p key={`${place} ${index}`} className="type-row">
              <span className="font-[650]">{cut.title}</span>{' '}
              <span className="type-second">{place}: cut last, its length is not known yet</span>
              <svg width={160} height={14} className="block" aria-hidden="true">
                <path
                  d="M4 7H156"
                  stroke="var(--ink)"
                  strokeWidth={2.4}
                  strokeLinecap="round"
                  strokeDasharray="0.1 5"
                />
              </svg>
            </p>
          ))}
        </div>
      ))}
      <OnHand cuts={cuts} />
      <LeftOvers cuts={cuts} />
    </section>
  );
}

/** What is known of how few lengths there can be, and of how long a piece they can leave. */
function HowGood({ cut }: { readonly cut: CutBars }) {
  const measures = useJob((state) => state.job.measures);
  const { bars, leastBars, mostLeftM, searched } = cut;
  const buys = bought(bars);
  const onHand = bars.length - buys;
  const hand = onHand === 0 ? '' : `, ${onHand} on hand`;
  const by = searched ? 'the best found' : 'by the quick plan';
  return (
    <p className="type-second">
      {buys === 1 ? 'One length' : `${buys} lengths`} to buy{hand}
      {buys <= leastBars ? ': no plan buys fewer.' : `, ${by}; no plan buys fewer than ${leastBars}.`}
      {bars.length > 1 && (
        <>
          {' '}
          Longest off-cut {formatLength(longestLeftM(bars), measures)}
          {leavesLongest(bars, mostLeftM)
            ? ': these lengths leave no longer one.'
            : `, ${by}; these lengths leave none longer than ${formatLength(mostLeftM, measures)}.`}
        </>
      )}
    </p>
  );
}

/** Each piece as it is cut, and where its mark stands by a tape that stays hooked on the end. */
function Marks({ bar, kerfM }: { readonly bar: Bar; readonly kerfM: number }) {
  const marks = tapeMarks(bar, kerfM);
  return (
    <table className="mb-2 w-full type-row">
      <caption className="text-left type-second">
        Hook the tape on one end and leave it there; saw on the far side of each mark.
      </caption>
      <thead>
        <tr className="border-b border-hair text-left type-second">
          <th className="font-normal">piece</th>
          <th className="font-normal">mark at</th>
        </tr>
      </thead>
      <tbody>
        {bar.pieces.map((piece, place) => (
          <tr key={place} className="border-b border-hair align-top">
            <td className="py-1 pr-3">
              <b className="font-[650]">{piece.label}</b> {cutWords(piece)}
              <AsMade piece={piece} />
            </td>
            <td className="py-1">{marks[place] === undefined ? 'end of the bar' : bothLengths(marks[place])}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What the piece measures between its neighbours, dry and made: how it is checked on the wall. */
function AsMade({ piece: { use } }: { readonly piece: Piece }) {
  const context = useJob((state) => state.plan.context);
  const between = use && centreToCentre(use.id, context);
  if (!between) return null;
  return (
    <span className="block type-second">
      {measuredToWords(between.from)} to {measuredToWords(between.to)}: {bothLengths(between.madeM)} made
      {between.dryM && `; dry ${bothLengths(between.dryM[0])} to ${bothLengths(between.dryM[1])}`}
    </span>
  );
}

function BarDrawing({
  title,
  bar,
  longestM,
}: {
  readonly title: string;
  readonly bar: Bar;
  readonly longestM: number;
}) {
  const measures = useJob((state) => state.job.measures);
  const width = Math.max(90, (bar.stockM / longestM) * BAR_WIDTH);
  const scale = width / bar.stockM;
  const pieces = bar.pieces.map((piece, index) => ({
    ...piece,
    from: bar.pieces.slice(0, index).reduce((sum, { lengthM }) => sum + lengthM * scale, 0),
    width: piece.lengthM * scale,
    words: shortWords(piece, measures),
  }));
  const said = pieces.map(({ label, words }) => `${label} ${words}`).join(', ');
  return (
    <figure className="pb-1.5">
      <figcaption className="flex justify-between gap-2 type-row">
        <b className="truncate font-[650]">{title}</b>
        <span className="shrink-0 type-second">
          {bar.onHand ? 'on hand' : 'one'} {formatStockLength(bar.stockM, measures)}, off-cut{' '}
          {formatLength(bar.offCutM, measures)}
        </span>
      </figcaption>
      <svg
        viewBox={`0 0 ${BAR_WIDTH + 4} ${BAR_HEIGHT + 4}`}
        className="w-full max-w-[420px]"
        role="img"
        aria-label={`${title}: ${said}`}
      >
        <rect
          x={2}
          y={2}
          width={width}
          height={BAR_HEIGHT}
          fill="url(#no-drill)"
          stroke="var(--ink)"
          strokeWidth={1.5}
        />
        {pieces.map((piece, index) => (
          <g key={index}>
            <rect
              x={2 + piece.from}
              y={2}
              width={piece.width}
              height={BAR_HEIGHT}
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth={1.5}
              strokeDasharray={piece.kind === undefined ? undefined : '4 3'}
            />
            <path d={`M${2 + piece.from + piece.width} 0V${BAR_HEIGHT + 4}`} stroke="var(--ink)" strokeWidth={3} />
            {piece.width > NARROW && (
              <text
                x={2 + piece.from + piece.width / 2}
                y={BAR_HEIGHT / 2 + 7}
                textAnchor="middle"
                className="type-scale"
                style={{ fill: 'var(--ink)' }}
              >
                <tspan fontWeight={650}>{piece.label}</tspan> {piece.words}
              </text>
            )}
          </g>
        ))}
      </svg>
      {pieces.some(({ width: wide }) => wide <= NARROW) && <p className="type-second">{said}</p>}
    </figure>
  );
}

/** What is not computed is said with a sign that it is not exact. */
const shortWords = ({ kind, lengthM }: Piece, measures: Measures): string =>
  `${kind === undefined ? '' : '≈ '}${formatLength(lengthM, measures)}`;
