'use client';

import {
  type Penetration,
  type Tank,
  circumferenceM,
  formatLength,
  holeDiameterM,
  lengthFigure,
  lengthUnit,
  tankType,
} from '@herrero/core';
import { type KeyboardEvent, useState } from 'react';
import { seenFromFront, tankShape } from '@/drawing/geometry/tank-shape';
import { spread } from '@/drawing/geometry/spread';
import { useJob } from '../desk/job-provider';
import { tankLevels, usableWords } from './hole-levels';
import { type HolePlace, useHoleDrag } from './use-hole-drag';

const POLE = 46;
const SHEET_WIDTH = 800;
const TOP_ROOM = 44;
const FOOT_ROOM = 60;
const LEAST_HEIGHT = 210;
const MOST_HEIGHT = 250;
const LABEL_GAP = 92;

/** Elevation, story pole and unrolled wall of one tank: one scale, one base line, so that a level runs through all three. */
export function HolesSheet({ tank }: { readonly tank: Tank }) {
  const job = useJob((state) => state.job);
  const plan = useJob((state) => state.plan);
  const [live, setLive] = useState<{ id: string; place: HolePlace }>();
  const shownJob = live
    ? {
        ...job,
        penetrations: job.penetrations.map((hole) => (hole.id === live.id ? { ...hole, ...live.place } : hole)),
      }
    : job;
  const holes = shownJob.penetrations.filter(({ tankId }) => tankId === tank.id);
  const levels = tankLevels(tank, shownJob, plan);
  const around = circumferenceM(tank);
  const wholeM = tank.heightM + tank.plinthM;
  const pxPerM = Math.min(MOST_HEIGHT / wholeM, (SHEET_WIDTH - POLE - 74) / (tank.diameterM * 1.08 + around));
  const bodyPx = Math.max(LEAST_HEIGHT * 0.6, wholeM * pxPerM);
  const baseY = TOP_ROOM + bodyPx - tank.plinthM * pxPerM;
  const heightPx = baseY + Math.max(FOOT_ROOM, tank.plinthM * pxPerM + 16);
  const shared = { tank, holes, levels, pxPerM, baseY, heightPx, onLive: setLive } as const;
  return (
    <figure
      className="sheet flex gap-1 p-1.5 max-md:flex-col max-md:overflow-x-auto"
      aria-label={`${tank.label} to scale with its holes`}
    >
      <Elevation {...shared} words={usableWords(levels, job)} />
      <UnrolledWall {...shared} />
    </figure>
  );
}

interface ViewProps {
  readonly tank: Tank;
  readonly holes: readonly Penetration[];
  readonly levels: ReturnType<typeof tankLevels>;
  readonly pxPerM: number;
  readonly baseY: number;
  readonly heightPx: number;
  readonly onLive: (live: { id: string; place: HolePlace } | undefined) => void;
}

function Elevation({
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

const keyMoves: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
};

/** Arrow keys move by 1/16 in or 1 mm, with Shift by ten of them. */
function useKeyMove(hole: Penetration, tank: Tank) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  return (event: KeyboardEvent): void => {
    if (event.key === 'Enter' || event.key === ' ') return select(hole.id);
    const move = keyMoves[event.key];
    if (!move) return;
    event.preventDefault();
    const step = (measures === 'mm-l' ? 0.001 : 0.0254 / 16) * (event.shiftKey ? 10 : 1);
    const [field, to] =
      move[1] !== 0
        ? (['heightM', Math.min(tank.heightM, Math.max(0, hole.heightM + move[1] * step))] as const)
        : (['aroundM', Math.min(circumferenceM(tank), Math.max(0, hole.aroundM + move[0] * step))] as const);
    make([{ type: 'change-field', in: 'penetrations', id: hole.id, field, from: hole[field], to }]);
  };
}

interface HoleProps {
  readonly hole: Penetration;
  readonly tank: Tank;
  readonly pxPerM: number;
  readonly baseY: number;
  readonly onLive: ViewProps['onLive'];
}

