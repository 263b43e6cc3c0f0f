'use client';

import { type CheckContext, type HeightRef, formatLength, heightKey, stakes, upOf } from '@herrero/core';
import { useState } from 'react';
import { datumName, datumOf, heightWords, refName } from './site-words';

/** Heights to set out, each as so much down from one reference that is chosen: what is read on the staff. */
export function StakeList({ context }: { readonly context: CheckContext }) {
  const { job } = context;
  const { measures } = job;
  const [chosen, setChosen] = useState('ground');
  const references: readonly HeightRef[] = [
    { of: 'ground' },
    ...job.marks.filter(({ kind }) => kind === 'reference').map(({ id }): HeightRef => ({ of: 'mark', id })),
    ...job.roofs.map(({ id }): HeightRef => ({ of: 'roof', id })),
  ];
  const known = references.filter((ref) => upOf(job, ref) !== undefined);
  const from = known.find((ref) => heightKey(ref) === chosen) ?? { of: 'ground' as const };
  const fromM = upOf(job, from) ?? 0;
  const rows = stakes(context);
  return (
    <section aria-label="Stake list" className="rule-subject mt-5 pt-2">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 className="type-station">Stake list</h2>
        <label className="flex items-center gap-2 type-second">
          measured down from
          <select className="field" value={heightKey(from)} onChange={(event) => setChosen(event.target.value)}>
            {known.map((ref) => (
              <option key={heightKey(ref)} value={heightKey(ref)}>
                {refName(job, ref)}
              </option>
            ))}
          </select>
        </label>
      </div>
      {rows.length === 0 ? (
        <p className="py-2 type-row">Nothing to set out yet.</p>
      ) : (
        <div className="overflow-x-auto" tabIndex={0} aria-label="Heights to set out">
          <table className="w-full min-w-[520px] type-row">
            <thead>
              <tr className="border-b border-ink text-left">
                {['set out', `from the ${refName(job, from)}`, `from ${datumName(job)}`, 'ground there'].map(
                  (title) => (
                    <th key={title} scope="col" className="py-1 pr-3 type-second font-normal">
                      {title}
                    </th>
                  ),
                )}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ id, what, wantedM, presentM }) => (
                <tr key={id} className="border-b border-hair">
                  <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                    {what}
                  </th>
                  <td className="pr-3 font-[650]">
                    {formatLength(Math.abs(fromM - wantedM), measures)} {fromM >= wantedM ? 'down' : 'up'}
                  </td>
                  <td className="pr-3">{heightWords(wantedM, datumOf(job), measures)}</td>
                  <td className="type-second">
                    {presentM === undefined
                      ? ''
                      : `${presentM > wantedM ? 'cut' : 'fill'} ${formatLength(Math.abs(presentM - wantedM), measures)}`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
