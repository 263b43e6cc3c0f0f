'use client';

import { type Tank, sizeWords } from '@herrero/core';
import { useJob } from '../desk/job-provider';
import { newId } from '../desk/new-id';
import { HOLE_KINDS, setOutHole } from './hole-kinds';

/** What the new opening is for: one press sets it out at its usual place and size, to be moved afterwards. */
export function AddHole({ tank }: { readonly tank: Tank }) {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const add = (kind: (typeof HOLE_KINDS)[number]): void => {
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
                {kind.says}; {sizeWords(kind.size[job.measures === 'mm-l' ? 1 : 0])}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
