'use client';

import {
  type Chain,
  type Edit,
  type EndRef,
  type Fix,
  appendChain,
  fillText,
  findChains,
  holdsAtAll,
  mate,
  resolveEnd,
  shippedCatalogue,
} from '@herrero/core';
import { useMemo, useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../desk/job-provider';
import { newId } from '../desk/new-id';

interface Way {
  readonly key: string;
  readonly fix: Fix;
  readonly leastBoreMm: number | undefined;
}

const NO_PARTS: Chain = { links: [], priceUsd: 0 };

/** Ways to finish the run: at a named place, in another hole, or with water leaving here. Fewest parts first. */
export function FinishPanel({ at }: { readonly at: EndRef }) {
  const job = useJob((state) => state.job);
  const plan = useJob((state) => state.plan);
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const ways = useMemo((): readonly Way[] => {
    const { end, material } = resolveEnd(at, job, plan.context.index);
    if (!end) return [];
    const chainsTo = (to: EndRef): readonly Chain[] => {
      const other = resolveEnd(to, job, plan.context.index);
      if (!other.end) return to.of === 'terminal' ? [NO_PARTS] : [];
      if (holdsAtAll(mate(end, other.end, { a: material, b: other.material }).verdict)) return [NO_PARTS];
      const chains = findChains({ end, material }, { end: other.end, material: other.material }, shippedCatalogue);
      const fewest = chains[0]?.links.length ?? 0;
      return chains.filter(({ links }) => links.length <= fewest + 1);
    };
    const wayTo = (to: EndRef, name: string): readonly Way[] =>
      chainsTo(to).map((chain, index) => ({
        key: `${to.id}-${index}`,
        fix: appendChain(job, at, chain, chain.links.length === 0 ? name : `${name}: {parts}`, to),
        leastBoreMm: chain.links.length === 0 ? undefined : Math.min(...chain.links.map(({ part }) => part.boreMm)),
      }));
    const otherEnds = plan.runs.flatMap(({ penetration, strands }) =>
      strands.flatMap(({ end: last }) =>
        last.at === 'open' && last.ref.of === 'part' && !(at.of === 'part' && last.ref.id === at.id)
          ? wayTo(last.ref, `Into ${penetration.label} ${penetration.name}`)
          : [],
      ),
    );
    return [
      ...job.terminals.flatMap((terminal) => wayTo({ of: 'terminal', id: terminal.id }, `To ${terminal.name}`)),
      ...otherEnds,
    ];
  }, [at, job, plan]);

  return (
    <section aria-label="Finish to" id="finish">
      <h2 className="border-b border-ink pb-1 type-head">Finish to</h2>
      <ol>
        {ways.map(({ key, fix, leastBoreMm }, index) => (
          <li key={key} className="border-b border-hair">
            <button
              type="button"
              onClick={() => make(fix.edits)}
              className="flex min-h-11 w-full items-center gap-2.5 px-1 text-left hover:bg-brass-wash"
            >
              <b className="w-4 font-[650]">{index + 1}</b>
              <span className="flex-1 type-row">{fillText(fix.text, fix.data, measures)}</span>
              <span className="text-right type-second">
                {fix.partsAdded} {fix.partsAdded === 1 ? 'part' : 'parts'}, ${fix.priceUsd.toFixed(2)}
                {leastBoreMm !== undefined && (
                  <span className="block">least bore {(leastBoreMm / 25.4).toFixed(2)} in</span>
                )}
              </span>
            </button>
          </li>
        ))}
      </ol>
      <NewTerminal at={at} />
    </section>
  );
}

const OFFERS = [
  { value: '', name: 'nothing: water just leaves' },
  { value: '3/4 NH F swivel', name: 'a hose swivel, 3/4 NH female' },
  { value: '3/4 NPT F', name: 'a pipe thread, 3/4 NPT female' },
  { value: '1 NPT F', name: 'a pipe thread, 1 NPT female' },
  { value: '3 IPS socket', name: 'a downpipe socket for 3 in pipe' },
] as const;

const textOf = (form: FormData, field: string): string => {
  const value = form.get(field);
  return typeof value === 'string' ? value : '';
};

/** Water leaves here, or at a new named place. */
function NewTerminal({ at }: { readonly at: EndRef }) {
  const make = useJob((state) => state.make);
  const daylight = useJob((state) =>
    state.job.terminals.find(({ name, offers }) => name === 'open air' && offers === null),
  );
  const [naming, setNaming] = useState(false);
  const leave = (): void => {
    const id = daylight?.id ?? newId();
    const named: Edit[] = daylight
      ? []
      : [{ type: 'add-terminal', terminal: { id, name: 'open air', offers: null, distanceM: null, dropM: null } }];
    make([...named, { type: 'join-ends', jointId: newId(), a: at, b: { of: 'terminal', id } }]);
  };
  const add = (form: FormData): void => {
    const name = textOf(form, 'name').trim();
    const offers = textOf(form, 'offers');
    if (name === '') return;
    make([
      {
        type: 'add-terminal',
        terminal: { id: newId(), name, offers: offers === '' ? null : offers, distanceM: null, dropM: null },
      },
    ]);
    setNaming(false);
  };
  return (
    <div>
      <div className="flex flex-wrap gap-x-5">
        <Action onClick={leave}>Water leaves here</Action>
        <Action aria-expanded={naming} onClick={() => setNaming(!naming)}>
          Name another place
        </Action>
      </div>
      {naming && (
        <form action={add} className="space-y-2 pb-2">
          <label className="block">
            <span className="block type-second">What is the place called?</span>
            <input name="name" required maxLength={80} className="field w-full" placeholder="wash bay" />
          </label>
          <label className="block">
            <span className="block type-second">What is there to join to?</span>
            <select name="offers" className="field w-full">
              {OFFERS.map(({ value, name }) => (
                <option key={value} value={value}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <button type="submit" className="other-action">
            Add the place
          </button>
        </form>
      )}
    </div>
  );
}
