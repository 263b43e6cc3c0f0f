'use client';

import { HOLE_KINDS, type HoleKind, type Role, type Tank, setOutHole, sizeWords, usualSize } from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';

/** What an opening is for, as a hand would say it. */
const SAYS: Readonly<Record<Role, string>> = {
  'draw-off': 'a tap, a hose',
  overflow: 'surplus leaves',
  inlet: 'rain comes in',
  vent: 'air in and out',
  link: 'to the next tank',
  drain: 'empties for cleaning',
  'pump-line': 'pressure or suction',
  'cord-entry': 'cable of a pump',
  'float-fill': 'tops up by itself',
  'tanker-fill': 'filled by a lorry',
  'sight-tube': 'shows the level',
  access: 'a hand gets in',
  clearance: 'something passes',
  spare: 'capped for later',
};

/** What the new opening is for: one press sets it out at its usual place and size, to be moved afterwards. */
export function AddHole({ tank }: { readonly tank: Tank }) {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const add = (kind: HoleKind): void => {
    const penetration = setOutHole(newId(), kind, tank, job);
    if (make([{ type: 'add-penetration', penetration }]) === undefined) select(penetration.id);
  };
  return (
    <section id="add" aria-label={`Add a hole to ${tank.label}`} className="rule-subject mt-4 pt-2">
      <h2 className="type-head">Add a hole to {tank.label}</h2>
      <p className="type-second">What is it for? It is set out at the usual place and size; move it afterwards.</p>
      <ul className="mt-2 grid grid-cols-5 gap-2 max-xl:grid-cols-4 max-md:grid-cols-2">
        {HOLE_KINDS.map((kind) => (
          <li key={kind.role}>
            <button
              type="button"
              onClick={() => add(kind)}
              className="sheet block min-h-14 w-full px-3 py-2 text-left hover:bg-brass-wash"
            >
              <span className="block text-[16px] leading-5 font-[650]">{kind.name}</span>
              <span className="type-second">
                {SAYS[kind.role]}; {sizeWords(usualSize(kind, job, tank))}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
