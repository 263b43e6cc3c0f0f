'use client';

import { FALL_LINE, type FallLine, poleMarks } from '@/drawing/geometry/fall-line';
import { useJob } from '../../store/job-provider';
import { Label } from './fall-line-marks';
import { heightWords } from './site-words';

/** Above the full level nothing comes by itself; below it the water reaches, below the lowest always. */
export function Reach({ line }: { readonly line: FallLine }) {
  const { fullM, lowM, slopeX, y, topM, footM } = line;
  const measures = useJob((state) => state.job.measures);
  if (fullM === undefined) return null;
  const [x, wide] = [slopeX + 14, FALL_LINE.width - slopeX - 20];
  return (
    <g>
      <rect x={x} y={y(topM)} width={wide} height={Math.max(0, y(fullM) - y(topM))} fill="url(#no-drill)" />
      <rect
        x={x}
        y={y(fullM)}
        width={wide}
        height={Math.max(0, y(lowM ?? fullM) - y(fullM))}
        fill="var(--water-fill)"
        opacity={0.55}
      />
      {lowM !== undefined && (
        <rect
          x={x}
          y={y(lowM)}
          width={wide}
          height={Math.max(0, y(footM) - y(lowM))}
          fill="var(--water-fill)"
          opacity={0.28}
        />
      )}
      <path
        d={`M${FALL_LINE.pole + 170} ${y(fullM)}H${x + wide}`}
        stroke="var(--water)"
        strokeWidth={1.6}
        strokeDasharray="7 4"
      />
      {lowM !== undefined && (
        <path
          d={`M${FALL_LINE.pole + 170} ${y(lowM)}H${x + wide}`}
          stroke="var(--water)"
          strokeWidth={1.4}
          strokeDasharray="7 4"
        />
      )}
      {line.places.length > 0 && (
        <Label x={x + 6} y={y(topM) + 16} strong>
          Above the full level: gravity does not reach
        </Label>
      )}
      <text
        x={x + 6}
        y={y(fullM) - 5}
        className="halo text-[14px] [font-stretch:76%]"
        style={{ fill: 'var(--water-ink)', fontWeight: 600 }}
      >
        full {heightWords(fullM, line.datumM, measures)}
      </text>
      {lowM !== undefined && y(lowM) - y(fullM) > 30 && (
        <text
          x={x + 6}
          y={y(lowM) - 5}
          className="halo text-[14px] [font-stretch:76%]"
          style={{ fill: 'var(--water-ink)', stroke: 'var(--water-fill)' }}
        >
          low {heightWords(lowM, line.datumM, measures)}: below it always
        </text>
      )}
    </g>
  );
}

/** Level under the tanks, then from place to place. */
export function Ground({ line }: { readonly line: FallLine }) {
  const { y, slopeX, places } = line;
  const points = [
    [FALL_LINE.pole + 4, 0],
    [slopeX, 0],
    ...places.flatMap(({ x, groundM }) => [
      [x - 34, groundM],
      [x + 34, groundM],
    ]),
    [FALL_LINE.width - 4, places.at(-1)?.groundM ?? 0],
  ] as const;
  const top = points.map(([x = 0, upM = 0]) => `${x} ${y(upM)}`).join('L');
  const under = points
    .toReversed()
    .map(([x = 0, upM = 0]) => `${x} ${y(upM) + 9}`)
    .join('L');
  return (
    <g>
      <path d={`M${top}L${under}Z`} fill="url(#ground)" />
      <path d={`M${top}`} fill="none" stroke="var(--ink)" strokeWidth={2.25} strokeLinejoin="round" />
    </g>
  );
}

export function Pole({ line, selectedM }: { readonly line: FallLine; readonly selectedM: number | undefined }) {
  const inches = useJob((state) => state.job.measures) === 'in-gal';
  const { y, topM, footM, datumM } = line;
  return (
    <g>
      <rect
        x={12}
        y={y(topM)}
        width={30}
        height={y(footM) - y(topM)}
        fill="var(--paper-deep)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <text x={12} y={y(topM) - 6} className="type-scale" style={{ fill: 'var(--ink-2)' }}>
        {inches ? 'feet' : 'm'}
      </text>
      {poleMarks(line, inches).map(({ upM, figure }) => (
        <g key={figure}>
          <path d={`M12 ${y(upM)}h9`} stroke="var(--ink)" strokeWidth={upM === datumM ? 2.25 : 1} />
          <text
            x={40}
            y={y(upM) + 4}
            textAnchor="end"
            className="type-scale"
            style={{ fill: 'var(--ink)', fontWeight: upM === datumM ? 700 : 400 }}
          >
            {figure}
          </text>
        </g>
      ))}
      {selectedM !== undefined && (
        <path
          d={`M12 ${y(selectedM)}H42M54 ${y(selectedM) - 5}L44 ${y(selectedM)}L54 ${y(selectedM) + 5}Z`}
          fill="var(--brass)"
          stroke="var(--brass-line)"
          strokeWidth={2}
        />
      )}
    </g>
  );
}
