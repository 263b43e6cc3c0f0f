'use client';

import { type Tank, isToDrill, paperOf } from '@herrero/core';
import { useJob } from '../../store/job-provider';

const KINDS = [
  ['pdf', 'a4', 'PDF, A4'],
  ['pdf', 'letter', 'PDF, Letter'],
  ['svg', 'a4', 'SVG'],
  ['dxf', 'a4', 'DXF'],
] as const;

/** The drilling sheet of a tank: every hole at true scale, to be laid on the wall. */
export function DrillingSheetLinks({ tank }: { readonly tank: Tank }) {
  const jobId = useJob((state) => state.jobId);
  const paper = useJob((state) => paperOf(state.job));
  const drilled = useJob(
    (state) =>
      state.job.penetrations.filter((hole) => hole.tankId === tank.id && isToDrill(hole, state.plan.context.index))
        .length,
  );
  if (drilled === 0) return null;
  const kinds = paper === 'letter' ? [KINDS[1], KINDS[0], KINDS[2], KINDS[3]] : KINDS;
  return (
    <section aria-label={`Drilling sheet of ${tank.label}`} className="no-print rule-subject mt-4 pt-2">
      <h2 className="type-head">Drilling sheet of {tank.label}</h2>
      <p className="type-second">
        {drilled === 1 ? 'One hole' : `${drilled} holes`} at true scale, with saw, order of work and a check ruler.
      </p>
      <ul className="mt-2 flex flex-wrap gap-2">
        {kinds.map(([kind, size, name], index) => (
          <li key={name}>
            <a
              href={`/api/v1/jobs/${jobId}/drilling-sheet.${kind}?tank=${tank.id}&paper=${size}`}
              className={`inline-flex min-h-11 items-center ${index === 0 ? 'main-action' : 'border-2 border-ink bg-sheet px-4 type-row'}`}
            >
              {name}
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
