'use client';

import { type StrandItem } from '@herrero/core';
import { Suspense, lazy, useState } from 'react';
import { Action } from '@/ui/action';

const CutInForm = lazy(() => import('./cut-in-form').then((module) => ({ default: module.CutInForm })));

/** Cuts something into a pipe: what, how far along, and the ways to do it; for what stands, what has to be shut first. */
export function CutInPanel({ item }: { readonly item: StrandItem }) {
  const [open, setOpen] = useState(false);
  return (
    <div>
      <Action aria-expanded={open} onClick={() => setOpen(!open)}>
        Cut something in
      </Action>
      {open && (
        <Suspense fallback={<p className="type-second">One moment</p>}>
          <CutInForm item={item} onDone={() => setOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}
