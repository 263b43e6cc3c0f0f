'use client';

import { type Penetration, type Tank, faceOf, formatLength, fromRimM, holeDiameterM, isUpright } from '@herrero/core';
import { type ReactNode } from 'react';
import { useJob } from '../../store/job-provider';
import { type Live } from './sheet-view';
import { type Axes, useHoleMove } from './use-hole-move';

interface HoleMarkProps {
  readonly hole: Penetration;
  readonly tank: Tank;
  readonly x: number;
  readonly y: number;
  readonly pxPerM: number;
  readonly axes: Axes;
  readonly onLive: (live: Live | undefined) => void;
  /** Behind what is seen. */
  readonly hidden?: boolean;
  /** Seen from its edge: a stub that sticks out. */
  readonly stub?: 'up' | 'down' | 'left' | 'right' | undefined;
  readonly cross?: boolean;
  /** The name that a screen reader gives the view. */
  readonly view: string;
  readonly children?: ReactNode;
}

const STUB_PX = 13;
const LEAST_TOUCH_PX = 18;

/** Where an opening is, in words with the figures a tape needs. */
export function usePlaceWords(hole: Penetration, tank: Tank): string {
  const measures = useJob((state) => state.job.measures);
  const words = (metres: number): string => formatLength(metres, measures);
  const rim = fromRimM(tank, hole);
  if (rim !== undefined) return `${words(Math.max(0, rim))} from the rim, ${words(hole.aroundM)} from the left`;
  const round = faceOf(tank, hole.face)?.seen === 'wall' ? 'round' : 'from the left';
  return `${words(hole.heightM)} up, ${words(hole.aroundM)} ${round}`;
}

/** One opening in a view: to scale, chosen by a tap, moved by drag and by arrow keys. */
export function HoleMark({
  hole,
  tank,
  x,
  y,
  pxPerM,
  axes,
  onLive,
  hidden = false,
  stub,
  cross = false,
  view,
  children,
}: HoleMarkProps) {
  const selected = useJob((state) => state.selectedId === hole.id);
  const pointed = useJob((state) => state.pointedId === hole.id);
  const diameterM = useJob((state) => holeDiameterM(hole.id, state.job, state.plan.context.index));
  const stored = useJob((state) => state.job.penetrations.find(({ id }) => id === hole.id)) ?? hole;
  const { bind, onKeyDown } = useHoleMove(stored, tank, faceOf(tank, hole.face), axes, pxPerM, onLive);
  const radius = Math.max(4, ((diameterM ?? 0.03) / 2) * pxPerM);
  const place = usePlaceWords(hole, tank);
  const ring = selected || pointed;
  const movable = hole.portId === null && (axes.right !== null || axes.up !== null);
  return (
    <g
      {...bind()}
      onKeyDown={onKeyDown}
      tabIndex={0}
      role="button"
      aria-label={`${hole.label} ${hole.name} in ${tank.label}, ${view}: ${place}.${movable ? ' Arrow keys move it.' : ''}`}
      aria-pressed={selected}
      className={`touch-none ${movable ? 'cursor-move' : 'cursor-pointer'}`}
    >
      <circle cx={x} cy={y} r={Math.max(LEAST_TOUCH_PX, radius)} fill="transparent" />
      {stub ? (
        <path d={stubPath(x, y, radius, stub)} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.5} />
      ) : (
        <circle
          cx={x}
          cy={y}
          r={radius}
          fill={hidden ? 'none' : 'var(--sheet)'}
          stroke="var(--ink)"
          strokeWidth={hidden ? 2 : 1.5}
          strokeDasharray={hidden ? '0.1 4' : hole.port === null ? undefined : '3 3'}
          strokeLinecap="round"
        />
      )}
      {cross && (
        <path
          d={`M${x - radius - 3} ${y}h${2 * radius + 6}M${x} ${y - radius - 3}v${2 * radius + 6}`}
          stroke="var(--ink)"
          strokeWidth={0.9}
        />
      )}
      {!cross && !hidden && !stub && <circle cx={x} cy={y} r={1.6} fill="var(--ink)" />}
      {ring && <circle cx={x} cy={y} r={radius + 6} fill="none" stroke="var(--brass-line)" strokeWidth={3} />}
      {children}
    </g>
  );
}

/** Moves up and down where a height means something. */
export const upAxis = (hole: Penetration): Axes => ({ right: null, up: isUpright(hole.face) ? 'heightM' : null });

function stubPath(x: number, y: number, radius: number, stub: 'up' | 'down' | 'left' | 'right'): string {
  const half = Math.min(radius, 14);
  if (stub === 'up') return `M${x - half} ${y}v${-STUB_PX}h${2 * half}v${STUB_PX}`;
  if (stub === 'down') return `M${x - half} ${y}v${STUB_PX}h${2 * half}v${-STUB_PX}`;
  const side = stub === 'left' ? -STUB_PX : STUB_PX;
  return `M${x} ${y - half}h${side}v${2 * half}h${-side}`;
}
