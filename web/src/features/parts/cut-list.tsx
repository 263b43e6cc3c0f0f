'use client';

import { type Bar, type CutBars, formatLength, formatStockLength } from '@herrero/core';
import { useJob } from '../desk/job-provider';

const BAR_WIDTH = 312;
const BAR_HEIGHT = 30;

/** Stock lengths to scale with a mark at every cut; what is left is hatched, what is not known is dotted. */
export function CutList({ cuts }: { readonly cuts: readonly CutBars[] }) {
  if (cuts.length === 0) return null;
  const bars = cuts.flatMap((cut) => cut.bars);
  const pieces = bars.reduce((sum, bar) => sum + bar.pieces.length, 0);
  const longest = Math.max(...bars.map(({ stockM }) => stockM), 1);
  return (
    <section aria-label="Cut list">
      <h2 className="flex items-baseline justify-between border-b-2 border-ink pb-1">
        <span className="type-head">Cut list</span>
        <span className="type-second">
          {bars.length} lengths, {pieces} pieces
        </span>
      </h2>
      {cuts.map((cut) => (
        <div key={cut.code} className="pt-2">
          {cut.bars.map((bar, index) => (
            <BarDrawing key={index} title={cut.title} bar={bar} longestM={longest} />
          ))}
          {cut.bars.length > 0 && (
            <p className="type-second">
              {cut.bars.length <= cut.leastBars
                ? `${cut.bars.length === 1 ? 'One length' : `${cut.bars.length} lengths`}: no plan has fewer.`
                : `${cut.bars.length} lengths by the quick plan; no plan has fewer than ${cut.leastBars}.`}
            </p>
          )}
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
    </section>
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
  }));
  const said = pieces.map(({ label, lengthM }) => `${label} ${formatLength(lengthM, measures)}`).join(', ');
  return (
    <figure className="pb-1.5">
      <figcaption className="flex justify-between gap-2 type-row">
        <b className="truncate font-[650]">{title}</b>
        <span className="shrink-0 type-second">
          one {formatStockLength(bar.stockM, measures)}, off-cut {formatLength(bar.offCutM, measures)}
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
            />
            <path d={`M${2 + piece.from + piece.width} 0V${BAR_HEIGHT + 4}`} stroke="var(--ink)" strokeWidth={3} />
            {piece.width > 62 && (
              <text
                x={2 + piece.from + piece.width / 2}
                y={BAR_HEIGHT / 2 + 7}
                textAnchor="middle"
                className="type-scale"
                style={{ fill: 'var(--ink)' }}
              >
                <tspan fontWeight={650}>{piece.label}</tspan> {formatLength(piece.lengthM, measures)}
              </text>
            )}
          </g>
        ))}
      </svg>
      {pieces.some(({ width: wide }) => wide <= 62) && <p className="type-second">{said}</p>}
    </figure>
  );
}
