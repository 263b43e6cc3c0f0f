import {
  type Job,
  type Roof,
  type Tank,
  acrossM,
  baseLevelM,
  formatArea,
  formatLength,
  isUpright,
  placeUpM,
  onSharedStands,
  tankType,
} from '@herrero/core';
import { seenFromFront } from '@/drawing/geometry/tank-shape';
import { TankBase, TankFigure } from '@/drawing/view/tank-figure';

const WIDTH = 330;
const HEIGHT = 118;
const GROUND = 84;
const GAP = 10;
const ROOF_WIDTH = 96;
/** The gutter stands above the tanks: water runs down into them. */
const ROOF_HEIGHT = 42;
const SLOPE_WIDTH = 92;
const MOST_DROP = 26;

/** A job's own small section: roof, tanks to one scale with plinth and water, and the ground falling to where the water is used. */
export function SiteSection({ job: said }: { readonly job: Job }) {
  const job = onSharedStands(said);
  const { tanks, roofs, terminals } = job;
  const [roof] = roofs;
  const [lowest] = terminals
    .map((terminal) => ({ name: terminal.name, dropM: -(placeUpM(job, terminal.id) ?? 0) }))
    .filter(({ dropM }) => dropM > 0)
    .toSorted((a, b) => b.dropM - a.dropM);
  const left = roof ? ROOF_WIDTH + 16 : 16;
  const right = lowest ? WIDTH - SLOPE_WIDTH : WIDTH - 16;
  const wide = tanks.reduce((sum, tank) => sum + acrossM(tank), 0);
  const high = Math.max(...tanks.map((tank) => tank.heightM + baseLevelM(tank, job)));
  const deep = Math.max(...tanks.map(({ buriedM }) => buriedM), 0);
  const pxPerM = Math.min(
    (right - left - GAP * (tanks.length + 1)) / wide,
    (GROUND - (roof ? ROOF_HEIGHT : 14)) / high,
    deep > 0 ? (HEIGHT - GROUND - 2) / deep : Infinity,
  );
  const drawn = wide * pxPerM + GAP * (tanks.length - 1);
  const start = left + (right - left - drawn) / 2;
  const placed = tanks.map((tank, index) => {
    const before = tanks.slice(0, index).reduce((sum, other) => sum + acrossM(other) * pxPerM + GAP, 0);
    return { tank, axis: start + before + (acrossM(tank) / 2) * pxPerM };
  });
  const drop = lowest ? Math.min(MOST_DROP, Math.max(8, lowest.dropM * (Number.isFinite(pxPerM) ? pxPerM : 20))) : 0;
  const says = tanks.length === 0 ? 'No tank yet' : `${tanks.length} ${tanks.length === 1 ? 'tank' : 'tanks'} to scale`;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full" role="img" aria-label={says}>
      <Ground drop={drop} slopeFrom={lowest ? right - 6 : WIDTH} />
      {roof && (
        <RoofDrawing
          roof={roof}
          job={job}
          toX={(placed[0]?.axis ?? left) - 4}
          toY={
            placed[0]
              ? GROUND - (placed[0].tank.heightM + baseLevelM(placed[0].tank, job)) * pxPerM
              : GROUND - ROOF_HEIGHT
          }
        />
      )}
      {tanks.length === 0 && (
        <path
          d={`M${left + 40} ${GROUND}V${GROUND - 52}h64V${GROUND}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.4}
          strokeLinecap="round"
          strokeDasharray="0.1 5"
        />
      )}
      {placed.map(({ tank, axis }, index) => (
        <SmallTank key={tank.id} tank={tank} job={job} axis={axis} pxPerM={pxPerM} last={index === placed.length - 1} />
      ))}
      {lowest && (
        <Line
          place={lowest}
          job={job}
          fromX={(placed.at(-1)?.axis ?? left) + halfOf(placed.at(-1)?.tank) * pxPerM}
          drop={drop}
          slopeFrom={right - 6}
          plinthPx={(placed.at(-1)?.tank.plinthM ?? 0) * pxPerM}
        />
      )}
    </svg>
  );
}

const halfOf = (tank: Tank | undefined): number => (tank ? acrossM(tank) / 2 : 0);

/** Flat ground, falling at the right where the water goes down. */
function Ground({ drop, slopeFrom }: { readonly drop: number; readonly slopeFrom: number }) {
  const line =
    drop > 0 ? `M0 ${GROUND}H${slopeFrom}L${slopeFrom + 44} ${GROUND + drop}H${WIDTH}` : `M0 ${GROUND}H${WIDTH}`;
  return (
    <>
      <path
        d={`${line}v9L${drop > 0 ? `${slopeFrom + 40} ${GROUND + drop + 9}L${slopeFrom - 4} ${GROUND + 9}` : `${WIDTH} ${GROUND + 9}`}H0Z`}
        fill="url(#ground)"
      />
      <path d={line} fill="none" stroke="var(--ink)" strokeWidth={2.25} />
    </>
  );
}

/** Gable, gutter and the way down to the first tank. */
function RoofDrawing({
  roof,
  job,
  toX,
  toY,
}: {
  readonly roof: Roof;
  readonly job: Job;
  readonly toX: number;
  readonly toY: number;
}) {
  const eaves = toY - 14;
  return (
    <g>
      <path d={`M14 ${eaves}V${GROUND}M${ROOF_WIDTH - 10} ${eaves}V${GROUND}`} stroke="var(--ink)" strokeWidth={1.5} />
      <path
        d={`M6 ${eaves + 3}L${ROOF_WIDTH / 2} ${eaves - 24}L${ROOF_WIDTH - 2} ${eaves + 3}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.5}
        strokeLinejoin="round"
      />
      <path d={`M${ROOF_WIDTH - 4} ${eaves + 3}v5h7v-5`} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.5} />
      <path
        d={`M${ROOF_WIDTH} ${eaves + 8}V${toY - 4}H${toX}V${toY}`}
        fill="none"
        stroke="var(--water)"
        strokeWidth={2.6}
      />
      <text
        x={ROOF_WIDTH / 2 + 1}
        y={GROUND - 20}
        textAnchor="middle"
        className="type-scale"
        style={{ fill: 'var(--ink-2)' }}
      >
        {formatArea(roof.planAreaM2, job.measures)}
      </text>
    </g>
  );
}

