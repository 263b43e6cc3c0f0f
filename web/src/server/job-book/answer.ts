import 'server-only';
import { PAPER_SIZES, paperOf } from '@herrero/core';
import { spaceDxf } from '../cad/space-dxf';
import { answerDownload } from '../download';
import { DXF_TYPE, SHEET_KINDS, type SheetKind } from '../sheet/kinds';
import { jobBook, runSheets } from './job-book';

/** What is drawn of a whole job: the book for the site, or the drawings of its runs. */
const SUBJECTS = {
  parts: jobBook,
  runs: (...[job, plan, , now]: Parameters<typeof jobBook>) => runSheets(job, plan, now),
};

const NOTHING_STANDS = { path: '', message: 'Nothing stands on any opening yet.' };

/** Answers with sheets of a whole job in a format: `?paper=a4`; without paper on that of the region. */
export const answerBook = (subject: keyof typeof SUBJECTS, kind: SheetKind) =>
  answerDownload(async ({ plan, stored: { document: job } }, asked) => {
    const said = asked.get('paper');
    const paper = said === null ? paperOf(job) : PAPER_SIZES.find((one) => one === said);
    if (paper === undefined)
      return { problems: [{ path: 'paper', message: `The paper is one of: ${PAPER_SIZES.join(', ')}.` }] };
    const sheets = SUBJECTS[subject](job, plan, paper, new Date());
    if (sheets.length === 0) return { problems: [NOTHING_STANDS] };
    return {
      ending: `${subject}.${kind}`,
      type: SHEET_KINDS[kind].type,
      body: await SHEET_KINDS[kind].write(sheets, `${job.name}: ${subject}`),
    };
  });

/** Answers with the runs in space, for a drawing program. */
export const answerSpace = answerDownload(({ plan }) => {
  const body = spaceDxf(plan);
  return Promise.resolve(
    body === undefined ? { problems: [NOTHING_STANDS] } : { ending: 'runs.dxf', type: DXF_TYPE, body },
  );
});
