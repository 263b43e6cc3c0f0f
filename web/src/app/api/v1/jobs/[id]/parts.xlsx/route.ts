import { answerDownload } from '@/server/download';
import { partsXlsx } from '@/server/parts-xlsx';

/** The parts list and the cut list as a workbook. */
export const GET = answerDownload(async ({ plan, stored }) => ({
  ending: 'parts.xlsx',
  type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  body: await partsXlsx(plan.parts, stored.document),
}));
