import { type Job, type Tank, tankType } from '@herrero/core';
import { tankShape } from '@/drawing/geometry/tank-shape';

const WIDTH = 330;
const HEIGHT = 108;
const GROUND = 92;
const GAP = 14;

/** A job's own small section: its tanks on one ground line and to one scale, with their plinths, water and openings. */
export function SiteSection({ job }: { readonly job: Job }) {
  const { tanks } = job;
  if (tanks.length === 0)
    return (
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full" role="img" aria-label="No tank yet">
        <Ground />
        <path
          d="M130 92V40H200V92"
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.4}
          strokeLinecap="round"
          strokeDasharray="0.1 5"
        />
      </svg>
    );
  const wide = tanks.reduce((sum, { diameterM }) => sum + diameterM, 0);
  const high = Math.max(...tanks.map(({ heightM, plinthM }) => heightM + plinthM));
  const pxPerM = Math.min((WIDTH - 60 - GAP * tanks.length) / wide, (GROUND - 12) / high);
  const drawn = wide * pxPerM + GAP * (tanks.length - 1);
  const placed = tanks.map((tank, index) => {
    const before = tanks.slice(0, index).reduce((sum, { diameterM }) => sum + diameterM * pxPerM + GAP, 0);
    return { tank, axis: (WIDTH - drawn) / 2 + before + (tank.diameterM / 2) * pxPerM };
  });
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label={`${tanks.length} ${tanks.length === 1 ? 'tank' : 'tanks'} to scale`}
    >
      <Ground />
      {placed.map(({ tank, axis }) => (
        <SmallTank key={tank.id} tank={tank} job={job} axis={axis} pxPerM={pxPerM} />
      ))}
    </svg>
  );
}

function Ground() {
  return (
    <>
      <rect x={0} y={GROUND} width={WIDTH} height={12} fill="url(#ground)" />
      <path d={`M0 ${GROUND}H${WIDTH}`} stroke="var(--ink)" strokeWidth={2.25} />
    </>
  );
}

function SmallTank({
  tank,
  job,
  axis,
  pxPerM,
}: {
  readonly tank: Tank;
  readonly job: Job;
  readonly axis: number;
  readonly pxPerM: number;
}) {
  const shape = tankShape(tank, pxPerM);
  const foot = GROUND - tank.plinthM * pxPerM;
  const holes = job.penetrations.filter(({ tankId }) => tankId === tank.id);
  const full = Math.min(
    tank.brimM,
    ...holes.filter(({ roles, face }) => face === 'wall' && roles.includes('overflow')).map(({ heightM }) => heightM),
  );
  return (
    <g>
      {tank.plinthM > 0 && (
        <rect
          x={axis - shape.radiusPx - 3}
          y={foot}
          width={2 * shape.radiusPx + 6}
          height={GROUND - foot}
          fill="var(--mat-block)"
          stroke="var(--ink)"
          strokeWidth={1.2}
        />
      )}
      <g transform={`translate(${axis} ${foot})`}>
        <path d={shape.outline} fill="var(--sheet)" />
        <clipPath id={`small-${tank.id}`}>
          <path d={shape.outline} />
        </clipPath>
        <rect
          clipPath={`url(#small-${tank.id})`}
          x={-shape.radiusPx}
          y={-full * pxPerM}
          width={2 * shape.radiusPx}
          height={full * pxPerM}
          fill="var(--water-fill)"
        />
        <path d={`M${-shape.radiusPx} ${-full * pxPerM}H${shape.radiusPx}`} stroke="var(--water)" strokeWidth={1.4} />
        <path d={shape.outline} fill="none" stroke="var(--ink)" strokeWidth={2} strokeLinejoin="round" />
        {holes.map((hole, index) =>
          hole.face === 'top' ? (
            <path
              key={hole.id}
              d={`M${(hole.aroundM - tank.diameterM / 2) * pxPerM} ${-hole.heightM * pxPerM}v-8`}
              stroke="var(--ink)"
              strokeWidth={3}
            />
          ) : (
            <path
              key={hole.id}
              d={`M${(index % 2 === 0 ? 1 : -1) * shape.radiusPx} ${-hole.heightM * pxPerM}h${index % 2 === 0 ? 6 : -6}`}
              stroke="var(--ink)"
              strokeWidth={3}
            />
          ),
        )}
      </g>
      <title>{`${tank.label}, ${tankType(tank.type).name}`}</title>
    </g>
  );
}
