'use client';

import { type CheckContext, formatLength } from '@herrero/core';
import type { PlanDot, PlanTank, PlanThing, SitePlan } from '@/drawing/geometry/site-plan';
import { useJob } from '../../store/job-provider';
import { Label, Selectable } from './fall-line-marks';
import { PLACE_TROUBLES } from './plan-words';

export const pathOf = (points: readonly PlanDot[]): string =>
  points.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** Room that the words of a thing take to its right [px]. */
const WORDS_PX = 110;
const sideOf = (at: PlanDot, plan: SitePlan): { readonly x: number; readonly anchor: 'start' | 'end' } =>
  at.x > plan.width - WORDS_PX ? { x: at.x - 12, anchor: 'end' } : { x: at.x + 12, anchor: 'start' };

/** Thick on the outside, hatched behind. */
export function Wall({
  from,
  to,
  side,
}: {
  readonly from: PlanDot;
  readonly to: PlanDot;
  readonly side: 'left' | 'right' | null;
}) {
  const long = Math.hypot(to.x - from.x, to.y - from.y);
  const [ux, uy] = [(to.x - from.x) / (long || 1), (to.y - from.y) / (long || 1)];
  // Down the sheet is to the right hand of who walks to the right.
  const way = side === 'left' ? -1 : 1;
  const hatches = Array.from({ length: Math.floor(long / 12) }, (_, index) => {
    const [x, y] = [from.x + ux * (index + 0.5) * 12, from.y + uy * (index + 0.5) * 12];
    return `M${x} ${y}l${-uy * way * 14 + ux * 6} ${ux * way * 14 + uy * 6}`;
  });
  return (
    <>
      {side && <path d={hatches.join('')} stroke="var(--ink-2)" strokeWidth={0.8} />}
      <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} stroke="var(--ink)" strokeWidth={6} />
    </>
  );
}

export function TankFromAbove({ tank }: { readonly tank: PlanTank }) {
  const selected = useJob((state) => state.siteKey === tank.key);
  const { at, radiusPx, corners, openings, front, turned, place } = tank;
  const look = {
    fill: 'var(--water-fill)',
    stroke: selected ? 'var(--brass-line)' : 'var(--ink)',
    strokeWidth: selected ? 3.4 : 2.4,
    strokeDasharray: place.sure ? undefined : '1 5',
  };
  return (
    <Selectable of={tank.key} name={`${tank.name}, ${place.trouble ? PLACE_TROUBLES[place.trouble] : 'placed'}`}>
      {radiusPx === undefined ? (
        <path d={`${pathOf(corners)}Z`} {...look} />
      ) : (
        <circle cx={at.x} cy={at.y} r={radiusPx} {...look} />
      )}
      {turned && <path d={pathOf(front)} stroke="var(--ink)" strokeWidth={1.4} />}
      <path d={`M${at.x - 6} ${at.y}h12M${at.x} ${at.y - 6}v12`} stroke="var(--ink)" strokeWidth={1} />
      <Label x={at.x} y={at.y - 10} anchor="middle" strong>
        {tank.name}
      </Label>
      {openings.map(({ id, label, at: hole, to }) => (
        <g key={id}>
          {to && <path d={pathOf([hole, to])} stroke="var(--ink)" strokeWidth={1.6} />}
          <circle cx={hole.x} cy={hole.y} r={4.5} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.8} />
          <Label
            x={hole.x + (to && to.x < hole.x ? -8 : 8)}
            y={hole.y + (to && to.y < hole.y ? -8 : 16)}
            anchor={to && to.x < hole.x ? 'end' : 'start'}
          >
            {label}
          </Label>
        </g>
      ))}
    </Selectable>
  );
}

