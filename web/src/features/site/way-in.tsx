'use client';

import {
  type CheckContext,
  type HeightBudget,
  type Measures,
  type WayCapacity,
  firstFlushes,
  formatFlow,
  formatLength,
  formatVolume,
  heightBudgets,
  selfStopping,
  wayCapacities,
} from '@herrero/core';
import Link from 'next/link';
import { useJob } from '../../store/job-provider';
import { stationPath } from '../desk/stations';
import { SlitGutterLine } from './slit-gutter-line';

const WIDTH = 150;
const HEIGHT = 210;
const BAR = 34;

/** From each gutter into the tank: what must fit between the two, what it carries, and whether it stops by itself. */
export function WayIn({ context }: { readonly context: CheckContext }) {
  const budgets = heightBudgets(context);
  const capacities = wayCapacities(context);
  const stops = selfStopping(context);
  const flushes = firstFlushes(context);
  const { measures, roofs } = context.job;
  const lost = roofs.filter(({ id }) => !budgets.some(({ roof }) => roof.id === id));
  return (
    <section aria-label="From gutter to tank" className="rule-subject mt-5 pt-2">
      <h2 className="type-station">From gutter to tank</h2>
      {roofs.length === 0 && (
        <p className="py-2 type-row">No roof yet: add one above, and say how high its gutter hangs.</p>
      )}
      {lost.map(({ id, name }) => (
        <p key={id} className="py-2 type-row">
          <b className="font-[650]">{name}</b> falls into no opening yet: set an inlet out at Holes, or choose it at the
          roof.
        </p>
      ))}
      <div className={budgets.length > 1 ? 'grid grid-cols-2 gap-x-8 max-xl:grid-cols-1' : ''}>
        {budgets.map((budget) => (
          <article key={budget.roof.id} aria-label={`The way of ${budget.roof.name}`} className="flex gap-4 py-3">
            <BudgetFigure budget={budget} measures={measures} />
            <div className="min-w-0 flex-1 space-y-1 type-row">
              <h3 className="type-head">
                {budget.roof.name} into {budget.hole.label}
              </h3>
              <BudgetWords budget={budget} measures={measures} />
              <CapacityWords capacity={capacities.find(({ roof }) => roof.id === budget.roof.id)} measures={measures} />
              {stops
                .filter(({ hole }) => hole.id === budget.hole.id)
                .map(({ spillM, lowestM, lowest, sure, diverter }) => (
                  <p key={diverter.placed.id}>
                    {sure ? '' : 'As drawn, '}
                    {spillM <= lowestM
                      ? `the fill stops by itself: its diverter spills ${formatLength(lowestM - spillM, measures)} below ${lowest}.`
                      : `the diverter spills ${formatLength(spillM - lowestM, measures)} above ${lowest}: the surplus leaves there.`}
                  </p>
                ))}
              {flushes
                .filter(({ hole }) => hole.id === budget.hole.id)
                .map(({ body, holdsM3, depthM, drains }) => (
                  <p key={body.placed.id}>
                    First flush {holdsM3 === undefined ? 'of unknown length' : formatVolume(holdsM3, measures, true)}
                    {depthM === undefined ? '' : `, ${(depthM * 1000).toFixed(2)} L to the m2 of roof`}
                    {drains ? '.' : ', without a drain.'}
                  </p>
                ))}
              <SlitGutterLine roofId={budget.roof.id} context={context} />
              <ToTheRun hole={budget.hole} />
            </div>
          </article>
        ))}
      </div>
    </section>
  );
}

function ToTheRun({ hole }: { readonly hole: HeightBudget['hole'] }) {
  const jobId = useJob((state) => state.jobId);
  const select = useJob((state) => state.select);
  return (
    <Link href={stationPath(jobId, 'runs')} onClick={() => select(hole.id)} className="action no-print">
      <span>Build the way of {hole.label}</span>
    </Link>
  );
}

function BudgetWords({ budget, measures }: { readonly budget: HeightBudget; readonly measures: Measures }) {
  const { gutterM, fromM, leftM, givesM, reaches, pieces, sure } = budget;
  if (gutterM === undefined) return <p>How high the gutter hangs has not been measured.</p>;
  const has = formatLength(gutterM - fromM, measures);
  if (pieces.length === 0 || leftM === undefined)
    return <p>{has} from the opening up to the gutter. Nothing stands there yet.</p>;
  const figure = formatLength(Math.abs(leftM), measures);
  return (
    <p>
      {has} from the opening up to the gutter; the pieces take {formatLength(gutterM - fromM - leftM, measures)}.{' '}
      {!reaches
        ? `${figure} ${leftM < 0 ? 'too many' : 'are left'}, and no gutter outlet stands at the top yet.`
        : leftM < -0.005
          ? `${figure} too many; ${formatLength(givesM, measures)} can be cut.`
          : leftM > 0.005
            ? `${figure} are missing; ${formatLength(givesM, measures)} could be cut.`
            : 'It fits.'}
      {!sure && ' Some of it is drawn as assumed.'}
    </p>
  );
}

