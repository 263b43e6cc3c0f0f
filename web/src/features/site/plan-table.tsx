'use client';

import { type CheckContext, type PlanRef, formatLength, planDistance, planKey, setOutOf } from '@herrero/core';
import { letterOf } from '@/drawing/geometry/site-plan';
import { useJob } from '../../store/job-provider';
import { PLACE_TROUBLES, howWords, planName, referencesOf } from './plan-words';
import { RowHead } from './row-head';

/** Everything that has a place, in walking order: how far from A and from B, and how that is known. */
export function PlanTable({ context }: { readonly context: CheckContext }) {
  const { job } = context;
  const refs: readonly PlanRef[] = [
    ...referencesOf(job).map(({ id }): PlanRef => ({ of: 'mark', id })),
    ...job.roofs.map(({ id }): PlanRef => ({ of: 'roof', id })),
    ...job.tanks.map(({ id }): PlanRef => ({ of: 'tank', id })),
    ...job.terminals.map(({ id }): PlanRef => ({ of: 'terminal', id })),
  ];
  const firsts = referencesOf(job)
    .slice(0, 2)
    .map(({ id }, index) => ({ key: `mark ${id}`, letter: letterOf(index) }));
  return (
    <div className="overflow-x-auto" tabIndex={0} aria-label="Places on the plan">
      <table className="w-full min-w-[440px] type-row">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            {['placed', ...firsts.map(({ letter }) => `from ${letter}`), 'how'].map((title) => (
              <th key={title} scope="col" className="py-1 pr-3 type-second font-normal">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {refs.map((ref) => (
            <PlanRow key={planKey(ref)} of={ref} firsts={firsts.map(({ key }) => key)} context={context} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function PlanRow({
  of,
  firsts,
  context: { job },
}: {
  readonly of: PlanRef;
  readonly firsts: readonly string[];
  readonly context: CheckContext;
}) {
  const key = planKey(of);
  const selected = useJob((state) => state.siteKey === key);
  const select = useJob((state) => state.selectSite);
  const { places } = setOutOf(job);
  const place = places.get(key);
  const placed =
    [...job.marks, ...job.roofs, ...job.tanks, ...job.terminals].find(({ id }) => id === of.id)?.placed ?? null;
  return (
    <tr className={`border-b border-hair ${selected ? 'row-selected' : 'hover:bg-paper-deep'}`}>
      <RowHead selected={selected} onSelect={() => select(key)}>
        {planName(job, of)}
      </RowHead>
      {firsts.map((first) => {
        const from = places.get(first)?.at;
        return (
          <td key={first} className="pr-3">
            {place?.at && from && first !== key ? (
              <span className={place.sure ? '' : 'border-b-[3px] border-dotted border-ink-2'}>
                {formatLength(planDistance(from, place.at), job.measures)}
              </span>
            ) : (
              ''
            )}
          </td>
        );
      })}
      <td className="type-second">
        {howWords(job, placed, job.measures)}
        {place?.trouble && !['not-placed', 'rough', 'no-direction'].includes(place.trouble)
          ? `: ${PLACE_TROUBLES[place.trouble]}`
          : ''}
      </td>
    </tr>
  );
}
