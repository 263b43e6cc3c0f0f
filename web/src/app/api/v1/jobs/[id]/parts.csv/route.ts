import { CSV_TYPE } from '@/server/csv';
import { answerDownload } from '@/server/download';
import { partsCsv } from '@/server/parts-csv';

/** The parts list as CSV, for a spreadsheet or the counter. */
export const GET = answerDownload(({ plan, stored }) => ({
  ending: 'parts.csv',
  type: CSV_TYPE,
  body: partsCsv(plan.parts, stored.document),
}));