function CapacityWords({
  capacity,
  measures,
}: {
  readonly capacity: WayCapacity | undefined;
  readonly measures: Measures;
}) {
  if (!capacity) return null;
  const { stormM3s, carriesM3s, narrowest, throttled } = capacity;
  return (
    <>
      <p>
        The design rain brings <b className="font-[650]">{formatFlow(stormM3s, measures)}</b>
        {carriesM3s === undefined || !narrowest
          ? '.'
          : `; ${narrowest.part.name.toLowerCase()} ${narrowest.part.detail} takes ${formatFlow(carriesM3s, measures)}.`}
      </p>
      {throttled && (
        <p>
          The diverter would turn {formatFlow(throttled.shareM3s, measures)} aside; its hose takes{' '}
          {formatFlow(throttled.carriesM3s, measures)}.
        </p>
      )}
    </>
  );
}

/** What stands between opening and gutter, piece on piece at true height; what is missing is dotted, what is too much hatched. */
function BudgetFigure({ budget, measures }: { readonly budget: HeightBudget; readonly measures: Measures }) {
  const { fromM, gutterM, topM, pieces, roof, hole } = budget;
  const top = Math.max(gutterM ?? fromM, topM ?? fromM, fromM + 0.3);
  const lowest = Math.min(fromM, ...budget.legs.map(({ to }) => to.up));
  const scale = (HEIGHT - 46) / (top - lowest);
  const y = (upM: number): number => 22 + (top - upM) * scale;
  const x = 62;
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={`Height budget of ${roof.name}: from ${hole.label} up to the gutter`}
      className="sheet shrink-0"
    >
      <path d={`M8 ${y(fromM)}H${WIDTH - 8}`} stroke="var(--ink)" strokeWidth={2.25} />
      <text x={8} y={y(fromM) + 15} className="type-scale" style={{ fill: 'var(--ink)' }}>
        {hole.label}
      </text>
      {gutterM !== undefined && (
        <>
          <path d={`M8 ${y(gutterM)}H${WIDTH - 8}`} stroke="var(--ink)" strokeWidth={2.25} />
          <text x={8} y={y(gutterM) - 5} className="type-scale" style={{ fill: 'var(--ink)' }}>
            gutter
          </text>
        </>
      )}
      {budget.legs.map((leg, place) => {
        const [high, low] = [Math.max(leg.from.up, leg.to.up), Math.min(leg.from.up, leg.to.up)];
        const tall = Math.max(3, (high - low) * scale);
        return (
          <rect
            key={leg.placed.id}
            x={x}
            y={y(high)}
            width={BAR}
            height={tall}
            fill={(pieces[place]?.givesM ?? 0) > 0 ? 'var(--water-fill)' : 'var(--mat-poly)'}
            stroke="var(--ink)"
            strokeWidth={1.2}
          >
            <title>{`${leg.part.name}: ${formatLength(high - low, measures)}`}</title>
          </rect>
        );
      })}
      {gutterM !== undefined && topM !== undefined && topM > gutterM && (
        <rect
          x={x - 8}
          y={y(topM)}
          width={BAR + 16}
          height={y(gutterM) - y(topM)}
          fill="url(#no-drill)"
          stroke="var(--oxide)"
          strokeWidth={1.5}
        />
      )}
      {gutterM !== undefined && topM !== undefined && topM < gutterM && (
        <path
          d={`M${x} ${y(topM)}V${y(gutterM)}M${x + BAR} ${y(topM)}V${y(gutterM)}`}
          stroke="var(--ink)"
          strokeWidth={2}
          strokeDasharray="0.1 5"
          strokeLinecap="round"
        />
      )}
      {gutterM !== undefined && (
        <text x={x + BAR + 8} y={y((gutterM + fromM) / 2)} className="type-scale" style={{ fill: 'var(--ink)' }}>
          {formatLength(gutterM - fromM, measures)}
        </text>
      )}
    </svg>
  );
}
