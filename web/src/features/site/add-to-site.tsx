'use client';

import {
  type Edit,
  INFLOWS,
  INFLOW_KINDS,
  PLACES,
  PLACE_KINDS,
  newInflow,
  newMark,
  newRoof,
  newTerminal,
  usualOf,
} from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { useFigureReader } from '@/ui/use-figure-entry';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';

interface Kind {
  readonly name: string;
  readonly example: string;
  readonly kinds?: readonly (readonly [string, string])[];
  /** It is asked for how large it is, seen from above. */
  readonly area?: true;
  readonly edit: (id: string, name: string, kind: string, areaM2: number) => Edit;
  readonly key: (id: string) => string;
}

/** What can be named on a site, by what it is called. */
const KINDS: readonly Kind[] = [
  {
    name: 'a roof',
    example: 'boat house',
    area: true,
    edit: (id, name, _, planAreaM2) => ({ type: 'add-roof', roof: newRoof({ id, name, planAreaM2 }) }),
    key: (id) => `roof ${id}`,
  },
  {
    name: 'another inflow',
    example: 'bore',
    kinds: INFLOW_KINDS.map((kind) => [kind, INFLOWS[kind].name]),
    edit: (id, name, kind) => ({
      type: 'add-inflow',
      inflow: newInflow({ id, name, kind: INFLOW_KINDS.find((one) => one === kind) ?? 'other' }),
    }),
    key: (id) => `inflow ${id}`,
  },
  {
    name: 'a place to use it',
    example: 'rinse bay',
    kinds: PLACE_KINDS.map((kind) => [kind, PLACES[kind].name]),
    edit: (id, name, kind) => ({
      type: 'add-terminal',
      terminal: newTerminal({ id, name, kind: PLACE_KINDS.find((one) => one === kind) ?? 'other' }),
    }),
    key: (id) => `terminal ${id}`,
  },
  {
    name: 'a nail, stake or level line',
    example: 'nail in the door post',
    edit: (id, name) => ({ type: 'add-mark', mark: newMark({ id, name }) }),
    key: (id) => `mark ${id}`,
  },
  {
    name: 'ground',
    example: 'ground at the bay',
    edit: (id, name, at) => ({
      type: 'add-mark',
      mark: newMark({ id, name, kind: 'ground', at: at === '' ? null : at }),
    }),
    key: (id) => `mark ${id}`,
  },
];

const textOf = (form: FormData, field: string): string => {
  const value = form.get(field);
  return typeof value === 'string' ? value.trim() : '';
};

/** Names something on the site; it is chosen at once, so that its figures can be given. */
export function AddToSite() {
  const [adding, setAdding] = useState<string | null>(null);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.selectSite);
  const terminals = useJob((state) => state.job.terminals);
  const measures = useJob((state) => state.job.measures);
  const feet = measures === 'in-gal';
  const areas = useFigureReader({ kind: 'area', measures, usual: usualOf('roofs', 'planAreaM2') });
  const [problem, setProblem] = useState<string>();
  const kind = KINDS.find(({ name }) => name === adding);
  const kinds =
    kind?.name === 'ground'
      ? [['', 'nowhere in particular'] as const, ...terminals.map(({ id, name }) => [id, name] as const)]
      : kind?.kinds;
  const add = (form: FormData): void => {
    const name = textOf(form, 'name');
    if (!kind || name === '') return;
    const id = newId();
    const typed = textOf(form, 'area');
    const area = kind.area ? areas.read(typed) : undefined;
    if (area && !area.ok) return setProblem(areas.wordsOf(area.error, typed));
    const refused = make([kind.edit(id, name, textOf(form, 'kind'), area?.value ?? 0)]);
    setProblem(refused?.message);
    if (refused) return;
    select(kind.key(id));
    setAdding(null);
  };
  return (
    <div className="no-print">
      <div className="flex flex-wrap items-center gap-x-5">
        <span className="type-second">Add</span>
        {KINDS.map(({ name }) => (
          <Action key={name} aria-expanded={adding === name} onClick={() => setAdding(adding === name ? null : name)}>
            {name}
          </Action>
        ))}
      </div>
      {kind && (
        <form
          onSubmit={(event) => {
            // Not an action of the form: that would empty its fields when it is refused.
            event.preventDefault();
            add(new FormData(event.currentTarget));
          }}
          className="flex flex-wrap items-end gap-3 border-y border-hair py-2"
        >
          <label className="block grow">
            <span className="block type-second">What is it called?</span>
            <input name="name" required maxLength={80} className="field w-full" placeholder={kind.example} autoFocus />
          </label>
          {kind.area && (
            <label className="block grow">
              <span className="block type-second">How large, seen from above, {feet ? 'sq ft' : 'm2'}?</span>
              <input
                name="area"
                required
                inputMode="decimal"
                className="field w-full"
                placeholder={feet ? '640' : '60'}
              />
            </label>
          )}
          {kinds && (
            <label className="block grow">
              <span className="block type-second">{kind.name === 'ground' ? 'Where is it?' : 'What is it?'}</span>
              <select name="kind" className="field w-full">
                {kinds.map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          )}
          <button type="submit" className="other-action">
            Add it
          </button>
          <EntryProblem problem={problem} />
        </form>
      )}
    </div>
  );
}
