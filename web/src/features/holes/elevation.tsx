'use client';

import { formatLength, holeDiameterM } from '@herrero/core';
import { seenFromFront, tankShape } from '@/drawing/geometry/tank-shape';
import { useJob } from '../desk/job-provider';
import { type HoleProps, POLE, type ViewProps } from './sheet-view';
import { Pole } from './story-pole';
import { useKeyMove, useLiveDrag } from './use-hole-gestures';

/** The tank from the front, to scale, with its levels and its holes where they are seen from there. */
export function Elevation({
  tank,
  holes,
  levels,
  pxPerM,
  baseY,
  heightPx,
  onLive,
  words,
}: ViewProps & { readonly words: string }) {
  const measures = useJob((state) => state.job.measures);
  const selected = useJob((state) => state.selectedId);
  const shape = tankShape(tank, pxPerM);
  const side = Math.max(22, shape.radiusPx * 0.16);
  const axis = side + shape.radiusPx;
  const width = axis + shape.radiusPx + 18 + POLE;
  const plinth = tank.plinthM * pxPerM;
  const y = (heightM: number): number => baseY - heightM * pxPerM;
  const chosen = holes.find(({ id }) => id === selected);
  const clip = `inside-${tank.id}`;
  return (
    <svg
      viewBox={`0 0 ${width} ${heightPx}`}
      style={{ width }}
      className="sticky left-0 h-auto max-w-full shrink-0 max-md:!w-full md:static"
      role="group"
      aria-label="Elevation"
    >
      <clipPath id={clip}>
        <path d={shape.outline} transform={`translate(${axis} ${baseY})`} />
      </clipPath>
      <path d={shape.outline} transform={`translate(${axis} ${baseY})`} fill="var(--sheet)" />
      <g clipPath={`url(#${clip})`}>
        <rect x={0} y={y(levels.fullM)} width={width} height={levels.fullM * pxPerM} fill="var(--water-fill)" />
        {levels.deadM > 0 && (
          <rect x={0} y={y(levels.deadM)} width={width} height={levels.deadM * pxPerM} fill="var(--water-deep)" />
        )}
      </g>
      {shape.ribs.map((rib) => (
        <path
          key={rib}
          d={rib}
          transform={`translate(${axis} ${baseY})`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={0.9}
          opacity={0.55}
        />
      ))}
      <path
        d={`M${axis - shape.radiusPx} ${y(levels.fullM)}H${width - POLE}`}
        stroke="var(--water)"
        strokeWidth={1.6}
      />
      {levels.deadM > 0 && (
        <path
          d={`M${axis - shape.radiusPx} ${y(levels.deadM)}H${width - POLE}`}
          stroke="var(--water)"
          strokeWidth={1.2}
          strokeDasharray="7 4"
        />
      )}
      <path
        d={shape.outline}
        transform={`translate(${axis} ${baseY})`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.25}
        strokeLinejoin="round"
      />
      <text
        x={axis}
        y={y(levels.fullM) + 18}
        textAnchor="middle"
        className="halo fill-water-ink text-[14px] font-semibold [font-stretch:80%]"
        style={{ stroke: 'var(--water-fill)' }}
      >
        full {formatLength(levels.fullM, measures)}
      </text>
      <text
        x={axis}
        y={y(levels.fullM) + 34}
        textAnchor="middle"
        className="halo fill-water-ink text-[13.5px] [font-stretch:76%]"
        style={{ stroke: 'var(--water-fill)' }}
      >
        {words}
      </text>
      {plinth > 3 && (
        <g>
          <rect
            x={axis - shape.radiusPx - 8}
            y={baseY}
            width={2 * shape.radiusPx + 16}
            height={plinth}
            fill="var(--mat-block)"
            stroke="var(--ink)"
            strokeWidth={1.5}
          />
          <path
            d={`M${axis - shape.radiusPx - 8} ${baseY + plinth / 2}h${2 * shape.radiusPx + 16}M${axis - shape.radiusPx * 0.4} ${baseY}v${plinth / 2}M${axis + shape.radiusPx * 0.5} ${baseY}v${plinth / 2}M${axis} ${baseY + plinth / 2}v${plinth / 2}`}
            stroke="var(--ink)"
            strokeWidth={0.9}
            fill="none"
          />
          <text
            x={axis}
            y={baseY + plinth / 2 + 5}
            textAnchor="middle"
            className="halo type-scale"
            style={{ stroke: 'var(--mat-block)', fill: 'var(--ink)' }}
          >
            plinth {formatLength(tank.plinthM, measures)}
          </text>
        </g>
      )}
      <rect x={4} y={baseY + plinth} width={width - POLE - 8} height={9} fill="url(#ground)" />
      <path d={`M4 ${baseY + plinth}H${width - POLE - 4}`} stroke="var(--ink)" strokeWidth={2.25} />
      {holes.map((hole) => (
        <ElevationHole
          key={hole.id}
          hole={hole}
          tank={tank}
          axis={axis}
          baseY={baseY}
          pxPerM={pxPerM}
          onLive={onLive}
        />
      ))}
      <Pole
        tank={tank}
        x={width - POLE}
        baseY={baseY}
        pxPerM={pxPerM}
        levels={levels}
        chosenM={chosen?.face === 'wall' ? chosen.heightM : undefined}
      />
    </svg>
  );
}

function ElevationHole({ hole, tank, axis, baseY, pxPerM, onLive }: HoleProps & { readonly axis: number }) {
  const selected = useJob((state) => state.selectedId === hole.id);
  const measures = useJob((state) => state.job.measures);
  const pointed = useJob((state) => state.pointedId === hole.id);
  const diameterM = useJob((state) => holeDiameterM(hole.id, state.job, state.plan.context.index));
  const stored = useJob((state) => state.job.penetrations.find(({ id }) => id === hole.id)) ?? hole;
  const bind = useLiveDrag(stored, tank, pxPerM, false, onLive);
  const keyMove = useKeyMove(stored, tank);
  const radius = Math.max(4, ((diameterM ?? 0.03) / 2) * pxPerM);
  const ring = selected || pointed;
  if (hole.face === 'top') {
    const x = axis - tank.diameterM * 0.5 * pxPerM + hole.aroundM * pxPerM;
    const y = baseY - hole.heightM * pxPerM;
    return (
      <g {...bind()} className="cursor-pointer touch-none">
        <path
          d={`M${x - radius} ${y}V${y - 16}H${x + radius}V${y}`}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={1.5}
        />
        {ring && (
          <rect
            x={x - radius - 5}
            y={y - 21}
            width={2 * radius + 10}
            height={26}
            fill="none"
            stroke="var(--brass-line)"
            strokeWidth={3}
          />
        )}
        <text
          x={x}
          y={y - 24}
          textAnchor="middle"
          className="halo type-scale"
          style={{ fill: 'var(--ink)', fontWeight: 650 }}
        >
          {hole.label}
        </text>
      </g>
    );
  }
  const { across, hidden } = seenFromFront(tank, hole.aroundM);
  const x = axis + across * (tank.diameterM / 2) * pxPerM;
  const y = baseY - hole.heightM * pxPerM;
  const name = `${hole.label} ${hole.name} in ${tank.label}, ${formatLength(hole.heightM, measures)} up`;
  return (
    <g
      {...bind()}
      onKeyDown={keyMove}
      tabIndex={0}
      role="button"
      aria-label={name}
      aria-pressed={selected}
      className="cursor-ns-resize touch-none"
    >
      <circle cx={x} cy={y} r={Math.max(16, radius)} fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r={radius}
        fill={hidden ? 'none' : 'var(--sheet)'}
        stroke="var(--ink)"
        strokeWidth={hidden ? 2 : 1.5}
        strokeDasharray={hidden ? '0.1 4' : undefined}
        strokeLinecap="round"
      />
      {!hidden && <circle cx={x} cy={y} r={1.6} fill="var(--ink)" />}
      {ring && <circle cx={x} cy={y} r={radius + 5} fill="none" stroke="var(--brass-line)" strokeWidth={3} />}
      <text
        x={x}
        y={y - radius - 8}
        textAnchor="middle"
        className="halo type-scale"
        style={{
          fill: 'var(--ink)',
          fontWeight: 650,
          stroke: hole.heightM < tank.brimM ? 'var(--water-fill)' : undefined,
        }}
      >
        {hole.label}
      </text>
    </g>
  );
}
