'use client';

import {
  type CheckContext,
  M3_PER_US_GALLON,
  acrossM,
  formatArea,
  formatLength,
  levelsOf,
  runoffOf,
} from '@herrero/core';
import { type KeyboardEvent, type ReactNode } from 'react';
import {
  FALL_LINE,
  type FallLine,
  type PlaceSpot,
  type RoofSpot,
  type TankSpot,
  fallLine,
  poleMarks,
} from '@/drawing/geometry/fall-line';
import { TankBase, TankFigure } from '@/drawing/view/tank-figure';
import { useJob } from '../desk/job-provider';
import { heightWords } from './site-words';
import { type LiveStand, useTankDrag } from './use-tank-drag';

interface FigureProps {
  readonly context: CheckContext;
  readonly onLive: (live: LiveStand | undefined) => void;
}

/** The whole site in one section: heights true, distances not; what gravity reaches and what it does not. */
export function FallLineFigure({ context, onLive }: FigureProps) {
  const line = fallLine(context);
  const selected = useJob((state) => state.siteKey);
  const measures = useJob((state) => state.job.measures);
  const { width, pole } = FALL_LINE;
  return (
    <figure className="sheet overflow-x-auto" tabIndex={0} aria-label="Section of the site at true heights">
      <svg
        viewBox={`0 0 ${width} ${line.height}`}
        className="block w-full min-w-[700px]"
        role="group"
        aria-label="The fall line"
      >
        <Reach line={line} />
        <Ground line={line} />
        <Pole line={line} selectedM={heightOf(line, selected)} />
        <path d={`M${pole + 6} ${line.y(line.datumM)}H${line.slopeX}`} stroke="var(--hair-2)" strokeWidth={0.9} />
        <text
          x={pole + 12}
          y={line.y(line.datumM) - 5}
          className="halo type-scale"
          style={{ fill: 'var(--ink)', fontWeight: 650 }}
        >
          0 {context.job.tanks[0] ? `the base of ${context.job.tanks[0].label}` : 'the ground'}
        </text>
        {line.marks.map(({ mark, upM }) => (
          <Selectable
            key={mark.id}
            of={`mark ${mark.id}`}
            name={`${mark.name}, ${heightWords(upM, line.datumM, measures)}`}
          >
            {/* A line is hard to hit: a band round it takes the press. */}
            <path d={`M${pole + 6} ${line.y(upM)}H${width - 8}`} stroke="transparent" strokeWidth={16} />
            <path
              d={`M${pole + 6} ${line.y(upM)}H${width - 8}`}
              stroke={selected === `mark ${mark.id}` ? 'var(--brass-line)' : 'var(--ink)'}
              strokeWidth={selected === `mark ${mark.id}` ? 2.4 : 1}
              strokeDasharray="14 3 3 3"
            />
            <Label x={width - 10} y={line.y(upM) - 5} anchor="end">
              {mark.name} {heightWords(upM, line.datumM, measures)}
            </Label>
          </Selectable>
        ))}
        {line.roofs.map((spot) => (
          <RoofFigure key={spot.roof.id} spot={spot} line={line} context={context} />
        ))}
        <Lines line={line} context={context} />
        {line.tanks.map((spot) => (
          <TankInPlace key={spot.tank.id} spot={spot} line={line} context={context} onLive={onLive} />
        ))}
        {line.places.map((spot, index) => (
          <PlaceFigure key={spot.place.id} spot={spot} line={line} low={index % 2 === 1} />
        ))}
      </svg>
      <figcaption className="flex flex-wrap gap-x-5 border-t border-hair px-3 py-1.5 type-second">
        <Key of="var(--water)" dash="7 4">
          full, and the lowest that can be drawn
        </Key>
        <Key of="var(--ink)" dash="0.1 5" round>
          not measured
        </Key>
        <span>heights true, distances not; a tank is dragged up and down</span>
      </figcaption>
    </figure>
  );
}

