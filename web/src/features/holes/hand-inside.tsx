'use client';

import { type Penetration, type Reach, type Tank, acrossM, formatLength, ownWayIn } from '@herrero/core';
import { seenFromFront } from '@/drawing/geometry/tank-shape';
import { useJob } from '../../store/job-provider';

const WIDTH = 84;
const HEIGHT = 70;

/** Whether a hand gets to the inside of a hole, with a small drawing of the arm; never a person. */
export function HandInside({
  reach,
  tank,
  penetration,
}: {
  readonly reach: Reach;
  readonly tank: Tank;
  readonly penetration: Penetration;
}) {
  const measures = useJob((state) => state.job.measures);
  if (reach.beforeTop)
    return (
      <p className="border-t border-hair pt-1.5 type-row">
        <span className="type-second">Hand inside</span> set before its top is on
      </p>
    );
  const length = (metres: number): string => formatLength(metres, measures);
  const words =
    reach.distanceM === undefined
      ? reach.openingM === 0
        ? 'there is no opening'
        : `the opening is ${length(reach.openingM)}`
      : `${length(reach.distanceM)} from the way in, arm ${length(reach.armM)}`;
  return (
    <div className="grid grid-cols-[84px_1fr_auto] gap-2 border-t border-hair pt-1.5 max-xl:grid-cols-[120px_1fr_auto]">
      <span className="type-second">Hand inside</span>
      <span className="type-row">
        <b className="font-[650]">{reach.reaches ? 'Yes.' : 'No.'}</b> {words}
        {!reach.reaches && <span className="block type-second">Nobody goes in: work from outside, or on a cord.</span>}
      </span>
      <ArmDrawing reach={reach} tank={tank} penetration={penetration} />
    </div>
  );
}

function ArmDrawing({
  reach,
  tank,
  penetration,
}: {
  readonly reach: Reach;
  readonly tank: Tank;
  readonly penetration: Penetration;
}) {
  const across = acrossM(tank);
  const pxPerM = Math.min((WIDTH - 10) / across, (HEIGHT - 10) / tank.heightM);
  const [left, foot] = [(WIDTH - across * pxPerM) / 2, HEIGHT - 4];
  const way = ownWayIn(tank);
  const seen = seenFromFront(tank, penetration);
  const [x, y] = [left + (seen.acrossM + across / 2) * pxPerM, foot - seen.upM * pxPerM];
  const half = ((way?.widthM ?? 0) / 2) * pxPerM;
  const wayX = left + (way?.leftM ?? across / 2) * pxPerM;
  const rimX = Math.min(Math.max(x, wayX - half), wayX + half);
  const top = foot - tank.heightM * pxPerM;
  const arm = reach.armM * pxPerM;
  const distance = Math.hypot(x - rimX, y - top) || 1;
  const share = Math.min(1, arm / distance);
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden="true" className="shrink-0">
      <path
        d={`M${wayX - half} ${top}H${left}V${foot}H${left + across * pxPerM}V${top}H${wayX + half}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      {way && reach.distanceM !== undefined && (
        <>
          <path
            d={`M${rimX} ${top}L${x} ${y}`}
            stroke="var(--hair-2)"
            strokeWidth={1.5}
            strokeDasharray="0.1 4"
            strokeLinecap="round"
          />
          <path
            d={`M${rimX} ${top}L${rimX + (x - rimX) * share} ${top + (y - top) * share}`}
            stroke="var(--ink)"
            strokeWidth={2.4}
            strokeLinecap="round"
          />
        </>
      )}
      <circle cx={x} cy={y} r={4} fill="none" stroke="var(--brass-line)" strokeWidth={2.5} />
    </svg>
  );
}
