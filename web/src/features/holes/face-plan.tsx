'use client';

import { formatLength, fromRimM, noDrillZones, ownWayIn } from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { HoleMark } from './hole-mark';
import { type FaceViewProps } from './sheet-view';

const LEFT = 22;
const RIGHT = 150;
const TOP = 26;

/** A top or bottom seen from above, the front at its foot: no-drill rings, way in, and every opening from the rim. */
export function FacePlan({ tank, shape, holes, pxPerM, heightPx, onLive }: FaceViewProps) {
  const measures = useJob((state) => state.job.measures);
  const selected = useJob((state) => state.selectedId);
  const [width, height] = [shape.acrossM * pxPerM, shape.alongM * pxPerM];
  const foot = TOP + height;
  const at = (leftM: number, frontM: number): readonly [number, number] => [
    LEFT + leftM * pxPerM,
    foot - frontM * pxPerM,
  ];
  const zones = noDrillZones(tank).filter(({ face }) => face === shape.face);
  const own = holes.filter(({ face }) => face === shape.face);
  const outline = shape.round
    ? `M${LEFT} ${TOP + height / 2}a${width / 2} ${height / 2} 0 1 1 ${width} 0a${width / 2} ${height / 2} 0 1 1 ${-width} 0Z`
    : `M${LEFT} ${TOP}h${width}v${height}h${-width}Z`;
  const clip = `plan-${tank.id}-${shape.face}`;
  const way = shape.face === 'top' ? ownWayIn(tank) : undefined;
  return (
    <svg
      viewBox={`0 0 ${LEFT + width + RIGHT} ${Math.max(heightPx, foot + 34)}`}
      style={{ width: LEFT + width + RIGHT }}
      className="h-auto max-w-full min-w-0"
      role="group"
      aria-label={`${shape.name} seen from above`}
    >
      <clipPath id={clip}>
        <path d={outline} />
      </clipPath>
      <text x={LEFT} y={14} className="type-row" style={{ fill: 'var(--ink)', fontWeight: 650 }}>
        {tank.label} {shape.name.toLowerCase()}, seen from above
      </text>
      <path d={outline} fill="var(--sheet)" />
      <g clipPath={`url(#${clip})`}>
        {zones.map((zone, index) => {
          if (zone.shape !== 'ring') return null;
          const [x, y] = at(zone.fromLeftM, zone.fromFrontM);
          const [inner, outer] = [zone.fromM * pxPerM, Math.min(zone.toM, shape.acrossM) * pxPerM];
          return (
            <path
              key={index}
              d={`M${x - outer} ${y}a${outer} ${outer} 0 1 0 ${2 * outer} 0a${outer} ${outer} 0 1 0 ${-2 * outer} 0ZM${x - inner} ${y}a${inner} ${inner} 0 1 1 ${2 * inner} 0a${inner} ${inner} 0 1 1 ${-2 * inner} 0Z`}
              fill="url(#no-drill)"
              fillRule="evenodd"
              stroke="var(--hair)"
              strokeWidth={0.8}
            >
              <title>{`${zone.reason}: no drilling`}</title>
            </path>
          );
        })}
        {way && (
          <circle
            cx={at(way.leftM, way.frontM)[0]}
            cy={at(way.leftM, way.frontM)[1]}
            r={(way.widthM / 2) * pxPerM}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={0.9}
          />
        )}
      </g>
      <path d={outline} fill="none" stroke="var(--ink)" strokeWidth={2.25} />
      <path
        d={`M${LEFT + width / 2} ${TOP - 6}V${foot + 6}M${LEFT - 6} ${TOP + height / 2}H${LEFT + width + 6}`}
        stroke="var(--hair-2)"
        strokeWidth={0.9}
        strokeDasharray="14 3 3 3"
      />
      <text
        x={LEFT + width / 2}
        y={foot + 20}
        textAnchor="middle"
        className="type-scale"
        style={{ fill: 'var(--ink-2)' }}
      >
        front
      </text>
      <text x={LEFT + width + 14} y={TOP + 8} className="type-scale" style={{ fill: 'var(--ink-2)' }}>
        from the rim
      </text>
      {own.map((hole, index) => {
        const rim = fromRimM(tank, hole) ?? 0;
        return (
          <text
            key={hole.id}
            x={LEFT + width + 14}
            y={TOP + 28 + index * 20}
            className="type-row"
            style={{ fill: 'var(--ink)', fontWeight: hole.id === selected ? 700 : 400 }}
          >
            {hole.label} {formatLength(Math.max(0, rim), measures)}
          </text>
        );
      })}
      {zones.length > 0 && (
        <text
          x={LEFT + width + 14}
          y={TOP + 38 + own.length * 20}
          className="type-scale"
          style={{ fill: 'var(--ink-2)' }}
        >
          hatched: {[...new Set(zones.map(({ reason }) => reason))].join(', ')}
        </text>
      )}
      {own.map((hole) => {
        const [x, y] = at(hole.aroundM, hole.depthM);
        return (
          <HoleMark
            key={hole.id}
            hole={hole}
            tank={tank}
            x={x}
            y={y}
            pxPerM={pxPerM}
            axes={{ right: 'aroundM', up: 'depthM' }}
            onLive={onLive}
            cross
            view={`on the ${shape.name.toLowerCase()}`}
          >
            <text
              x={x}
              y={y - Math.max(4, pxPerM * 0.04) - 10}
              textAnchor="middle"
              className="halo type-scale"
              style={{ fill: 'var(--ink)', fontWeight: 650 }}
            >
              {hole.label}
            </text>
          </HoleMark>
        );
      })}
    </svg>
  );
}
