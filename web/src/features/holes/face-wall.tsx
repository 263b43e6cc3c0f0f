'use client';

import { type NoDrillZone, formatLength, lengthFigure, lengthUnit, noDrillZones } from '@herrero/core';
import { spread } from '@/drawing/geometry/spread';
import { useJob } from '../../store/job-provider';
import { HoleLabels } from './hole-labels';
import { HoleMark } from './hole-mark';
import { type FaceViewProps } from './sheet-view';

const LEFT = 12;
/** Beside a narrow face stands what would not fit in it. */
const RIGHT = 14;
const RIGHT_OF_NARROW = 150;
const NARROW_PX = 330;
/** A band this high or wide has room for its reason. */
const ROOM_PX = 13;

/** An upright face laid flat, seen from outside, with what may not be drilled and running dimensions from its mark. */
export function FaceWall({ tank, shape, holes, levels, pxPerM, baseY, heightPx, onLive }: FaceViewProps) {
  const measures = useJob((state) => state.job.measures);
  const width = shape.acrossM * pxPerM;
  const right = width < NARROW_PX ? RIGHT_OF_NARROW : RIGHT;
  const y = (heightM: number): number => baseY - heightM * pxPerM;
  const zones = noDrillZones(tank).filter(({ face }) => face === shape.face);
  const own = holes.filter(({ face }) => face === shape.face).toSorted((a, b) => a.aroundM - b.aroundM);
  const outline = shape.round
    ? `M${LEFT} ${y(shape.alongM / 2)}a${width / 2} ${(shape.alongM * pxPerM) / 2} 0 1 1 ${width} 0a${width / 2} ${(shape.alongM * pxPerM) / 2} 0 1 1 ${-width} 0Z`
    : `M${LEFT} ${y(tank.heightM)}h${width}V${baseY}h${-width}Z`;
  const clip = `face-${tank.id}-${shape.face}`;
  const upright = zones.filter((zone) => zone.shape === 'band' && zone.along === 'round');
  return (
    <svg
      viewBox={`0 0 ${LEFT + width + right} ${heightPx}`}
      style={{ width: LEFT + width + right }}
      className={`h-auto max-w-full min-w-0 ${shape.seen === 'wall' ? 'max-md:!w-[620px] max-md:max-w-none' : ''}`}
      role="group"
      aria-label={shape.seen === 'wall' ? 'Wall unrolled' : shape.name}
    >
      <clipPath id={clip}>
        <path d={outline} />
      </clipPath>
      <text x={LEFT} y={14} className="type-row" style={{ fill: 'var(--ink)', fontWeight: 650 }}>
        {tank.label} {shape.seen === 'wall' ? 'wall, unrolled' : shape.name.toLowerCase()}
        {width > 220 ? ', seen from outside' : ''}
      </text>
      <g clipPath={`url(#${clip})`}>
        <Water fromM={0} toM={levels.fullM} width={width} y={y} fill="var(--water-fill)" opacity={0.55} />
        <Water fromM={0} toM={levels.deadM} width={width} y={y} fill="var(--water-deep)" opacity={0.7} />
        {zones.map((zone, index) => (
          <Zone key={index} zone={zone} width={width} y={y} topM={tank.heightM} pxPerM={pxPerM} />
        ))}
        <path d={`M${LEFT} ${y(levels.fullM)}h${width}`} stroke="var(--water)" strokeWidth={1.6} />
        {levels.deadM > 0 && (
          <path
            d={`M${LEFT} ${y(levels.deadM)}h${width}`}
            stroke="var(--water)"
            strokeWidth={1.2}
            strokeDasharray="7 4"
          />
        )}
        <path
          d={`M${LEFT} ${y(levels.sedimentM)}h${width}`}
          stroke="var(--ink)"
          strokeWidth={1.2}
          strokeDasharray="0.1 5"
          strokeLinecap="round"
        />
      </g>
      {levels.deadM > 0 && (
        <text x={LEFT + 8} y={y(levels.deadM) + 15} className="fill-water-ink type-scale" style={{ fontWeight: 650 }}>
          dead water {formatLength(levels.deadM, measures)}
        </text>
      )}
      <path d={outline} fill="none" stroke="var(--ink)" strokeWidth={1.5} />
      {shape.seen === 'wall' && (
        <path d={`M${LEFT} ${y(tank.heightM) - 4}V${baseY + 8}`} stroke="var(--ink)" strokeWidth={3} />
      )}
      <Running
        places={own}
        width={width}
        baseY={baseY}
        pxPerM={pxPerM}
        start={shape.seen === 'wall' ? '0 seam' : '0 left'}
      />
      <text x={LEFT + 2} y={baseY + 52} className="type-scale" style={{ fill: 'var(--ink-2)' }}>
        {lengthUnit(measures)} {shape.seen === 'wall' ? 'round the wall to each hole centre' : 'from the left edge'};
        heights from the base
        {upright.length > 0 && width > 330 ? `; hatched: ${reasonsOf(upright)}` : ''}
      </text>
      <HoleLabels wall={own} left={LEFT} width={width} narrow={width < NARROW_PX} baseY={baseY} pxPerM={pxPerM} />
      {own.map((hole) => (
        <HoleMark
          key={hole.id}
          hole={hole}
          tank={tank}
          x={LEFT + hole.aroundM * pxPerM}
          y={y(hole.heightM)}
          pxPerM={pxPerM}
          axes={{ right: 'aroundM', up: 'heightM' }}
          onLive={onLive}
          cross
          view={shape.seen === 'wall' ? 'on the unrolled wall' : `on the ${shape.name.toLowerCase()}`}
        />
      ))}
    </svg>
  );
}

