'use client';

import { type Penetration, type Settable, makeAlike, oneMoreHole } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';

/** One more like this beside it, with its run; and those like it on other tanks made as it is. */
export default function HoleAgain({ penetration }: { readonly penetration: Penetration }) {
  return (
    <>
      <OneMore penetration={penetration} />
      <AllAlike penetration={penetration} />
    </>
  );
}

function OneMore({ penetration }: { readonly penetration: Penetration }) {
  const job = useJob((state) => state.job);
  const catalogue = useJob((state) => state.plan.context.catalogue);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const [said, setSaid] = useState<string>();
  const press = (): void => {
    const more = oneMoreHole(job, catalogue, penetration.id);
    if (!more.ok) return setSaid(more.error);
    const { edits, id, leftOpen } = more.value;
    if (make(edits) !== undefined) return;
    setSaid(leftOpen.length > 0 ? `Its end is left open: ${leftOpen.join(', ')} takes one.` : undefined);
    select(id);
  };
  return (
    <>
      <Action onClick={press}>One more like {penetration.label}</Action>
      {said !== undefined && (
        <span role="status" className="type-second">
          {said}
        </span>
      )}
    </>
  );
}

/** Where it stands and how it is closed; what hangs on it is its own. */
const ALIKE: readonly Settable<'penetrations'>[] = [
  'heightM',
  'aroundM',
  'depthM',
  'holeM',
  'roles',
  'port',
  'portUse',
  'stands',
  'ownSeal',
  'ownSealWords',
  'supported',
  'comesApart',
];

/** Openings of the same name, size and face in tanks of the same type become as this one is. */
function AllAlike({ penetration }: { readonly penetration: Penetration }) {
  const { penetrations, tanks } = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const typeOf = (tankId: string): string | undefined => tanks.find(({ id }) => id === tankId)?.type;
  const others = penetrations.filter(
    ({ tankId, name, size, face }) =>
      tankId !== penetration.tankId &&
      name === penetration.name &&
      size === penetration.size &&
      face === penetration.face &&
      typeOf(tankId) === typeOf(penetration.tankId),
  );
  const edits = makeAlike('penetrations', penetration, others, ALIKE);
  if (edits.length === 0) return null;
  return (
    <Action onClick={() => make(edits)}>
      Make {others.map(({ label }) => label).join(', ')} as {penetration.label} is
    </Action>
  );
}
