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
import { FALL_LINE, type FallLine, type PlaceSpot, type RoofSpot, type TankSpot } from '@/drawing/geometry/fall-line';
import { TankBase, TankFigure } from '@/drawing/view/tank-figure';
import { useJob } from '../../store/job-provider';
import { Label, Selectable } from './fall-line-marks';
import { heightWords } from './site-words';
import { type LiveStand, useTankDrag } from './use-tank-drag';

/** A roof with its gutter; dotted where nobody has read the gutter. */
export function RoofFigure({
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
export function Lines({ line, context }: { readonly line: FallLine; readonly context: CheckContext }) {
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

export function TankInPlace({
  spot,
  line,
  context,
  onLive,
}: {
  readonly spot: TankSpot;
  readonly line: FallLine;
  readonly context: CheckContext;
  readonly onLive: (live: LiveStand | undefined) => void;
}) {
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

/** A character of a label is about so wide, and what would run over the edge of the sheet ends before it [px]. */
const CHARACTER_PX = 6;
const EDGE_PX = 4;

/** Where water is used: a ring at its height, its name, and what it lies below the base. */
export function PlaceFigure({
  spot,
  line,
  low,
}: {
  readonly spot: PlaceSpot;
  readonly line: FallLine;
  readonly low: boolean;
}) {
  const { place, x, upM, drawnM, groundM, awayM } = spot;
  const { y, fullM } = line;
  const measures = useJob((state) => state.job.measures);
  const selected = useJob((state) => state.siteKey === `terminal ${place.id}`);
  const height = upM === undefined ? 'not measured' : heightWords(upM, line.datumM, measures);
  const words = awayM === undefined ? height : `${height}, ${formatLength(awayM, measures)} off`;
  const dry = upM !== undefined && fullM !== undefined && upM >= fullM;
  const above = y(drawnM) - (low ? 46 : 24);
  const said = dry ? `${words}: no water by itself` : words;
  const atEdge = x + (said.length * CHARACTER_PX) / 2 > FALL_LINE.width - EDGE_PX;
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
      <Label x={atEdge ? FALL_LINE.width - EDGE_PX : x} y={above + 16} anchor={atEdge ? 'end' : 'middle'}>
        {said}
      </Label>
    </Selectable>
  );
}
