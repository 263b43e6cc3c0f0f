'use client';

import { PURPOSES, PURPOSE_NAMES, type Tank } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { TextField } from '@/ui/text-field';
import { today } from '@/ui/today';
import { YesNo } from '@/ui/yes-no';
import { useTankField } from './use-tank-field';

/** What the water of a tank is for, whether it may run over, and what was seen of it. */
export default function TankUse({ tank }: { readonly tank: Tank }) {
  const set = useTankField(tank);
  const { purposes } = tank;
  return (
    <div className="space-y-2 border-t border-hair py-2">
      <fieldset>
        <legend className="type-second">What its water is for</legend>
        <div className="grid grid-cols-2 gap-x-3">
          {PURPOSES.map((purpose) => (
            <label key={purpose} className="flex min-h-9 items-center gap-2 type-row pointer-coarse:min-h-11">
              <input
                type="checkbox"
                className="size-5 shrink-0 accent-(--brass-line)"
                checked={purposes.includes(purpose)}
                onChange={({ target }) =>
                  set(
                    'purposes',
                    PURPOSES.filter((one) => (one === purpose ? target.checked : purposes.includes(one))),
                  )
                }
              />
              {PURPOSE_NAMES[purpose]}
            </label>
          ))}
        </div>
      </fieldset>
      <YesNo label="It may run over" value={tank.mayRunOver} onChange={(to) => set('mayRunOver', to)} />
      <Logbook tank={tank} />
    </div>
  );
}

const SHOWN = 3;

/** Water quality and remarks, newest first. */
function Logbook({ tank }: { readonly tank: Tank }) {
  const set = useTankField(tank);
  const [all, setAll] = useState(false);
  const newest = tank.logbook.toReversed();
  const shown = all ? newest : newest.slice(0, SHOWN);
  return (
    <section aria-label={`Logbook of ${tank.label}`}>
      <TextField
        label="Logbook: how its water is, what was seen or mended"
        unsaid="a line for today"
        value={null}
        onChange={(text) => (text === null ? undefined : set('logbook', [...tank.logbook, { on: today(), text }]))}
      />
      <ul>
        {shown.map((line, place) => (
          <li
            key={`${line.on} ${newest.length - place}`}
            className="flex items-baseline gap-2 border-b border-hair py-1 type-row"
          >
            <span className="shrink-0 type-second">{line.on}</span>
            <span className="min-w-0 flex-1">{line.text}</span>
            <button
              type="button"
              className="min-h-8 shrink-0 type-second underline pointer-coarse:min-h-11"
              aria-label={`Strike out: ${line.text}`}
              onClick={() =>
                set(
                  'logbook',
                  tank.logbook.filter((one) => one !== line),
                )
              }
            >
              strike out
            </button>
          </li>
        ))}
      </ul>
      {newest.length > SHOWN && (
        <Action onClick={() => setAll(!all)}>{all ? 'Only the newest' : `All ${newest.length} lines`}</Action>
      )}
    </section>
  );
}
