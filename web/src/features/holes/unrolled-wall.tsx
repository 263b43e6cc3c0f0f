'use client';

import { circumferenceM, formatLength, holeDiameterM, lengthFigure, lengthUnit, tankType } from '@herrero/core';
import { spread } from '@/drawing/geometry/spread';
import { useJob } from '../desk/job-provider';
import { HoleLabels } from './hole-labels';
import { type HoleProps, type ViewProps } from './sheet-view';
import { useKeyMove, useLiveDrag } from './use-hole-gestures';

/** The wall laid flat from the datum seam, seen from outside, with what may not be drilled and running dimensions. */
export function UnrolledWall({ tank, holes, levels, pxPerM, baseY, heightPx, onLive }: ViewProps) {
  const measures = useJob((state) => state.job.measures);
  const selected = useJob((state) => state.selectedId);
  const width = circumferenceM(tank) * pxPerM;
  const left = 12;
  const right = 14;
  const y = (heightM: number): number => baseY - heightM * pxPerM;
  const bands = tankType(tank.type).noDrill(tank);
  const wall = holes.filter(({ face }) => face === 'wall').toSorted((a, b) => a.aroundM - b.aroundM);
  const onTop = holes.filter(({ face }) => face === 'top');
  // Holes above one another share their figure.
  const places = wall.filter(
    (hole, index) => index === 0 || Math.abs(hole.aroundM - (wall[index - 1]?.aroundM ?? 0)) > 0.001,
  );
  const figures = spread(
    places.map(({ aroundM }) => left + aroundM * pxPerM),
    40,
    left + 62,
    left + width - 10,
  );
  return (
    <svg
      viewBox={`0 0 ${left + width + right} ${heightPx}`}
      style={{ width: left + width + right }}
      className="h-auto max-w-full min-w-0 max-md:!w-[620px] max-md:max-w-none"
      role="group"
      aria-label="Wall unrolled"
    >
      <text x={left} y={14} className="type-row" style={{ fill: 'var(--ink)', fontWeight: 650 }}>
        {tank.label} wall, unrolled, seen from outside
      </text>
      <text x={left + width} y={14} textAnchor="end" className="type-second" style={{ fill: 'var(--ink-2)' }}>
        {onTop.length === 0 ? '' : `${onTop.map(({ label }) => label).join(', ')} on top`}
      </text>
      <rect
        x={left}
        y={y(levels.fullM)}
        width={width}
        height={levels.fullM * pxPerM}
        fill="var(--water-fill)"
        opacity={0.55}
      />
      {levels.deadM > 0 && (
        <rect
          x={left}
          y={y(levels.deadM)}
          width={width}
          height={levels.deadM * pxPerM}
          fill="var(--water-deep)"
          opacity={0.7}
        />
      )}
      {bands.map(({ fromM, toM, reason }) => (
        <g key={`${reason} ${fromM}`}>
          <rect
            x={left}
            y={y(toM)}
            width={width}
            height={(toM - fromM) * pxPerM}
            fill="url(#no-drill)"
            stroke="var(--hair)"
            strokeWidth={0.8}
          />
          <text
            x={left + width - 6}
            y={Math.min(y((fromM + toM) / 2) + 5, baseY - 3)}
            textAnchor="end"
            className="halo type-scale"
            style={{ fill: 'var(--ink-2)' }}
          >
            {reason}: no drilling
          </text>
        </g>
      ))}
      <path d={`M${left} ${y(levels.fullM)}h${width}`} stroke="var(--water)" strokeWidth={1.6} />
      {levels.deadM > 0 && (
        <>
          <path
            d={`M${left} ${y(levels.deadM)}h${width}`}
            stroke="var(--water)"
            strokeWidth={1.2}
            strokeDasharray="7 4"
          />
          <text x={left + 8} y={y(levels.deadM) + 15} className="fill-water-ink type-scale" style={{ fontWeight: 650 }}>
            dead water {formatLength(levels.deadM, measures)}
          </text>
        </>
      )}
      <rect
        x={left}
        y={y(tank.heightM)}
        width={width}
        height={tank.heightM * pxPerM}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <path d={`M${left} ${y(tank.heightM) - 4}V${baseY + 8}`} stroke="var(--ink)" strokeWidth={3} />
      <path d={`M${left} ${baseY + 16}h${width}`} stroke="var(--ink)" strokeWidth={0.9} />
      <text x={left + 2} y={baseY + 34} className="type-row" style={{ fill: 'var(--ink)', fontWeight: 650 }}>
        0 seam
      </text>
      {places.map((hole, index) => {
        const x = left + hole.aroundM * pxPerM;
        const chosen = wall.some(({ id, aroundM }) => id === selected && Math.abs(aroundM - hole.aroundM) <= 0.001);
        const highest = Math.max(
          ...wall.filter(({ aroundM }) => Math.abs(aroundM - hole.aroundM) <= 0.001).map(({ heightM }) => heightM),
        );
        return (
          <g key={hole.id}>
            <path d={`M${x} ${y(highest)}V${baseY + 16}`} stroke="var(--hair-2)" strokeWidth={0.9} />
            <path d={`M${x - 4} ${baseY + 20}l8 -8`} stroke="var(--ink)" strokeWidth={1.2} />
            <text
              x={figures[index]}
              y={baseY + 34}
              textAnchor="middle"
              className="type-row"
              style={{ fill: 'var(--ink)', fontWeight: chosen ? 700 : 400 }}
            >
              {lengthFigure(hole.aroundM, measures)}
            </text>
            {chosen && (
              <path
                d={`M${(figures[index] ?? x) - 18} ${baseY + 40}h36`}
                stroke="var(--brass-line)"
                strokeWidth={2.5}
              />
            )}
          </g>
        );
      })}
      <text x={left + 2} y={baseY + 52} className="type-scale" style={{ fill: 'var(--ink-2)' }}>
        {lengthUnit(measures)} round the wall to each hole centre; heights from the base
      </text>
      <HoleLabels wall={wall} left={left} width={width} baseY={baseY} pxPerM={pxPerM} />
      {wall.map((hole) => (
        <WallHole key={hole.id} hole={hole} tank={tank} left={left} baseY={baseY} pxPerM={pxPerM} onLive={onLive} />
      ))}
    </svg>
  );
}

