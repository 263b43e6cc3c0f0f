'use client';

import {
  type Bar,
  type CutBars,
  type Measures,
  type Piece,
  bought,
  formatLength,
  formatStockLength,
  isToSearch,
  leavesLongest,
  longestLeftM,
} from '@herrero/core';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { LeftOvers, OnHand } from './left-overs';
import { Opening } from './opens';
import { useCutSearch } from './use-cut-search';

const TapeMarks = dynamic(() => import('./tape-marks'), { loading: Opening });

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
              {marks && <TapeMarks bar={bar} kerfM={cut.order.kerfM} />}
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
