'use client';

import { judge, type JudgedJoint, type Medium, setField } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';

/** What fitters put on a joint, whether it asks for it or not. */
const OFFERED: readonly Medium[] = ['tape', 'washer', 'cement', 'clamp', 'lubricant', 'insert', 'solder', 'bolts'];
const STANDS_FOR: Readonly<Partial<Record<Medium, readonly Medium[]>>> = { tape: ['washer'], washer: ['tape'] };

/** What the joint is really made with, where it differs from what it asks: said for old work, and before a mistake is made. */
export function MadeWith({ judged: { joint, a, b, service } }: { readonly judged: JudgedJoint }) {
  const make = useJob((state) => state.make);
  const [open, setOpen] = useState(joint.madeWith !== null);
  if (!a.end || !b.end) return null;
  const { media } = judge(a.end, b.end, { a: a.material, b: b.material, service });
  const wished = new Set([...media, ...media.flatMap((medium) => STANDS_FOR[medium] ?? [])]);
  const offered = OFFERED.filter((medium) => wished.has(medium) || joint.madeWith?.includes(medium));
  if (offered.length === 0) return null;
  const now = joint.madeWith ?? media;
  const set = (to: readonly Medium[] | null): void => void make([setField('joints', joint, 'madeWith', to)]);
  return (
    <div>
      <Action aria-expanded={open} onClick={() => setOpen(!open)}>
        {joint.madeWith === null ? 'It is made otherwise' : 'How it is made'}
      </Action>
      {open && (
        <fieldset className="flex flex-wrap gap-x-4 type-row">
          <legend className="type-second">Made with</legend>
          {offered.map((medium) => (
            <label key={medium} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-(--brass-line)"
                checked={now.includes(medium)}
                onChange={({ target }) =>
                  set(target.checked ? [...now, medium] : now.filter((other) => other !== medium))
                }
              />
              {medium}
            </label>
          ))}
          {joint.madeWith !== null && <Action onClick={() => set(null)}>As it asks</Action>}
        </fieldset>
      )}
    </div>
  );
}
