'use client';

import { OWN_SEALS, OWN_SEAL_NAMES, type OwnSeal, type Penetration, sealOf, setField } from '@herrero/core';
import { useState } from 'react';
import { EndField } from '@/ui/end-field';
import { TextField } from '@/ui/text-field';
import { useJob } from '../../store/job-provider';

/** What no listed way seals: an end that the tank has here of its own, or something that somebody put into the hole. */
export default function HoleOwn({ penetration }: { readonly penetration: Penetration }) {
  const index = useJob((state) => state.plan.context.index);
  const make = useJob((state) => state.make);
  const sealed = sealOf(penetration.id, index) !== undefined;
  const { ownSeal } = penetration;
  const [open, setOpen] = useState(ownSeal !== null);
  const setOwn = (to: OwnSeal | null): void => void make([setField('penetrations', penetration, 'ownSeal', to)]);
  if (sealed) return null;
  return (
    <details
      open={open}
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
      className="border-b border-hair py-1"
    >
      <summary className="min-h-9 py-2 type-second pointer-coarse:min-h-11">
        None of these: it is otherwise here
      </summary>
      <div className="space-y-2 pb-2">
        <label className="block">
          <span className="block type-second">What is in it</span>
          <select
            className="field w-full"
            value={ownSeal ?? ''}
            onChange={(event) => setOwn(OWN_SEALS.find((one) => one === event.target.value) ?? null)}
          >
            <option value="">a listed seal, or not chosen yet</option>
            {OWN_SEALS.map((one) => (
              <option key={one} value={one}>
                {OWN_SEAL_NAMES[one]}
              </option>
            ))}
          </select>
        </label>
        {ownSeal === 'other' && (
          <TextField
            label="What is in it, in words"
            value={penetration.ownSealWords}
            onChange={(to) => make([setField('penetrations', penetration, 'ownSealWords', to)])?.message}
          />
        )}
        {ownSeal === null && (
          <>
            <EndField
              label="An end that is cast, moulded or cut in"
              unsaid="say it: 2 in BSP F, 63mm MDPE"
              value={null}
              onChange={(to) =>
                to === null
                  ? undefined
                  : make([
                      setField('penetrations', penetration, 'port', to),
                      setField('penetrations', penetration, 'portUse', 'use'),
                    ])?.message
              }
            />
            <p className="type-second">Nothing is drilled then; what goes on is judged against it.</p>
          </>
        )}
      </div>
    </details>
  );
}