function WallHole({ hole, tank, left, baseY, pxPerM, onLive }: HoleProps & { readonly left: number }) {
  const selected = useJob((state) => state.selectedId === hole.id);
  const pointed = useJob((state) => state.pointedId === hole.id);
  const diameterM = useJob((state) => holeDiameterM(hole.id, state.job, state.plan.context.index));
  const measures = useJob((state) => state.job.measures);
  const stored = useJob((state) => state.job.penetrations.find(({ id }) => id === hole.id)) ?? hole;
  const bind = useLiveDrag(stored, tank, pxPerM, true, onLive);
  const keyMove = useKeyMove(stored, tank);
  const radius = Math.max(4, ((diameterM ?? 0.03) / 2) * pxPerM);
  const [x, y] = [left + hole.aroundM * pxPerM, baseY - hole.heightM * pxPerM];
  const name = `${hole.label} ${hole.name} on the unrolled wall: ${formatLength(hole.heightM, measures)} up, ${formatLength(hole.aroundM, measures)} round. Arrow keys move it.`;
  return (
    <g
      {...bind()}
      onKeyDown={keyMove}
      tabIndex={0}
      role="button"
      aria-label={name}
      aria-pressed={selected}
      className="cursor-move touch-none"
    >
      <circle cx={x} cy={y} r={Math.max(18, radius)} fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r={radius}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={1.5}
        strokeDasharray={hole.port === null ? undefined : '3 3'}
      />
      <path
        d={`M${x - radius - 3} ${y}h${2 * radius + 6}M${x} ${y - radius - 3}v${2 * radius + 6}`}
        stroke="var(--ink)"
        strokeWidth={0.9}
      />
      {(selected || pointed) && (
        <circle cx={x} cy={y} r={radius + 6} fill="none" stroke="var(--brass-line)" strokeWidth={3} />
      )}
    </g>
  );
}
