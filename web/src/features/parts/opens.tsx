'use client';

import { type ReactNode, useState } from 'react';
import { Action } from '@/ui/action';

/** Stands where something is, until it is there. */
export const Opening = () => <p className="py-2 type-second">Opening</p>;

/** A section that is there when it is asked for. */
export function Opens({
  title,
  asks,
  children,
}: {
  readonly title: string;
  readonly asks: string;
  readonly children: () => ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label={title} className="no-print mt-4">
      <h2 className="border-b border-ink pb-1 type-head">{title}</h2>
      <Action aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Put it away' : asks}
      </Action>
      {open && children()}
    </section>
  );
}
