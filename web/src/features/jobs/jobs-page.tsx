import {
  type Catalogue,
  type Finding,
  type Plan,
  type Station,
  fillText,
  formatVolume,
  plan,
  tankType,
} from '@herrero/core';
import { formatDistanceToNow } from 'date-fns';
import Link from 'next/link';
import { Hatches } from '@/drawing/view/hatches';
import { type StoredJob } from '@/server/db/job-repository';
import { Peg } from '@/ui/peg';
import { type Seam, SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { NameBlock } from '../desk/name-block';
import { EarthHatch } from '../desk/strip';
import { stationPath } from '../desk/stations';
import { JobMenu } from './job-menu';
import { NewJob } from './new-job';
import { OpenJobFile } from './open-job-file';
import { SiteSection } from './site-section';
import { stationToOpen } from './station-to-open';
import { LightPopover } from './light-popover';

interface JobsPageProps {
  readonly catalogue: Catalogue;
  readonly jobs: readonly StoredJob[];
  readonly archived: boolean;
}

/** All jobs, the one worked on last on top; every row on its own ground line. */
export function JobsPage({ jobs, archived, catalogue }: JobsPageProps) {
  const rows = jobs.map((stored) => ({ stored, planned: plan(stored.document, catalogue) }));
  return (
    <div className="flex min-h-dvh flex-col">
      <Hatches />
      <header className="bg-sheet">
        <div className="flex h-[66px] items-center justify-between border-b-2 border-ink px-4">
          <NameBlock />
          <div className="flex items-center gap-6">
            <Link href="/bench" className="action">
              <span>The bench: which thread is this?</span>
            </Link>
            <LightPopover />
          </div>
        </div>
        <div className="h-[22px] border-b border-hair bg-paper-deep">
          <EarthHatch />
        </div>
      </header>
      <div className="flex flex-1 max-lg:flex-col">
        <main className="min-w-0 flex-1 px-8 pt-2.5 pb-8 max-md:px-3">
          <div className="flex flex-wrap items-center justify-between gap-3 pb-2">
            <h1 className="flex items-baseline gap-3">
              <span className="type-title">{archived ? 'Archived jobs' : 'Jobs'}</span>
              <span className="text-[16px] text-ink-2 [font-stretch:84%]">{countWords(jobs.length, archived)}</span>
            </h1>
            {!archived && (
              <div className="flex flex-wrap items-start gap-3">
                <OpenJobFile />
                <NewJob />
              </div>
            )}
          </div>
          <ul className="rule-subject">
            {rows.map(({ stored, planned }, index) => (
              <JobRow key={stored.id} stored={stored} planned={planned} first={index === 0 && !archived} />
            ))}
          </ul>
          {jobs.length === 0 && !archived && (
            <p className="py-4">Nothing on the bench. Begin with the tank that stands on the site.</p>
          )}
          <Link href={archived ? '/' : '/?archived=true'} className="action mt-2">
            <span>{archived ? 'Back to the jobs' : 'Archived jobs'}</span>
          </Link>
        </main>
        <AcrossJobs rows={rows} />
      </div>
    </div>
  );
}

const countWords = (count: number, archived: boolean): string =>
  count === 0
    ? 'none'
    : `${count} ${archived ? 'put away' : 'on the bench'}${count > 1 && !archived ? ', the one you left last on top' : ''}`;

function tankWords({ context: { job } }: Plan): string {
  const [first] = job.tanks;
  if (!first) return 'no tank yet';
  const same = job.tanks.every(({ capacityM3 }) => capacityM3 === first.capacityM3);
  const tanks = same
    ? `${job.tanks.length} x ${formatVolume(first.capacityM3, job.measures)} ${tankType(first.type).shortName}`
    : `${job.tanks.length} tanks`;
  return `${tanks}, ${job.penetrations.length} ${job.penetrations.length === 1 ? 'hole' : 'holes'}`;
}

const seamOfFinding = ({ check, at }: Finding, { joints }: Plan): Seam | undefined => {
  const judged = joints.find(({ joint }) => joint.id === at.id);
  if (at.kind === 'joint' && judged) return seamOf(judged.mating);
  return check === 'run/end-open' || check === 'hole/nothing-behind'
    ? 'open'
    : check === 'run/length-not-known'
      ? 'unknown'
      : undefined;
};

function JobRow({
  stored,
  planned,
  first,
}: {
  readonly stored: StoredJob;
  readonly planned: Plan;
  readonly first: boolean;
}) {
  const station: Station = stationToOpen(planned);
  const worst = planned.findings.slice(0, 2);
  const { document: job } = stored;
  return (
    <li
      className={`grid grid-cols-[330px_minmax(0,1fr)_220px] items-center gap-6 border-b border-hair px-2 py-2.5 max-xl:grid-cols-[240px_minmax(0,1fr)_200px] max-md:grid-cols-1 max-md:gap-2 ${first ? 'row-selected' : ''}`}
    >
      <SiteSection job={job} />
      <div className="min-w-0">
        <h2>
          <Link href={`/jobs/${stored.id}`} className="type-station hover:underline">
            {job.name}
          </Link>
        </h2>
        <p className="text-[16px] text-ink-2 [font-stretch:84%]">{tankWords(planned)}</p>
        <ul className="space-y-1 pt-1.5">
          {worst.map((finding, index) => {
            const seam = seamOfFinding(finding, planned);
            return (
              <li key={index} className="flex items-center gap-2.5 type-row">
                {seam && <SeamGlyph seam={seam} width={30} />}
                <span>
                  <b className="font-[650]">{finding.at.label}</b> {finding.title.toLowerCase()}
                </span>
              </li>
            );
          })}
          {worst.length === 0 && planned.joints.length > 0 && (
            <li className="flex items-center gap-2.5 type-row">
              <SeamGlyph seam="holds" width={30} />
              all {planned.joints.length} joints hold
            </li>
          )}
        </ul>
      </div>
      <div>
        <PegLine stations={planned.stations} here={station.id} />
        <p className="pt-1 type-row">
          {station.name}: {station.words}
        </p>
        <p className="type-second">worked on {formatDistanceToNow(stored.updatedAt, { addSuffix: true })}</p>
        <div className="flex items-center justify-between">
          <Link href={stationPath(stored.id, station.id)} className="action">
            <span>Open at {station.name}</span>
          </Link>
          <JobMenu id={stored.id} name={job.name} archived={stored.archivedAt !== null} />
        </div>
      </div>
    </li>
  );
}

/** The seven pegs of a job on one small ground line. */
function PegLine({ stations, here }: { readonly stations: readonly Station[]; readonly here: Station['id'] }) {
  return (
    <div className="relative h-[38px]" aria-hidden="true">
      <div className="absolute inset-x-0 top-[20px] border-t-2 border-ink" />
      <div className="flex justify-between px-1">
        {stations.map(({ id, peg }) => (
          <span
            key={id}
            className={`inline-block h-[36px] w-[22px] ${id === here ? 'border-b-[3px] border-brass-line' : ''}`}
          >
            <span className="inline-block origin-top-left scale-[.68]">
              <Peg state={peg} />
            </span>
          </span>
        ))}
      </div>
    </div>
  );
}

const MOST_NOTES = 5;

/** What is worst across all jobs. */
function AcrossJobs({ rows }: { readonly rows: readonly { readonly stored: StoredJob; readonly planned: Plan }[] }) {
  const notes = rows.flatMap(({ stored, planned }) =>
    planned.findings.slice(0, 2).map((finding) => ({ stored, planned, finding })),
  );
  const order = ['fails', 'unknown', 'costs', 'advice'];
  const worst = notes
    .toSorted((a, b) => order.indexOf(a.finding.severity) - order.indexOf(b.finding.severity))
    .slice(0, MOST_NOTES);
  return (
    <aside
      aria-label="Across all jobs"
      className="w-[244px] shrink-0 border-l border-hair px-3.5 pb-6 max-lg:w-full max-lg:border-t max-lg:border-l-0"
    >
      <h2 className="flex items-baseline justify-between pt-3 pb-2">
        <span className="type-head">Across all jobs</span>
        <span className="type-second">{worst.length === 0 ? 'nothing open' : 'worst first'}</span>
      </h2>
      {worst.map(({ stored, planned, finding }, index) => {
        const seam = seamOfFinding(finding, planned);
        return (
          <section
            key={index}
            className={`${finding.severity === 'fails' ? 'border-t-[5px] border-oxide' : 'border-t-[3px] border-ink'} pt-2 pb-4`}
          >
            <h3 className="flex items-center gap-2">
              {seam && <SeamGlyph seam={seam} width={30} />}
              <span className="flex-1 text-[16px] leading-5 font-[650]">{finding.title}</span>
              <span className="type-second">{finding.at.label}</span>
            </h3>
            <p className="pt-1 type-row">
              <b className="font-[650]">{stored.document.name}:</b>{' '}
              {fillText(finding.text, finding.data, stored.document.measures)}
            </p>
          </section>
        );
      })}
    </aside>
  );
}
