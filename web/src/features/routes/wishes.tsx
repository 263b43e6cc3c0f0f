'use client';

import { type Avoidable, CAPABILITIES, type Capability, type Lean } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';

/** What a way is wished to have, to do without, and to lean towards. */
export interface Wishes {
  readonly require: readonly Capability[];
  readonly avoid: readonly Avoidable[];
  readonly prefer: readonly Lean[];
}

export const NO_WISHES: Wishes = { require: [], avoid: [], prefer: [] };

const MUST: Readonly<Record<Capability, string>> = {
  'shut-off': 'shut-off',
  union: 'union',
  'non-return': 'non-return',
  filter: 'filter',
  elbow: 'elbow',
  branch: 'branch',
  slip: 'slip coupling',
};
const WITHOUT: readonly (readonly [Avoidable, string])[] = [
  ['glue', 'glue'],
  ['metal', 'metal'],
  ['plastic', 'plastic'],
];
const LEANING: readonly (readonly [Lean, string])[] = [
  ['fewest', 'fewest parts'],
  ['cheapest', 'cheapest'],
  ['on-hand', 'on hand'],
  ['widest', 'widest bore'],
  ['no-glue', 'no glue'],
  ['metal', 'metal'],
  ['plastic', 'plastic'],
  ['potable', 'drinking water'],
];

const toggled = <Item,>(some: readonly Item[], one: Item): readonly Item[] =>
  some.includes(one) ? some.filter((other) => other !== one) : [...some, one];

/** What the way must have and what decides between ways: closed until it is asked for. */
export function WishesChoice({
  wishes,
  onChange,
}: {
  readonly wishes: Wishes;
  readonly onChange: (wishes: Wishes) => void;
}) {
  const [open, setOpen] = useState(false);
  const count = wishes.require.length + wishes.avoid.length + wishes.prefer.length;
  return (
    <div>
      <Action aria-expanded={open} onClick={() => setOpen(!open)}>
        {count === 0 ? 'What it must have' : `What it must have: ${said(wishes)}`}
      </Action>
      {open && (
        <div className="space-y-2 pb-2">
          <Choices
            legend="Must have"
            choices={CAPABILITIES.map((one) => [one, MUST[one]] as const)}
            chosen={wishes.require}
            onToggle={(one) => onChange({ ...wishes, require: toggled(wishes.require, one) })}
          />
          <Choices
            legend="Without"
            choices={WITHOUT}
            chosen={wishes.avoid}
            onToggle={(one) => onChange({ ...wishes, avoid: toggled(wishes.avoid, one) })}
          />
          <Choices
            legend="Rather"
            choices={LEANING}
            chosen={wishes.prefer}
            onToggle={(one) => onChange({ ...wishes, prefer: toggled(wishes.prefer, one) })}
          />
        </div>
      )}
    </div>
  );
}

const said = ({ require, avoid, prefer }: Wishes): string =>
  [
    ...require.map((one) => MUST[one]),
    ...avoid.map((one) => `no ${one}`),
    ...prefer.map((one) => LEANING.find(([lean]) => lean === one)?.[1] ?? one),
  ].join(', ');

function Choices<Item extends string>({
  legend,
  choices,
  chosen,
  onToggle,
}: {
  readonly legend: string;
  readonly choices: readonly (readonly [Item, string])[];
  readonly chosen: readonly Item[];
  readonly onToggle: (one: Item) => void;
}) {
  return (
    <fieldset>
      <legend className="type-second">{legend}</legend>
      <div className="flex flex-wrap border-y border-hair">
        {choices.map(([one, name]) => (
          <button
            key={one}
            type="button"
            aria-pressed={chosen.includes(one)}
            onClick={() => onToggle(one)}
            className={`min-h-11 px-3 type-row ${chosen.includes(one) ? 'row-selected font-semibold' : 'hover:bg-paper-deep'}`}
          >
            {name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