const reasonsOf = (zones: readonly NoDrillZone[]): string => [...new Set(zones.map(({ reason }) => reason))].join(', ');

function Water({
  fromM,
  toM,
  width,
  y,
  fill,
  opacity,
}: {
  readonly fromM: number;
  readonly toM: number;
  readonly width: number;
  readonly y: (heightM: number) => number;
  readonly fill: string;
  readonly opacity: number;
}) {
  return toM > fromM ? (
    <rect x={LEFT} y={y(toM)} width={width} height={y(fromM) - y(toM)} fill={fill} opacity={opacity} />
  ) : null;
}

/** A band that may not be drilled: hatched, with its reason where there is room. */
function Zone({
  zone,
  width,
  y,
  topM,
  pxPerM,
}: {
  readonly zone: NoDrillZone;
  readonly width: number;
  readonly y: (heightM: number) => number;
  readonly topM: number;
  readonly pxPerM: number;
}) {
  if (zone.shape !== 'band') return null;
  const thick = (zone.toM - zone.fromM) * pxPerM;
  if (zone.along === 'round')
    return (
      <rect
        x={LEFT + zone.fromM * pxPerM}
        y={y(topM)}
        width={thick}
        height={topM * pxPerM}
        fill="url(#no-drill)"
        stroke="var(--hair)"
        strokeWidth={0.8}
      >
        <title>{`${zone.reason}: no drilling`}</title>
      </rect>
    );
  return (
    <g>
      <rect
        x={LEFT}
        y={y(zone.toM)}
        width={width}
        height={thick}
        fill="url(#no-drill)"
        stroke="var(--hair)"
        strokeWidth={0.8}
      />
      {thick > ROOM_PX / 2 && (
        <text
          x={LEFT + width - 6}
          y={Math.min(y((zone.fromM + zone.toM) / 2) + 5, y(0) - 3)}
          textAnchor="end"
          className="halo type-scale"
          style={{ fill: 'var(--ink-2)' }}
        >
          {zone.reason}
          {width > 220 ? ': no drilling' : ''}
        </text>
      )}
    </g>
  );
}

/** Running dimensions from the mark or the left edge; openings above one another share their figure. */
function Running({
  places,
  width,
  baseY,
  pxPerM,
  start,
}: {
  readonly places: FaceViewProps['holes'];
  readonly width: number;
  readonly baseY: number;
  readonly pxPerM: number;
  readonly start: string;
}) {
  const measures = useJob((state) => state.job.measures);
  const selected = useJob((state) => state.selectedId);
  const same = (a: number, b: number): boolean => Math.abs(a - b) <= 0.001;
  const shown = places.filter((hole, index) => index === 0 || !same(hole.aroundM, places[index - 1]?.aroundM ?? 0));
  const figures = spread(
    shown.map(({ aroundM }) => LEFT + aroundM * pxPerM),
    40,
    LEFT + 62,
    LEFT + width - 10,
  );
  return (
    <g>
      <path d={`M${LEFT} ${baseY + 16}h${width}`} stroke="var(--ink)" strokeWidth={0.9} />
      <text x={LEFT + 2} y={baseY + 34} className="type-row" style={{ fill: 'var(--ink)', fontWeight: 650 }}>
        {start}
      </text>
      {shown.map((hole, index) => {
        const x = LEFT + hole.aroundM * pxPerM;
        const above = places.filter(({ aroundM }) => same(aroundM, hole.aroundM));
        const chosen = above.some(({ id }) => id === selected);
        const highest = Math.max(...above.map(({ heightM }) => heightM));
        return (
          <g key={hole.id}>
            <path d={`M${x} ${baseY - highest * pxPerM}V${baseY + 16}`} stroke="var(--hair-2)" strokeWidth={0.9} />
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
    </g>
  );
}
