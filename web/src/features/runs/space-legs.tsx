'use client';

import { type Course, type Run, centreToCentre, formatLength, isLengthFound } from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { goesWords, numberedLegs } from './numbered-legs';

/** The pieces of the run: between what they lie, middle to middle, what is sawn, and which way they go. */
export function SpaceLegs({ run, course }: { readonly run: Run; readonly course: Course }) {
  const context = useJob((state) => state.plan.context);
  const said = useJob((state) => state.job.parts);
  const measures = useJob((state) => state.job.measures);
  const selectedId = useJob((state) => state.selectedPartId);
  const select = useJob((state) => state.selectPart);
  const legs = numberedLegs(run, course, context);
  if (legs.length === 0) return <p className="pt-2 type-row">Nothing of this run is cut.</p>;
  return (
    <div className="overflow-x-auto" tabIndex={0} aria-label="Pieces of this run">
      <table className="w-full min-w-[420px] type-row">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            {['', 'from', 'to', 'centres', 'cut', 'known', 'goes'].map((title) => (
              <th key={title} scope="col" className="py-1 pr-3 type-second font-normal">
                {title === '' ? <span className="sr-only">number</span> : title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {legs.map(({ number, leg, before, after }) => {
            const { placed, part } = leg;
            const between = centreToCentre(placed.id, context);
            const found = said.some((one) => one.id === placed.id && isLengthFound(part, one, placed));
            return (
              <tr
                key={placed.id}
                className={`border-b border-hair ${placed.id === selectedId ? 'row-selected' : 'hover:bg-paper-deep'}`}
              >
                <th scope="row" className="p-0 text-left">
                  <button
                    type="button"
                    aria-pressed={placed.id === selectedId}
                    aria-label={`Piece ${number}`}
                    onClick={() => select(placed.id)}
                    className="min-h-9 min-w-9 text-left font-[650] pointer-coarse:min-h-11"
                  >
                    {number}
                  </button>
                </th>
                <td className="pr-3">{before}</td>
                <td className="pr-3">{after}</td>
                <td className="pr-3 whitespace-nowrap">{between ? formatLength(between.madeM, measures) : ''}</td>
                <td className="pr-3 whitespace-nowrap">
                  {placed.lengthM === null ? (
                    <span className="border-b-[3px] border-dotted border-ink-2">measure</span>
                  ) : (
                    <b className="font-[650]">{formatLength(placed.lengthM, measures)}</b>
                  )}
                </td>
                <td className="pr-3 type-second">
                  {placed.lengthM === null ? '' : found ? 'from both ends' : 'given'}
                </td>
                <td className="type-second">{goesWords(leg)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
