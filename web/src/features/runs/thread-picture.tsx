'use client';

import { type JudgedJoint, type ThreadEnd, holdsAtAll, inchFigure, threadForm, threadStandard } from '@herrero/core';
import { ThreadJoint } from '@/drawing/view/thread-joint';

/** Both threads at one scale, on their common axis, hand tight: what bites and where water passes. */
export function ThreadPicture({ judged: { a, b, mating } }: { readonly judged: JudgedJoint }) {
  if (a.end?.kind !== 'thread' || b.end?.kind !== 'thread' || a.end.sex === b.end.sex) return null;
  const [male, female] = a.end.sex === 'male' ? [a, b] : [b, a];
  if (male.end?.kind !== 'thread' || female.end?.kind !== 'thread') return null;
  return (
    <figure className="mt-2">
      <ThreadNote end={female.end} side="female above" />
      <ThreadJoint
        male={male.end}
        female={female.end}
        materials={{ male: male.material, female: female.material }}
        widthPx={255}
        mostPxPerMm={17}
        tight={holdsAtAll(mating.verdict)}
      />
      <ThreadNote end={male.end} side="male below" />
    </figure>
  );
}

function ThreadNote({ end, side }: { readonly end: ThreadEnd; readonly side: string }) {
  const standard = threadStandard(end.standard);
  return (
    <p className="flex justify-between type-second">
      <span>
        <b className="text-ink">{standard.token}</b> {threadForm(end).taper > 0 ? 'tapered' : 'straight'},{' '}
        {inchFigure(standard.threadsPerInch(end.size))} to the inch
      </span>
      <span>{side}</span>
    </p>
  );
}
