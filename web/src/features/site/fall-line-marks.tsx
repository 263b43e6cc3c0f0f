'use client';

import { type KeyboardEvent, type ReactNode } from 'react';
import { useJob } from '../../store/job-provider';

export function Label({
  x,
  y,
  anchor = 'start',
  strong = false,
  children,
}: {
  readonly x: number;
  readonly y: number;
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly strong?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      className="halo text-[14px] [font-stretch:76%]"
      style={{ fill: 'var(--ink)', fontWeight: strong ? 650 : 400 }}
    >
      {children}
    </text>
  );
}

/** Something of the site that is chosen by a press, by Enter or by Space. */
export function Selectable({
  of,
  name,
  children,
}: {
  readonly of: string;
  readonly name: string;
  readonly children: ReactNode;
}) {
  const select = useJob((state) => state.selectSite);
  const selected = useJob((state) => state.siteKey === of);
  const pointed = useJob((state) => state.pointedId !== null && of.endsWith(` ${state.pointedId}`));
  const onKey = (event: KeyboardEvent): void => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    select(of);
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={selected}
      aria-label={name}
      onClick={() => select(of)}
      onKeyDown={onKey}
      className={`cursor-pointer ${pointed ? 'opacity-60' : ''}`}
    >
      {children}
    </g>
  );
}