function Key({
  of,
  dash,
  round = false,
  children,
}: {
  readonly of: string;
  readonly dash: string;
  readonly round?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <span className="inline-flex items-center gap-2">
      <svg width={34} height={6} aria-hidden="true">
        <path d="M1 3H33" stroke={of} strokeWidth={2} strokeDasharray={dash} strokeLinecap={round ? 'round' : 'butt'} />
      </svg>
      {children}
    </span>
  );
}

const heightOf = (line: FallLine, key: string | null): number | undefined =>
  line.places.find(({ place }) => key === `terminal ${place.id}`)?.upM ??
  line.roofs.find(({ roof }) => key === `roof ${roof.id}`)?.gutterM ??
  line.marks.find(({ mark }) => key === `mark ${mark.id}`)?.upM;

function Label({
  x,
  y,
  anchor = 'start',
  strong = false,
  children,
}: {
  readonly x: number;
  readonly y: number;
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly strong?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      className="halo text-[14px] [font-stretch:76%]"
      style={{ fill: 'var(--ink)', fontWeight: strong ? 650 : 400 }}
    >
      {children}
    </text>
  );
}

/** Something of the site that is chosen by a press, by Enter or by Space. */
function Selectable({
  of,
  name,
  children,
}: {
  readonly of: string;
  readonly name: string;
  readonly children: ReactNode;
}) {
  const select = useJob((state) => state.selectSite);
  const selected = useJob((state) => state.siteKey === of);
  const pointed = useJob((state) => state.pointedId !== null && of.endsWith(` ${state.pointedId}`));
  const onKey = (event: KeyboardEvent): void => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    select(of);
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={selected}
      aria-label={name}
      onClick={() => select(of)}
      onKeyDown={onKey}
      className={`cursor-pointer ${pointed ? 'opacity-60' : ''}`}
    >
      {children}
    </g>
  );
}

