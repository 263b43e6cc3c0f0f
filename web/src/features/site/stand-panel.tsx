'use client';

import {
  type CheckContext,
  type Constraint,
  emptyingS,
  formatFlow,
  formatLength,
  formatVolume,
  INFLOWS,
  levelsOf,
  lineFlows,
  type Push,
  setField,
  sharingWith,
  standHolder,
  standWindow,
  type Tank,
} from '@herrero/core';
import { Stepper } from '@/ui/stepper';
import { useJob } from '../../store/job-provider';

const PUSH_WORDS: Readonly<Record<Push, string>> = {
  ground: 'it stands on the ground',
  vessel: 'the vessel goes under',
  pressure: 'pressure wanted at',
  'dead-water': 'no water left behind for',
  gutter: 'the way from the gutter of',
  'safe-stand': 'higher wants an engineer',
};

const constraintWords = ({ push, of }: Constraint): string =>
  push === 'ground' || push === 'safe-stand' ? PUSH_WORDS[push] : `${PUSH_WORDS[push]} ${of}`;

/** How high a tank stands and may stand, or how deep it is in the ground; and how long it takes to fill and to empty. */
export function StandPanel({ tank, context }: { readonly tank: Tank; readonly context: CheckContext }) {
  const { measures } = context.job;
  return (
    <div>
      {tank.buriedM === 0 ? (
        <Stand tank={tank} context={context} />
      ) : (
        <p className="type-row">Its base is {formatLength(tank.buriedM, measures)} in the ground.</p>
      )}
      <Times tank={tank} context={context} />
      {tank.buriedM === 0 && (
        <p className="pt-2 type-second">
          A raised tank is top-heavy: level, rated, braced and tied back. Local rules and an engineer come before these
          figures.
        </p>
      )}
    </div>
  );
}

/** How high a tank may stand, what pushes it up and what holds it down. One in the ground stands where it was dug for. */
function Stand({ tank, context }: { readonly tank: Tank; readonly context: CheckContext }) {
  const { job } = context;
  const { measures } = job;
  const make = useJob((state) => state.make);
  const window = standWindow(tank, context);
  const closed = window.leastM > window.mostM;
  const stands = tank.plinthM;
  // What shares a stand is raised with it.
  const holder = standHolder(tank, job.tanks);
  const inside = stands >= window.leastM - 0.0005 && stands <= window.mostM + 0.0005;
  return (
    <>
      <Stepper
        label={`${tank.label} stands up by`}
        valueM={stands}
        measures={measures}
        leastM={0}
        mostM={6}
        onChange={(to) => make([setField('tanks', { ...holder, plinthM: stands }, 'plinthM', to)])?.message}
      />
      <div className="flex gap-4 pt-3">
        <WindowFigure window={window} stands={stands} />
        <div className="min-w-0 flex-1 type-row">
          <p>
            {closed
              ? `No height is right for all: ${constraintWords(window.fromBelow)} asks for ${formatLength(window.leastM, measures)}, ${constraintWords(window.fromAbove)} allows ${formatLength(window.mostM, measures)}.`
              : `It may stand from ${formatLength(Math.max(0, window.leastM), measures)} to ${formatLength(window.mostM, measures)} up.`}{' '}
            <b className="font-[650]">{inside ? 'It stands inside that.' : closed ? '' : 'It does not.'}</b>
          </p>
          <ul className="pt-1">
            {window.constraints
              .filter(({ push }) => push !== 'ground')
              .toSorted((a, b) => b.atM - a.atM)
              .map((constraint) => (
                <li key={`${constraint.push} ${constraint.of}`} className="border-b border-hair py-1">
                  <b className="font-[650]">
                    {constraint.way === 'up' ? 'at least' : 'at most'} {formatLength(constraint.atM, measures)}
                  </b>
                  : {constraintWords(constraint)}
                </li>
              ))}
          </ul>
        </div>
      </div>
    </>
  );
}

const FIGURE = { width: 60, height: 150 } as const;

function WindowFigure({
  window: { leastM, mostM },
  stands,
}: {
  readonly window: ReturnType<typeof standWindow>;
  readonly stands: number;
}) {
  const top = Math.max(mostM, leastM, stands, 0.5) * 1.1;
  const y = (upM: number): number => FIGURE.height - 10 - (Math.max(0, upM) / top) * (FIGURE.height - 24);
  const open = leastM <= mostM;
  return (
    <svg
      width={FIGURE.width}
      height={FIGURE.height}
      role="img"
      aria-label="The window of the stand"
      className="shrink-0"
    >
      <rect
        x={14}
        y={14}
        width={24}
        height={FIGURE.height - 24}
        fill="url(#no-drill)"
        stroke="var(--ink)"
        strokeWidth={1.2}
      />
      {open && (
        <rect
          x={14}
          y={y(mostM)}
          width={24}
          height={y(leastM) - y(mostM)}
          fill="var(--brass-wash)"
          stroke="var(--brass-line)"
          strokeWidth={2}
        />
      )}
      <path
        d={`M4 ${y(stands)}H48M58 ${y(stands) - 5}L48 ${y(stands)}L58 ${y(stands) + 5}Z`}
        fill="var(--ink)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <path d={`M4 ${y(0)}H${FIGURE.width - 4}`} stroke="var(--ink)" strokeWidth={2.25} />
    </svg>
  );
}

/** Hours and minutes, days where it takes them. */
function duration(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (minutes < 90) return `${Math.max(1, minutes)} min`;
  const hours = minutes / 60;
  return hours < 48 ? `${hours.toFixed(1)} h` : `${(hours / 24).toFixed(1)} days`;
}

function Times({ tank, context }: { readonly tank: Tank; readonly context: CheckContext }) {
  const { job } = context;
  const { measures } = job;
  const group = sharingWith(tank, context);
  const usable = group.reduce((sum, one) => sum + levelsOf(one, context).usableM3, 0);
  const fills = job.inflows.flatMap(({ id, name, kind, rateM3s, into }) => {
    const hole = job.penetrations.find((one) => one.id === into);
    const rate = rateM3s ?? INFLOWS[kind].usualM3s;
    return hole && group.some((one) => one.id === hole.tankId) && rate > 0
      ? [
          {
            id,
            words: `${name} fills ${formatVolume(usable, measures)} in ${duration(usable / rate)}, at ${formatFlow(rate, measures)}${rateM3s === null ? ' (assumed)' : ''}`,
          },
        ]
      : [];
  });
  const empties = context.runs
    .filter(({ penetration }) => penetration.tankId === tank.id)
    .flatMap((run) =>
      lineFlows(context, run).flatMap((line) => {
        const seconds = emptyingS(line, tank, context);
        return seconds === undefined
          ? []
          : [
              {
                id: `${run.penetration.id} ${line.strand}`,
                words: `${run.penetration.label} draws ${tank.label} down to its last fiftieth in ${duration(seconds)}, running free with the others shut`,
              },
            ];
      }),
    );
  const all = [...fills, ...empties];
  if (all.length === 0) return null;
  return (
    <ul className="pt-2">
      {all.map(({ id, words }) => (
        <li key={id} className="border-t border-hair py-1 type-row">
          {words}
        </li>
      ))}
    </ul>
  );
}
