'use client';

import { type Tank } from '@herrero/core';
import { useJob } from '../desk/job-provider';
import { newId } from '../desk/new-id';
import { HOLE_KINDS, newPenetration } from './hole-kinds';

/** What the new opening is for: one press sets it out at its usual place and size, to be moved afterwards. */
export function AddHole({ tank }: { readonly tank: Tank }) {
  const penetrations = useJob((state) => state.job.penetrations);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const own = penetrations.filter(({ tankId }) => tankId === tank.id);
  const add = (kind: (typeof HOLE_KINDS)[number]): void => {
    const penetration = newPenetration(newId(), kind, tank, own);
    if (make([{ type: 'add-penetration', penetration }]) === undefined) select(penetration.id);
  };
  return (
    <section id="add" aria-label={`Add a hole to ${tank.label}`} className="rule-subject mt-4 pt-2">
      <h2 className="type-head">Add a hole to {tank.label}</h2>
      <p className="type-second">What is it for? It is set out at the usual place and size; move it afterwards.</p>
      <ul className="mt-2 grid grid-cols-4 gap-2 max-md:grid-cols-2">
        {HOLE_KINDS.map((kind) => (
          <li key={kind.role}>
            <button
              type="button"
              onClick={() => add(kind)}
              className="sheet block min-h-14 w-full px-3 py-2 text-left hover:bg-brass-wash"
            >
              <span className="block text-[16px] leading-5 font-[650]">{kind.name}</span>
              <span className="type-second">
                {kind.says}; {kind.size} in
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