export function Place({ thing, plan }: { readonly thing: PlanThing; readonly plan: SitePlan }) {
  const selected = useJob((state) => state.siteKey === thing.key);
  const { at, name, place } = thing;
  return (
    <Selectable of={thing.key} name={`${name}, ${place.trouble ? PLACE_TROUBLES[place.trouble] : 'placed'}`}>
      <rect
        x={at.x - 7}
        y={at.y - 7}
        width={14}
        height={14}
        fill="var(--sheet)"
        stroke={selected ? 'var(--brass-line)' : 'var(--ink)'}
        strokeWidth={selected ? 3 : 2}
        strokeDasharray={place.sure ? undefined : '1 4'}
      />
      <Label {...sideOf(at, plan)} y={at.y + 5} strong>
        {name}
      </Label>
    </Selectable>
  );
}

export function Downpipe({ thing, plan }: { readonly thing: PlanThing; readonly plan: SitePlan }) {
  const selected = useJob((state) => state.siteKey === thing.key);
  const { at, name, place } = thing;
  return (
    <Selectable of={thing.key} name={`downpipe of ${name}`}>
      <circle
        cx={at.x}
        cy={at.y}
        r={6}
        fill="var(--water)"
        stroke={selected ? 'var(--brass-line)' : 'var(--ink)'}
        strokeWidth={selected ? 3 : 2}
        strokeDasharray={place.sure ? undefined : '1 4'}
      />
      <Label {...sideOf(at, plan)} y={at.y + 5}>
        downpipe of {name}
      </Label>
    </Selectable>
  );
}

export function Reference({ thing, letter }: { readonly thing: PlanThing; readonly letter: string }) {
  const selected = useJob((state) => state.siteKey === thing.key);
  const { at, name, place } = thing;
  const ink = selected ? 'var(--brass-line)' : 'var(--ink)';
  return (
    <Selectable of={thing.key} name={`${letter}, ${name}`}>
      <circle
        cx={at.x}
        cy={at.y}
        r={8}
        fill="var(--sheet)"
        stroke={ink}
        strokeWidth={1.8}
        strokeDasharray={place.sure ? undefined : '1 4'}
      />
      <path d={`M${at.x - 11} ${at.y}h22M${at.x} ${at.y - 11}v22`} stroke={ink} strokeWidth={1.4} />
      <Label x={at.x - 13} y={at.y - 10} anchor="end" strong>
        {letter}
      </Label>
      {name !== letter && (
        <Label x={at.x} y={at.y + 26} anchor="middle">
          {name}
        </Label>
      )}
    </Selectable>
  );
}

export function ScaleBar({ plan, context: { job } }: { readonly plan: SitePlan; readonly context: CheckContext }) {
  const { metres, px } = plan.scale;
  const [x, y] = [20, plan.height - 22];
  return (
    <g aria-hidden="true">
      <rect x={x} y={y} width={px / 2} height={6} fill="var(--ink)" />
      <rect x={x + px / 2} y={y} width={px / 2} height={6} fill="var(--sheet)" stroke="var(--ink)" />
      <Label x={x + px + 8} y={y + 8}>
        {formatLength(metres, job.measures)}
      </Label>
    </g>
  );
}

export function North({ plan, degrees }: { readonly plan: SitePlan; readonly degrees: number | null }) {
  const [x, y] = [plan.width - 36, plan.height - 44];
  const turn = degrees === null ? 0 : 90 - degrees;
  return (
    <g aria-hidden="true" transform={`translate(${x} ${y}) rotate(${turn})`} opacity={degrees === null ? 0.45 : 1}>
      <path
        d="M0 -24L9 16L0 8L-9 16Z"
        fill={degrees === null ? 'none' : 'var(--ink)'}
        stroke="var(--ink)"
        strokeDasharray={degrees === null ? '1 3' : undefined}
      />
      <text y={-28} textAnchor="middle" className="type-row" style={{ fill: 'var(--ink)', fontWeight: 650 }}>
        {degrees === null ? 'N?' : 'N'}
      </text>
    </g>
  );
}
