import 'server-only';
import { SEVERITIES } from '@herrero/core';
import { type StoredJob } from '../db/job-repository';
import { type KeptLook, listPage, staleLooks, worstLooks } from '../db/look-repository';
import { catalogueStamp } from '../db/part-repository';
import { ask, isIdle } from '../pool/pool';
import { PROGRAM } from '../program';
import { type Look, type LookedFinding } from './look';

/** Rows of a page of the list. */
export const PAGE_ROWS = 25;
const MOST_NOTES = 5;
/** So many jobs are looked at again for one view of the list; the next view goes on. */
const MOST_AT_ONCE = 100;

/** A job with what was last seen of it, and whether that is how it stands. */
export interface SeenJob {
  readonly stored: StoredJob;
  readonly look: Look | undefined;
  readonly fresh: boolean;
}

export interface WorstNote {
  readonly name: string;
  readonly finding: LookedFinding;
}

export interface JobList {
  readonly listed: readonly SeenJob[];
  readonly total: number;
  readonly page: number;
  readonly pages: number;
  readonly worst: readonly WorstNote[];
  /** Has every job been looked at since it changed? Until then nothing is said of all of them. */
  readonly seen: boolean;
}

/**
 * A page of the list of jobs. Nothing is planned for it: it shows what was last seen of each job, and says where a job, the
 * parts or the program has changed since.
 *
 * @param wanted counted from 1; beyond the last page it is the last
 */
export async function jobList(archived: boolean, wanted: number): Promise<JobList> {
  const now = await theNow();
  const rows = (page: number) => listPage(archived, { from: (page - 1) * PAGE_ROWS, most: PAGE_ROWS });
  const [first, worst, unseen] = await Promise.all([
    rows(wanted),
    worstLooks(archived, MOST_NOTES),
    staleLooks(now, 1),
  ]);
  const pages = Math.max(1, Math.ceil(first.total / PAGE_ROWS));
  const page = Math.min(wanted, pages);
  const { listed, total } = page === wanted ? first : await rows(page);
  const rowsSeen = listed.map(({ stored, kept }) => ({
    stored,
    look: kept?.look,
    fresh: kept !== undefined && isFresh(kept, stored, now),
  }));
  return {
    listed: rowsSeen,
    seen: unseen.length === 0,
    total,
    page,
    pages,
    worst: worst
      .flatMap(({ name, look }) => look.findings.map((finding) => ({ name, finding })))
      .toSorted((a, b) => SEVERITIES.indexOf(a.finding.severity) - SEVERITIES.indexOf(b.finding.severity))
      .slice(0, MOST_NOTES),
  };
}

const theNow = async () => ({ catalogue: await catalogueStamp(), program: PROGRAM });

const isFresh = (kept: KeptLook, { revision }: StoredJob, now: Pick<KeptLook, 'catalogue' | 'program'>): boolean =>
  kept.revision === revision && kept.catalogue === now.catalogue && kept.program === now.program;

let looking = false;

/** Looks at what has changed, one job after the other, while nobody waits for the pool. */
export async function lookAgain(): Promise<void> {
  if (looking) return;
  looking = true;
  try {
    for (const { id } of await staleLooks(await theNow(), MOST_AT_ONCE)) {
      if (!isIdle()) return;
      await ask('look', { id });
    }
  } finally {
    looking = false;
  }
}
