'use client';

import { type Penetration, type Tank, formatLength, holeDiameterM, sizeWords } from '@herrero/core';
import Link from 'next/link';
import { layOut } from '@/drawing/geometry/string-layout';
import { StringDrawing } from '@/drawing/view/string-drawing';
import { useJob } from '../../store/job-provider';
import { stationPath } from '../desk/stations';
import { HoleFigures } from './hole-figures';
import { PortChoice } from './port-choice';
import { SealChoice } from './seal-choice';

/** All about the selected hole: what it looks like in the wall, what seals it, and where exactly it is. */
export function HolePanel({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const jobId = useJob((state) => state.jobId);
  const port = penetration.port !== null;
  return (
    <section
      aria-label={`${penetration.label} ${penetration.name}`}
      className="rule-selected mt-3 grid grid-cols-[226px_1fr_300px] gap-4 pt-2 max-xl:grid-cols-2 max-md:grid-cols-1"
    >
      <div>
        <h2 className="type-head">
          {penetration.label} {penetration.name}, {sizeWords(penetration.size)}
        </h2>
        <WallSection penetration={penetration} tank={tank} />
        <Link href={stationPath(jobId, 'runs')} className="main-action mt-2 flex items-center justify-center">
          Build the run of {penetration.label}
        </Link>
      </div>
      <div>
        <h2 className="border-b border-hair pb-1 type-head">{port ? 'What becomes of it' : 'What seals it'}</h2>
        {port ? (
          <PortChoice penetration={penetration} tank={tank} />
        ) : (
          <SealChoice penetration={penetration} tank={tank} />
        )}
      </div>
      <HoleFigures penetration={penetration} tank={tank} />
    </section>
  );
}

/** The seal in its wall, in half-section, with the hole to drill. */
function WallSection({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const plan = useJob((state) => state.plan);
  const measures = useJob((state) => state.job.measures);
  const strand = plan.runs.find((run) => run.penetration.id === penetration.id)?.strands[0];
  const [first] = strand?.items ?? [];
  const wallMm = tank.wallM * 1000;
  const diameterM = holeDiameterM(penetration.id, plan.context.job, plan.context.index);
  const layout = layOut(
    { from: { of: 'hole', id: penetration.id }, items: first ? [{ ...first }] : [], end: { at: 'closed' } },
    { wallMm, port: penetration.port !== null, jointOf: plan.context.judgedOf },
  );
  const pxPerMm = Math.min(230 / layout.lengthMm, 170 / layout.outsideMm);
  return (
    <figure>
      <figcaption className="flex justify-between type-second">
        <span className="text-water-ink">inside, wet</span>
        <span>outside</span>
      </figcaption>
      <svg
        viewBox="0 0 250 208"
        className="sheet mt-1 w-full"
        role="img"
        aria-label={`${penetration.label} in the wall${diameterM === undefined ? '' : `, hole ${formatLength(diameterM, measures)}`}`}
      >
        <g transform="translate(8 104)">
          <StringDrawing layout={layout} pxPerMm={pxPerMm} />
        </g>
        <text x={240} y={198} textAnchor="end" className="halo type-scale" style={{ fill: 'var(--ink)' }}>
          {`${diameterM === undefined ? (penetration.port === null ? 'no seal yet' : 'moulded port') : `hole ${formatLength(diameterM, measures)}`}, wall ${formatLength(tank.wallM, measures)}`}
        </text>
      </svg>
    </figure>
  );
}