/** Above the full level nothing comes by itself; below it the water reaches, below the lowest always. */
function Reach({ line }: { readonly line: FallLine }) {
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
function Ground({ line }: { readonly line: FallLine }) {
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

function Pole({ line, selectedM }: { readonly line: FallLine; readonly selectedM: number | undefined }) {
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

/** A roof with its gutter; dotted where nobody has read the gutter. */
function RoofFigure({
  spot,
  line,
  context,
}: {
  readonly spot: RoofSpot;
  readonly line: FallLine;
  readonly context: CheckContext;
}) {
  const { roof, x, gutterM, drawnM } = spot;
  const { y } = line;
  const { measures } = context.job;
  const selected = useJob((state) => state.siteKey === `roof ${roof.id}`);
  const wide = FALL_LINE.roofWidth / Math.max(1, line.roofs.length) - 16;
  const unknown = gutterM === undefined;
  const dash = unknown ? '0.1 5' : undefined;
  const rain = roof.planAreaM2 * runoffOf(roof.material) * (measures === 'in-gal' ? 0.0254 : 0.01);
  const words = unknown ? 'not measured' : heightWords(gutterM, line.datumM, measures);
  return (
    <Selectable of={`roof ${roof.id}`} name={`${roof.name}, gutter ${words}`}>
      <path
        d={`M${x - wide} ${y(drawnM) - 34}L${x - 6} ${y(drawnM) - 10}M${x - wide + 8} ${y(drawnM) - 30}V${y(0)}M${x - 16} ${y(drawnM) - 12}V${y(0)}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={unknown ? 2 : 1.5}
        strokeDasharray={dash}
        strokeLinecap="round"
      />
      <path
        d={`M${x - wide} ${y(drawnM) - 34}L${x - 6} ${y(drawnM) - 10}`}
        stroke="var(--ink)"
        strokeWidth={unknown ? 2 : 4}
        strokeDasharray={dash}
        strokeLinecap="round"
      />
      <path
        d={`M${x - 8} ${y(drawnM) - 10}v10h14v-10`}
        fill="var(--sheet)"
        stroke={selected ? 'var(--brass-line)' : 'var(--ink)'}
        strokeWidth={selected ? 3 : 1.5}
        strokeDasharray={dash}
      />
      <Label x={x - wide + 14} y={y(drawnM) + 20} strong>
        {roof.name}
      </Label>
      <Label x={x - wide + 14} y={y(drawnM) + 36}>
        {formatArea(roof.planAreaM2, measures)}
      </Label>
      {wide > 90 && (
        <Label x={x - wide + 14} y={y(drawnM) + 52}>
          {measures === 'in-gal'
            ? `1 in of rain: ${Math.round(rain / M3_PER_US_GALLON)} gal`
            : `10 mm rain: ${Math.round(rain * 1000)} L`}
        </Label>
      )}
      <Label x={x + 12} y={y(drawnM) - 2}>
        gutter {words}
      </Label>
    </Selectable>
  );
}

/** From gutters to tanks and from tanks to places: that there is a way, not where it lies. */
function Lines({ line, context }: { readonly line: FallLine; readonly context: CheckContext }) {
  const { y, tanks, roofs, places } = line;
  const { job } = context;
  const spotOf = (tankId: string | undefined): TankSpot | undefined => tanks.find(({ tank }) => tank.id === tankId);
  return (
    <g fill="none" strokeLinejoin="round">
      {roofs.map(({ roof, x, drawnM, gutterM }) => {
        const hole =
          job.penetrations.find(({ id }) => id === roof.into) ??
          job.penetrations.find(({ roles }) => roles.includes('inlet'));
        const spot = spotOf(hole?.tankId);
        if (!hole || !spot) return null;
        const top = y(spot.baseM + hole.heightM);
        const half = (acrossM(spot.tank) * line.pxPerM * spot.narrowed) / 2;
        const enter = hole.face === 'top' ? spot.axis - half * 0.4 : spot.axis - half;
        const bend = hole.face === 'top' ? top - 14 : top;
        return (
          <path
            key={roof.id}
            d={`M${x} ${y(drawnM)}V${bend}H${enter}V${top}`}
            stroke={gutterM === undefined ? 'var(--ink)' : 'var(--water)'}
            strokeWidth={gutterM === undefined ? 2 : 5}
            strokeDasharray={gutterM === undefined ? '0.1 5' : undefined}
            strokeLinecap={gutterM === undefined ? 'round' : 'butt'}
          />
        );
      })}
      {places.map(({ place, x, drawnM, upM, groundM }) => {
        const run = context.runs.find(({ strands }) =>
          strands.some(({ end }) => end.at === 'terminal' && end.id === place.id),
        );
        const spot = spotOf(run?.penetration.tankId);
        const reached = run !== undefined && spot !== undefined && !run.penetration.roles.includes('inlet');
        if (!reached) return null;
        const half = (acrossM(spot.tank) * line.pxPerM * spot.narrowed) / 2;
        const from = y(spot.baseM + run.penetration.heightM);
        const lies = Math.min(y(Math.min(drawnM, groundM)) - 4, y(groundM) - 4);
        return (
          <path
            key={place.id}
            d={`M${spot.axis + half} ${from}H${line.slopeX - 4}C${line.slopeX + 30} ${from} ${line.slopeX + 20} ${lies} ${x - 40} ${lies}H${x - 12}L${x} ${y(drawnM)}`}
            stroke="var(--ink)"
            strokeWidth={upM === undefined ? 2 : 3}
            strokeDasharray={upM === undefined ? '0.1 5' : undefined}
            strokeLinecap="round"
          />
        );
      })}
    </g>
  );
}

function TankInPlace({
  spot,
  line,
  context,
  onLive,
}: FigureProps & { readonly spot: TankSpot; readonly line: FallLine }) {
  const { tank, axis, narrowed, baseM } = spot;
  const { bind, onKeyDown } = useTankDrag(tank, line.pxPerM, onLive);
  const measures = useJob((state) => state.job.measures);
  const select = useJob((state) => state.selectSite);
  const selected = useJob((state) => state.siteKey === `tank ${tank.id}`);
  const { fullM, deadM } = levelsOf(tank, context);
  return (
    <g
      {...bind()}
      role="slider"
      tabIndex={0}
      aria-label={`${tank.label}, how high it stands`}
      aria-orientation="vertical"
      aria-valuenow={Math.round(tank.plinthM * 1000)}
      aria-valuetext={`stands ${formatLength(tank.plinthM, measures)} up`}
      aria-valuemin={0}
      aria-valuemax={6000}
      onKeyDown={onKeyDown}
      onFocus={() => select(`tank ${tank.id}`)}
      className={tank.buriedM === 0 ? 'cursor-ns-resize touch-none' : ''}
    >
      <g transform={`translate(${axis} ${line.y(baseM)}) scale(${narrowed} 1)`}>
        <TankBase tank={tank} pxPerM={line.pxPerM} halfPx={(acrossM(tank) / 2) * line.pxPerM} />
        <TankFigure tank={tank} pxPerM={line.pxPerM} id={`fall-${tank.id}`} fullM={fullM} deadM={deadM} weight={2} />
      </g>
      {selected && (
        <rect
          x={axis - (acrossM(tank) / 2) * line.pxPerM * narrowed - 4}
          y={line.y(baseM + tank.heightM) - 4}
          width={acrossM(tank) * line.pxPerM * narrowed + 8}
          height={tank.heightM * line.pxPerM + 8}
          fill="none"
          stroke="var(--brass-line)"
          strokeWidth={2.4}
        />
      )}
      <text
        x={axis}
        y={line.y(baseM + tank.brimM * 0.45)}
        textAnchor="middle"
        className="halo text-[15px] font-[650]"
        style={{ fill: 'var(--ink)', stroke: 'var(--water-fill)' }}
      >
        {tank.label}
      </text>
    </g>
  );
}

/** Where water is used: a ring at its height, its name, and what it lies below the base. */
function PlaceFigure({
  spot,
  line,
  low,
}: {
  readonly spot: PlaceSpot;
  readonly line: FallLine;
  readonly low: boolean;
}) {
  const { place, x, upM, drawnM, groundM } = spot;
  const { y, fullM } = line;
  const measures = useJob((state) => state.job.measures);
  const selected = useJob((state) => state.siteKey === `terminal ${place.id}`);
  const words = upM === undefined ? 'not measured' : heightWords(upM, line.datumM, measures);
  const dry = upM !== undefined && fullM !== undefined && upM >= fullM;
  const above = y(drawnM) - (low ? 46 : 24);
  return (
    <Selectable of={`terminal ${place.id}`} name={`${place.name}, ${words}`}>
      {Math.abs(y(drawnM) - y(groundM)) > 6 && (
        <path
          d={`M${x} ${y(drawnM)}V${y(groundM)}`}
          stroke="var(--ink)"
          strokeWidth={1.5}
          strokeDasharray={dry ? '0.1 5' : undefined}
          strokeLinecap="round"
        />
      )}
      <circle
        cx={x}
        cy={y(drawnM)}
        r={selected ? 8 : 5.5}
        fill="var(--sheet)"
        stroke={selected ? 'var(--brass-line)' : 'var(--ink)'}
        strokeWidth={selected ? 3.4 : 2}
        strokeDasharray={upM === undefined ? '2.4 4.2' : undefined}
      />
      <Label x={x} y={above} anchor="middle" strong>
        {place.name}
      </Label>
      <Label x={x} y={above + 16} anchor="middle">
        {dry ? `${words}: no water by itself` : words}
      </Label>
    </Selectable>
  );
}
