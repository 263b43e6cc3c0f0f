'use client';

import { type Penetration, acrossM, formatLength, isUpright, lidOverGroundM } from '@herrero/core';
import { seenFromFront } from '@/drawing/geometry/tank-shape';
import { TankBase, TankFigure } from '@/drawing/view/tank-figure';
import { useJob } from '../../store/job-provider';
import { HoleMark, upAxis } from './hole-mark';
import { POLE, type ViewProps } from './sheet-view';
import { Pole } from './story-pole';

/** The tank from the front, to scale, with its levels and its openings where they are seen from there. */
export function Elevation({ tank, holes, levels, pxPerM, baseY, heightPx, onLive }: ViewProps) {
  const measures = useJob((state) => state.job.measures);
  const selected = useJob((state) => state.selectedId);
  const halfPx = (acrossM(tank) / 2) * pxPerM;
  const side = Math.max(22, halfPx * 0.16);
  const axis = side + halfPx;
  const width = axis + halfPx + 18 + POLE;
  const y = (heightM: number): number => baseY - heightM * pxPerM;
  const chosen = holes.find(({ id }) => id === selected);
  const groundY = baseY + (tank.plinthM - tank.buriedM) * pxPerM;
  const narrow = halfPx < 66;
  return (
    <svg
      viewBox={`0 0 ${width} ${heightPx}`}
      style={{ width }}
      className="sticky left-0 h-auto max-w-full shrink-0 max-md:!w-full md:static"
      role="group"
      aria-label="Elevation"
    >
      {tank.buriedM > 0 && (
        <rect x={4} y={groundY} width={width - POLE - 8} height={heightPx - groundY} fill="url(#ground)" />
      )}
      <g transform={`translate(${axis} ${baseY})`}>
        <TankBase tank={tank} pxPerM={pxPerM} halfPx={halfPx} />
        <TankFigure
          tank={tank}
          pxPerM={pxPerM}
          id={`inside-${tank.id}`}
          fullM={levels.fullM}
          deadM={levels.deadM}
          sedimentM={Math.min(levels.sedimentM, levels.fullM)}
        />
      </g>
      <path d={`M${axis + halfPx} ${y(levels.fullM)}H${width - POLE}`} stroke="var(--water)" strokeWidth={1.6} />
      {levels.deadM > 0 && (
        <path
          d={`M${axis - halfPx} ${y(levels.deadM)}H${width - POLE}`}
          stroke="var(--water)"
          strokeWidth={1.2}
          strokeDasharray="7 4"
        />
      )}
      {tank.pump && (
        <rect
          x={axis + (tank.pump.fromLeftM - tank.pump.diameterM / 2 - acrossM(tank) / 2) * pxPerM}
          y={y(tank.pump.lengthM + tank.pump.intakeM)}
          width={tank.pump.diameterM * pxPerM}
          height={tank.pump.lengthM * pxPerM}
          fill="var(--mat-poly)"
          stroke="var(--ink)"
          strokeWidth={1.5}
        >
          <title>pump</title>
        </rect>
      )}
      <text
        x={axis}
        y={y(levels.fullM) + 18}
        textAnchor="middle"
        className="halo fill-water-ink text-[14px] font-semibold [font-stretch:80%]"
        style={{ stroke: 'var(--water-fill)' }}
      >
        {narrow ? '' : 'full '}
        {formatLength(levels.fullM, measures)}
      </text>
      {tank.plinthM * pxPerM > 16 && tank.base !== 'trailer' && (
        <text
          x={axis}
          y={baseY + (tank.plinthM * pxPerM) / 2 + 5}
          textAnchor="middle"
          className="halo type-scale"
          style={{ stroke: 'var(--mat-block)', fill: 'var(--ink)' }}
        >
          {formatLength(tank.plinthM, measures)}
        </text>
      )}
      {tank.buriedM === 0 && <rect x={4} y={groundY} width={width - POLE - 8} height={9} fill="url(#ground)" />}
      <path
        d={
          tank.buriedM > 0
            ? `M4 ${groundY}H${axis - halfPx * 0.3}M${axis + halfPx * 0.3} ${groundY}H${width - POLE - 4}`
            : `M4 ${groundY}H${width - POLE - 4}`
        }
        stroke="var(--ink)"
        strokeWidth={2.25}
      />
      {tank.buriedM > 0 && (
        <text x={6} y={groundY - 5} className="halo type-scale" style={{ fill: 'var(--ink-2)' }}>
          lid {formatLength(lidOverGroundM(tank), measures)} over the ground
        </text>
      )}
      {holes.map((hole) => {
        const seen = seenFromFront(tank, hole);
        const [x, at] = [axis + seen.acrossM * pxPerM, baseY - seen.upM * pxPerM];
        const stub = stubOf(hole);
        return (
          <HoleMark
            key={hole.id}
            hole={hole}
            tank={tank}
            x={x}
            y={at}
            pxPerM={pxPerM}
            axes={upAxis(hole)}
            onLive={onLive}
            hidden={seen.hidden && isUpright(hole.face)}
            stub={stub}
            view="seen from the front"
          >
            <text
              x={stub === 'left' ? x - 16 : stub === 'right' ? x + 16 : x}
              y={stub === 'down' ? at + 28 : at - (stub === 'up' ? 17 : Math.max(4, pxPerM * 0.02)) - 6}
              textAnchor="middle"
              className="halo type-scale"
              style={{
                fill: 'var(--ink)',
                fontWeight: 650,
                stroke: isUpright(hole.face) && hole.heightM < levels.fullM ? 'var(--water-fill)' : undefined,
              }}
            >
              {hole.label}
            </text>
          </HoleMark>
        );
      })}
      <Pole
        tank={tank}
        x={width - POLE}
        baseY={baseY}
        pxPerM={pxPerM}
        levels={levels}
        chosenM={chosen && isUpright(chosen.face) ? chosen.heightM : undefined}
      />
    </svg>
  );
}

/** From which edge of the drawing an opening sticks out; undefined where it is seen face on. */
function stubOf({ face }: Penetration): 'up' | 'down' | 'left' | 'right' | undefined {
  const STUBS = { top: 'up', bottom: 'down', left: 'left', right: 'right' } as const;
  return face in STUBS ? STUBS[face as keyof typeof STUBS] : undefined;
}
