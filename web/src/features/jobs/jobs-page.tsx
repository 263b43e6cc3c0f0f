import { type Station } from '@herrero/core';
import { formatDistanceToNow } from 'date-fns';
import Link from 'next/link';
import { Suspense } from 'react';
import { Hatches } from '@/drawing/view/hatches';
import { type JobList, type SeenJob, type WorstNote } from '@/server/job-looks/list';
import { patternList } from '@/server/patterns';
import { type Look, type LookedFinding } from '@/server/job-looks/look';
import { Awake } from '@/ui/awake';
import { Peg } from '@/ui/peg';
import { type Seam, SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { NameBlock } from '../desk/name-block';
import { EarthHatch } from '../desk/strip';
import { stationPath } from '../desk/stations';
import { LookAgain } from './look-again';
import { JobMenu } from './job-menu';
import { NewJob } from './new-job';
import { OpenJobFile } from './open-job-file';
import { SiteSection } from './site-section';
import { stationToOpen } from './station-to-open';
import { LightPopover } from './light-popover';

interface JobsPageProps {
  readonly archived: boolean;
  /** The jobs; the rest of the page goes out before they are there. */
  readonly list: Promise<JobList>;
}

/** All jobs, the one worked on last on top; every row on its own ground line. */
export function JobsPage({ list, archived }: JobsPageProps) {
  return (
    <div className="flex min-h-dvh flex-col">
      <Hatches />
      <header className="bg-sheet">
        <div className="flex h-[66px] items-center justify-between gap-4 border-b-2 border-ink px-4">
          <NameBlock />
          <div className="flex items-center gap-6">
            <Link href="/bench" className="action">
              <span>
                The bench<span className="max-md:sr-only">: which thread is this?</span>
              </span>
            </Link>
            <LightPopover />
          </div>
        </div>
        <div className="h-[22px] border-b border-hair bg-paper-deep">
          <EarthHatch />
        </div>
      </header>
      <Suspense fallback={<Listed archived={archived} />}>
        <ListOf list={list} archived={archived} />
      </Suspense>
    </div>
  );
}

async function ListOf({ list, archived }: JobsPageProps) {
  return <Listed list={await list} archived={archived} />;
}

/** The jobs beside what is worst across them; without a list while it is looked up. */
function Listed({ list, archived }: { readonly list?: JobList; readonly archived: boolean }) {
  return (
    <div className="flex flex-1 max-lg:flex-col">
      <main className="min-w-0 flex-1 px-8 pt-2.5 pb-8 max-md:px-3">
        <div className="flex flex-wrap items-start justify-between gap-3 pb-2">
          <h1 className="flex items-baseline gap-3">
            <span className="type-title">{archived ? 'Archived jobs' : 'Jobs'}</span>
            <span className="text-[16px] text-ink-2 [font-stretch:84%]">
              {list ? countWords(list.total, archived) : 'being fetched'}
            </span>
          </h1>
          {list && !archived && (
            <Awake className="flex max-w-xl flex-wrap items-start justify-end gap-3 max-md:justify-start">
              <OpenJobFile />
              <NewJob patterns={patternList()} />
            </Awake>
          )}
        </div>
        <ul className="rule-subject">
          {list?.listed.map((one, index) => (
            <JobRow key={one.stored.id} listed={one} first={index === 0 && list.page === 1 && !archived} />
          ))}
        </ul>
        {list?.total === 0 && !archived && (
          <p className="py-4">Nothing on the bench. Begin with the tank that stands on the site.</p>
        )}
        {list && list.pages > 1 && <Pages page={list.page} pages={list.pages} archived={archived} />}
        {list && (
          <div className="flex flex-wrap items-center gap-x-6 pt-2">
            <Link href={archived ? '/' : '/?archived=true'} className="action">
              <span>{archived ? 'Back to the jobs' : 'Archived jobs'}</span>
            </Link>
            <a href="/api/v1/everything" download className="action">
              <span>Everything of mine, in one file</span>
            </a>
          </div>
        )}
      </main>
      {list && <AcrossJobs worst={list.worst} seen={list.seen} />}
      {list && !list.seen && <LookAgain />}
    </div>
  );
}

/** From one page of the list to the next. */
function Pages({
  page,
  pages,
  archived,
}: {
  readonly page: number;
  readonly pages: number;
  readonly archived: boolean;
}) {
  const to = (other: number): string => `/?${archived ? 'archived=true&' : ''}page=${other}`;
  return (
    <nav aria-label="Pages" className="flex flex-wrap items-center gap-4 py-2 type-row">
      {page > 1 && (
        <Link href={to(page - 1)} className="action">
          <span>Worked on later</span>
        </Link>
      )}
      <span>
        page {page} of {pages}
      </span>
      {page < pages && (
        <Link href={to(page + 1)} className="action">
          <span>Worked on earlier</span>
        </Link>
      )}
    </nav>
  );
}

const countWords = (count: number, archived: boolean): string =>
  count === 0
    ? 'none'
    : `${count} ${archived ? 'put away' : 'on the bench'}${count > 1 && !archived ? ', the one you left last on top' : ''}`;

const seamOfFinding = ({ check, mating }: LookedFinding): Seam | undefined => {
  if (mating) return seamOf(mating);
  return check === 'run/end-open' || check === 'hole/nothing-behind'
    ? 'open'
    : check === 'run/length-not-known'
      ? 'unknown'
      : undefined;
};

function JobRow({ listed: { stored, look, fresh }, first }: { readonly listed: SeenJob; readonly first: boolean }) {
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
        {look && <p className="text-[16px] text-ink-2 [font-stretch:84%]">{look.tanks}</p>}
        {!fresh && (
          <p className="type-second" role="status">
            {look ? 'as it was before the last change; being looked at again' : 'being looked at'}
          </p>
        )}
        {look && <Noted look={look} />}
      </div>
      <div>
        {look && <Going look={look} />}
        <p className="type-second">worked on {formatDistanceToNow(stored.updatedAt, { addSuffix: true })}</p>
        <div className="flex items-center justify-between">
          <OpenLink id={stored.id} look={look} />
          <JobMenu id={stored.id} name={job.name} archived={stored.archivedAt !== null} />
        </div>
      </div>
    </li>
  );
}