/** Drags one hole and tells the sheet where it is meanwhile, so that levels and volumes follow. */
function useLiveDrag(hole: Penetration, tank: Tank, pxPerM: number, alongWall: boolean, onLive: ViewProps['onLive']) {
  const { bind } = useHoleDrag(hole, {
    pxPerM,
    alongWall,
    mostHeightM: tank.heightM,
    mostAroundM: circumferenceM(tank),
    onMove: (place) => onLive(place && { id: hole.id, place }),
  });
  return bind;
}

function ElevationHole({ hole, tank, axis, baseY, pxPerM, onLive }: HoleProps & { readonly axis: number }) {
  const selected = useJob((state) => state.selectedId === hole.id);
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
  const name = `${hole.label} ${hole.name} in ${tank.label}, ${formatLength(hole.heightM, 'in-gal')} up`;
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

/** A story pole: figures every 6 in or 200 mm, a mark at the chosen hole and at full. */
function Pole({
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
  const minorM = measures === 'mm-l' ? 0.05 : 0.0254 * 2;
  const everyM = measures === 'mm-l' ? (tank.heightM > 1.6 ? 0.2 : 0.1) : 0.0254 * (tank.heightM > 1.8 ? 12 : 6);
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

function UnrolledWall({ tank, holes, levels, pxPerM, baseY, heightPx, onLive }: ViewProps) {
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

const LOW_PX = 96;
const LABEL_ROOM_RIGHT = 150;

/** Labels of low holes stand in one row above them, spread and tied by leaders; a high hole has its label beside it. */
function HoleLabels({
  wall,
  left,
  width,
  baseY,
  pxPerM,
}: {
  readonly wall: readonly Penetration[];
  readonly left: number;
  readonly width: number;
  readonly baseY: number;
  readonly pxPerM: number;
}) {
  const low = wall.filter(({ heightM }) => heightM * pxPerM < LOW_PX);
  const xs = spread(
    low.map(({ aroundM }) => left + aroundM * pxPerM),
    LABEL_GAP,
    left + 46,
    left + width - LABEL_ROOM_RIGHT,
  );
  const at = (hole: Penetration): readonly [number, number] => [
    left + hole.aroundM * pxPerM,
    baseY - hole.heightM * pxPerM,
  ];
  return (
    <g pointerEvents="none">
      {wall.map((hole) => {
        const [holeX, holeY] = at(hole);
        const place = low.indexOf(hole);
        if (place < 0)
          return (
            <HoleLabel
              key={hole.id}
              hole={hole}
              x={holeX > left + 110 ? holeX - 14 : holeX + 14}
              y={holeY + 1}
              anchor={holeX > left + 110 ? 'end' : 'start'}
            />
          );
        const x = xs[place] ?? holeX;
        return (
          <g key={hole.id}>
            <path d={`M${x} ${baseY - LOW_PX + 20}L${holeX} ${holeY - 8}`} stroke="var(--hair-2)" strokeWidth={0.9} />
            <HoleLabel hole={hole} x={x} y={baseY - LOW_PX} anchor="middle" />
          </g>
        );
      })}
    </g>
  );
}

function HoleLabel({
  hole,
  x,
  y,
  anchor,
}: {
  readonly hole: Penetration;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}) {
  const measures = useJob((state) => state.job.measures);
  const diameterM = useJob((state) => holeDiameterM(hole.id, state.job, state.plan.context.index));
  const says =
    diameterM === undefined
      ? hole.port === null
        ? 'no seal'
        : 'moulded'
      : `hole ${lengthFigure(diameterM, measures)}`;
  return (
    <>
      <text x={x} y={y} textAnchor={anchor} className="halo type-row" style={{ fill: 'var(--ink)' }}>
        {hole.label} {says}
      </text>
      <text x={x} y={y + 15} textAnchor={anchor} className="halo type-second" style={{ fill: 'var(--ink-2)' }}>
        {lengthFigure(hole.heightM, measures)} {lengthUnit(measures)} up
      </text>
    </>
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
