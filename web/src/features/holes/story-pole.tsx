'use client';

import { type Tank, lengthFigure } from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { POLE, type ViewProps } from './sheet-view';

/** A figure of the pole needs this much height. */
const FIGURE_PX = 15;

/** A story pole: figures as close as they can be read, a mark at the chosen hole and at full. */
export function Pole({
  tank,
  x,
  baseY,
  pxPerM,
  levels,
  chosenM,
}: {
  readonly tank: Tank;
  readonly x: number;
  readonly baseY: number;
  readonly pxPerM: number;
  readonly levels: ViewProps['levels'];
  readonly chosenM: number | undefined;
}) {
  const measures = useJob((state) => state.job.measures);
  // As close as the figures have room for.
  const steps = measures === 'mm-l' ? [0.1, 0.2, 0.5, 1] : [6, 12, 24, 48].map((inches) => inches * 0.0254);
  const everyM = steps.find((step) => step * pxPerM >= FIGURE_PX) ?? steps.at(-1) ?? 1;
  const minorM = everyM / (measures === 'mm-l' ? 2 : 3);
  const top = baseY - tank.heightM * pxPerM;
  const minor = Array.from({ length: Math.floor(tank.heightM / minorM) + 1 }, (_, index) => index * minorM);
  const major = Array.from({ length: Math.floor(tank.heightM / everyM) + 1 }, (_, index) => index * everyM);
  return (
    <g>
      <rect
        x={x + 4}
        y={top}
        width={POLE - 12}
        height={baseY - top}
        fill="var(--paper-deep)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <path d={minor.map((m) => `M${x + 4} ${baseY - m * pxPerM}h5`).join('')} stroke="var(--ink)" strokeWidth={0.8} />
      <path d={major.map((m) => `M${x + 4} ${baseY - m * pxPerM}h10`).join('')} stroke="var(--ink)" strokeWidth={1.2} />
      {major
        .filter((m) => (tank.heightM - m) * pxPerM > 9)
        .map((m) => (
          <text
            key={m}
            x={x + POLE - 11}
            y={baseY - m * pxPerM + (m === 0 ? -2 : 4)}
            textAnchor="end"
            className="type-scale"
            style={{ fill: 'var(--ink)' }}
          >
            {lengthFigure(m, measures)}
          </text>
        ))}
      <path d={`M${x + 4} ${baseY - levels.fullM * pxPerM}h${POLE - 12}`} stroke="var(--water)" strokeWidth={2} />
      {chosenM !== undefined && (
        <path
          d={`M${x - 8} ${baseY - chosenM * pxPerM - 5}L${x + 4} ${baseY - chosenM * pxPerM}L${x - 8} ${baseY - chosenM * pxPerM + 5}ZM${x + 4} ${baseY - chosenM * pxPerM}h${POLE - 12}`}
          fill="var(--brass)"
          stroke="var(--brass-line)"
          strokeWidth={2}
        />
      )}
    </g>
  );
}