/** The line down to the lowest place, with its drop. */
function Line({
  place,
  job,
  fromX,
  drop,
  slopeFrom,
  plinthPx,
}: {
  readonly place: { readonly name: string; readonly dropM: number };
  readonly job: Job;
  readonly fromX: number;
  readonly drop: number;
  readonly slopeFrom: number;
  readonly plinthPx: number;
}) {
  const y = GROUND - plinthPx - 6;
  return (
    <g>
      <path
        d={`M${fromX} ${y}H${fromX + 8}C${slopeFrom} ${y} ${slopeFrom} ${GROUND - 3} ${slopeFrom + 6} ${GROUND - 1}L${slopeFrom + 46} ${GROUND + drop - 3}H${WIDTH - 22}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <path d={`M${WIDTH - 22} ${GROUND + drop}v-12`} stroke="var(--ink)" strokeWidth={3} />
      <text
        x={WIDTH - 2}
        y={GROUND + drop - 17}
        textAnchor="end"
        className="type-scale"
        style={{ fill: 'var(--ink-2)' }}
      >
        {place.name}
      </text>
      <title>{`${place.name}, ${formatLength(place.dropM, job.measures)} below`}</title>
    </g>
  );
}

function SmallTank({
  tank,
  job,
  axis,
  pxPerM,
  last,
}: {
  readonly tank: Tank;
  readonly job: Job;
  readonly axis: number;
  readonly pxPerM: number;
  readonly last: boolean;
}) {
  const halfPx = (acrossM(tank) / 2) * pxPerM;
  const foot = GROUND - baseLevelM(tank, job) * pxPerM;
  const holes = job.penetrations.filter(({ tankId }) => tankId === tank.id);
  const full = Math.min(
    tank.brimM,
    ...holes.filter(({ roles, face }) => isUpright(face) && roles.includes('overflow')).map(({ heightM }) => heightM),
  );
  return (
    <g>
      <g transform={`translate(${axis} ${foot})`}>
        <TankBase tank={tank} pxPerM={pxPerM} halfPx={halfPx} />
        <TankFigure tank={tank} pxPerM={pxPerM} id={`small-${tank.id}`} fullM={full} weight={2} />
        {holes.map((hole) => {
          const { acrossM: across, upM } = seenFromFront(tank, hole);
          if (hole.face === 'top' || hole.face === 'bottom')
            return (
              <path
                key={hole.id}
                d={`M${across * pxPerM} ${-upM * pxPerM}v${hole.face === 'top' ? -6 : 6}`}
                stroke="var(--ink)"
                strokeWidth={3}
              />
            );
          const side = hole.roles.includes('link') && last ? -1 : 1;
          return (
            <path
              key={hole.id}
              d={`M${side * halfPx} ${-upM * pxPerM}h${side * 5}`}
              stroke="var(--ink)"
              strokeWidth={3}
            />
          );
        })}
      </g>
      <title>{`${tank.label}, ${tankType(tank.type).name}`}</title>
    </g>
  );
}
