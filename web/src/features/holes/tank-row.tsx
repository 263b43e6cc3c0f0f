'use client';

import { type Tank, acrossM, baseLevelM, formatLength, levelsOf } from '@herrero/core';
import { seenFromFront } from '@/drawing/geometry/tank-shape';
import { TankBase, TankFigure } from '@/drawing/view/tank-figure';
import { useJob } from '../../store/job-provider';

const WIDTH = 800;
const HEIGHT = 128;
const GAP_M = 0.25;
const FOOT = 14;

/** All tanks of the job on one ground line at one scale, with their levels on one datum; a press puts one on the sheet. */
export function TankRow({ tankId }: { readonly tankId: string }) {
  const job = useJob((state) => state.job);
  const runs = useJob((state) => state.plan.runs);
  const showTank = useJob((state) => state.showTank);
  const { tanks, measures } = job;
  if (tanks.length < 2) return null;
  const high = Math.max(...tanks.map((tank) => tank.heightM + baseLevelM(tank, job)), 0.3);
  const deep = Math.max(...tanks.map(({ buriedM }) => buriedM), 0);
  const wide = tanks.reduce((sum, tank) => sum + acrossM(tank) + GAP_M, GAP_M);
  const pxPerM = Math.min((HEIGHT - FOOT - 16) / (high + deep), WIDTH / wide);
  const ground = HEIGHT - FOOT - deep * pxPerM;
  const placed = tanks.map((tank, index) => {
    const before = tanks.slice(0, index).reduce((sum, other) => sum + acrossM(other) + GAP_M, GAP_M);
    const levels = levelsOf(tank, { job, runs });
    return { tank, levels, axis: (before + acrossM(tank) / 2) * pxPerM, foot: ground - baseLevelM(tank, job) * pxPerM };
  });
  const used = wide * pxPerM;
  return (
    <figure className="sheet mb-1.5 overflow-x-auto" aria-label="All tanks on one datum">
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block w-full max-md:w-[560px]" role="group" aria-label="Tanks">
        <rect x={0} y={ground} width={used} height={9} fill="url(#ground)" />
        <path d={`M0 ${ground}H${used}`} stroke="var(--ink)" strokeWidth={2.25} />
        {placed.map(({ tank, levels, axis, foot }, index) => {
          const y = foot - levels.fullM * pxPerM;
          const next = placed[index + 1];
          const level = next && Math.abs(next.foot - next.levels.fullM * pxPerM - y) < 0.6;
          return (
            <g key={tank.id}>
              {level && (
                <path
                  d={`M${axis} ${y}H${next.axis}`}
                  stroke="var(--water)"
                  strokeWidth={1.2}
                  strokeDasharray="7 4"
                  className="pointer-events-none"
                />
              )}
              <TankButton tank={tank} chosen={tank.id === tankId} onChoose={() => showTank(tank.id)}>
                <rect
                  x={axis - (acrossM(tank) / 2) * pxPerM - 4}
                  y={2}
                  width={acrossM(tank) * pxPerM + 8}
                  height={HEIGHT - 4}
                  fill={tank.id === tankId ? 'var(--brass-wash)' : 'transparent'}
                  opacity={0.6}
                />
                <g transform={`translate(${axis} ${foot})`}>
                  <TankBase tank={tank} pxPerM={pxPerM} halfPx={(acrossM(tank) / 2) * pxPerM} />
                  <TankFigure
                    tank={tank}
                    pxPerM={pxPerM}
                    id={`row-${tank.id}`}
                    fullM={levels.fullM}
                    deadM={levels.deadM}
                    weight={1.8}
                  />
                  {job.penetrations
                    .filter((hole) => hole.tankId === tank.id)
                    .map((hole) => {
                      const seen = seenFromFront(tank, hole);
                      return (
                        <circle
                          key={hole.id}
                          cx={seen.acrossM * pxPerM}
                          cy={-seen.upM * pxPerM}
                          r={2.2}
                          fill={seen.hidden ? 'none' : 'var(--ink)'}
                          stroke="var(--ink)"
                          strokeWidth={1}
                        />
                      );
                    })}
                </g>
                <text
                  x={axis}
                  y={foot - tank.heightM * pxPerM * 0.4}
                  textAnchor="middle"
                  className="halo type-row"
                  style={{ fill: 'var(--ink)', fontWeight: 700, stroke: 'var(--water-fill)' }}
                >
                  {tank.label}
                </text>
              </TankButton>
            </g>
          );
        })}
        {used < WIDTH - 170 && (
          <text x={used + 14} y={ground - placed.length * 17} className="type-scale" style={{ fill: 'var(--ink-2)' }}>
            {placed.map(({ tank, levels }) => (
              <tspan key={tank.id} x={used + 14} dy={17}>
                {tank.label} full {formatLength(levels.fullM + baseLevelM(tank, job), measures)} over the ground
              </tspan>
            ))}
          </text>
        )}
      </svg>
    </figure>
  );
}

function TankButton({
  tank,
  chosen,
  onChoose,
  children,
}: {
  readonly tank: Tank;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly children: React.ReactNode;
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={tank.label}
      className="cursor-pointer"
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose();
      }}
    >
      {children}
    </g>
  );
}
