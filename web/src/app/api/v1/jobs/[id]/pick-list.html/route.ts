import { shelves } from '@herrero/core';
import { answerDownload } from '@/server/download';
import { pickListHtml } from '@/server/pick-list-html';

/** The list to pick from as one file for a phone that cannot reach the server. */
export const GET = answerDownload(({ plan, catalogue, stored: { id, document } }) => ({
  ending: 'pick-list.html',
  type: 'text/html; charset=utf-8',
  body: pickListHtml(document.name, id, shelves(plan.parts, catalogue), new Date().toISOString().slice(0, 10)),
}));