/** The worst of a job, or that its joints hold; where notes are only settled by name, that. */
function Noted({ look: { findings, joints, settled = 0 } }: { readonly look: Look }) {
  return (
    <ul className="space-y-1 pt-1.5">
      {findings.map((finding, index) => {
        const seam = seamOfFinding(finding);
        return (
          <li key={index} className="flex items-center gap-2.5 type-row">
            {seam && <SeamGlyph seam={seam} width={30} />}
            <span>
              <b className="font-[650]">{finding.label}</b> {finding.title.toLowerCase()}
            </span>
          </li>
        );
      })}
      {findings.length === 0 && joints > 0 && (
        <li className="flex items-center gap-2.5 type-row">
          {settled === 0 && <SeamGlyph seam="holds" width={30} />}
          {settled === 0 ? `all ${joints} joints hold` : `nothing else is open, ${settled} settled by name`}
        </li>
      )}
    </ul>
  );
}

/** How far it has come. */
function Going({ look: { stations } }: { readonly look: Look }) {
  const station = stationToOpen(stations);
  return (
    <>
      <PegLine stations={stations} here={station.id} />
      <p className="pt-1 type-row">
        {station.name}: {station.words}
      </p>
    </>
  );
}

/** The way in: where work goes on, as soon as that has been looked at. */
function OpenLink({ id, look }: { readonly id: string; readonly look: Look | undefined }) {
  const station = look && stationToOpen(look.stations);
  return (
    <Link href={station ? stationPath(id, station.id) : `/jobs/${id}`} className="action">
      <span>{station ? `Open at ${station.name}` : 'Open'}</span>
    </Link>
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

/** What is worst across all jobs. */
function AcrossJobs({ worst, seen }: { readonly worst: readonly WorstNote[]; readonly seen: boolean }) {
  return (
    <aside
      aria-label="Across all jobs"
      className="w-[244px] shrink-0 border-l border-hair px-3.5 pb-6 max-lg:w-full max-lg:border-t max-lg:border-l-0"
    >
      <h2 className="flex items-baseline justify-between pt-3 pb-2">
        <span className="type-head">Across all jobs</span>
        <span className="type-second">
          {!seen ? 'being looked at' : worst.length === 0 ? 'nothing open' : 'worst first'}
        </span>
      </h2>
      {worst.map(({ name, finding }, index) => {
        const seam = seamOfFinding(finding);
        return (
          <section
            key={index}
            className={`${finding.severity === 'fails' ? 'border-t-[5px] border-oxide' : 'border-t-[3px] border-ink'} pt-2 pb-4`}
          >
            <h3 className="flex items-center gap-2">
              {seam && <SeamGlyph seam={seam} width={30} />}
              <span className="flex-1 text-[16px] leading-5 font-[650]">{finding.title}</span>
              <span className="type-second">{finding.label}</span>
            </h3>
            <p className="pt-1 type-row">
              <b className="font-[650]">{name}:</b> {finding.text}
            </p>
          </section>
        );
      })}
    </aside>
  );
}
