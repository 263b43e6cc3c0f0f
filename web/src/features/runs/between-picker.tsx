'use client';

import { type JudgedJoint, flowThrough, holdsAtAll, mayEnter, newPart, nextParts, offersOf } from '@herrero/core';
import { useMemo, useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';
import { PartRow } from './part-row';

const MOST_BETWEEN = 30;

/** Parts that can stand between the two sides of a joint, both of their own joints holding. */
export function BetweenPicker({ judged }: { readonly judged: JudgedJoint }) {
  const make = useJob((state) => state.make);
  const catalogue = useJob((state) => state.plan.context.catalogue);
  const [open, setOpen] = useState(false);
  const { joint, a, b, service } = judged;
  const flow = useJob((state) => flowThrough(judged.joint, state.plan.context));
  const between = useMemo(() => {
    const [endA, endB] = [a.end, b.end];
    if (!open || !endA || !endB) return [];
    return nextParts({ end: endA, material: a.material, service }, catalogue, { parts: [], flow }).goesOn.flatMap(
      ({ part }) => {
        const near = offersOf({ end: endA, material: a.material, service }, part).filter(
          ({ endIn, judgement }) => holdsAtAll(judgement.verdict) && mayEnter(part, endIn, flow),
        );
        const far = offersOf({ end: endB, material: b.material, service }, part).filter(({ judgement }) =>
          holdsAtAll(judgement.verdict),
        );
        const pair = near.flatMap((one) =>
          far.filter(({ endIn }) => endIn !== one.endIn).map((other) => ({ offer: one, farEnd: other.endIn })),
        )[0];
        return pair ? [pair] : [];
      },
    );
  }, [open, a, b, service, catalogue, flow]);
  const take = ({ offer, farEnd }: (typeof between)[number]): void => {
    make([
      {
        type: 'insert-part',
        part: newPart(newId(), offer.part.code),
        jointId: joint.id,
        endTowardsA: offer.endIn,
        endTowardsB: farEnd,
        newJointId: newId(),
      },
    ]);
    setOpen(false);
  };
  if (a.ref.of === 'hole' || !a.end || !b.end) return null;
  const at = { end: a.end, material: a.material, service };
  return (
    <div>
      <Action aria-expanded={open} onClick={() => setOpen(!open)}>
        Put a part between
      </Action>
      {open && between.length === 0 && (
        <p className="type-row">No single part has both ends. Take one side out and build on.</p>
      )}
      {open && (
        <ul className="max-h-80 overflow-y-auto">
          {between.slice(0, MOST_BETWEEN).map((pair) => (
            <PartRow key={pair.offer.part.code} at={at} offer={pair.offer} onTake={() => take(pair)} />
          ))}
        </ul>
      )}
    </div>
  );
}
