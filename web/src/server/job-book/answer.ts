import 'server-only';
import { type NextRequest, type NextResponse } from 'next/server';
import { badRequest, notFound } from '../api/problem';
import { PAPERS, type Paper } from '../drilling-sheet/lay-out';
import { SHEET_KINDS, type SheetKind } from '../sheet/kinds';
import { fileNameOf } from '../parts-csv';
import { findPlannedJob } from '../planned-job';
import { jobBook, runSheets } from './job-book';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** What is drawn of a whole job: the book for the site, or the drawings of its runs. */
const SUBJECTS = {
  parts: jobBook,
  runs: (...[job, plan, , now]: Parameters<typeof jobBook>) => runSheets(job, plan, now),
};

/** Answers with sheets of a whole job in a format: `?paper=a4`. */
export const answerBook =
  (subject: keyof typeof SUBJECTS, kind: SheetKind) =>
  async (request: NextRequest, { params }: Context): Promise<Response | NextResponse> => {
    const paper = request.nextUrl.searchParams.get('paper') ?? 'letter';
    if (!(paper in PAPERS))
      return badRequest([{ path: 'paper', message: `Paper is ${Object.keys(PAPERS).join(' or ')}.` }]);
    const found = await findPlannedJob((await params).id);
    if (!found) return notFound('job');
    const { document: job } = found.stored;
    const sheets = SUBJECTS[subject](job, found.plan, paper as Paper, new Date());
    if (sheets.length === 0) return badRequest([{ path: '', message: 'Nothing stands on any opening yet.' }]);
    const written = await SHEET_KINDS[kind].write(sheets, `${job.name}: ${subject}`);
    return new Response(typeof written === 'string' ? written : new Uint8Array(written), {
      headers: {
        'content-type': SHEET_KINDS[kind].type,
        'content-disposition': `attachment; filename="${fileNameOf(job.name)}-${subject}.${kind}"`,
        'cache-control': 'no-store',
      },
    });
  };
