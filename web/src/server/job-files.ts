import 'server-only';
import { openQuestions, paperOf, provenList, shelves } from '@herrero/core';
import { listBody } from './api/plan-body';
import { CSV_TYPE } from './csv';
import { answerDownload } from './download';
import { partsCsv } from './parts-csv';
import { partsXlsx } from './parts-xlsx';
import { type PlannedJob } from './planned-job';
import { pickListHtml } from './pick-list-html';
import { priceRequestCsv, priceRequestXlsx } from './price-request';

export const answerPartsCsv = answerDownload(({ plan, stored }) => ({
  ending: 'parts.csv',
  type: CSV_TYPE,
  body: partsCsv(provenList(plan), stored.document),
}));

export const answerPartsJson = answerDownload(({ plan, stored: { document, revision } }) => {
  const { name, currency, taxPercent } = document;
  return {
    ending: 'parts.json',
    type: 'application/json',
    body: JSON.stringify({ job: name, revision, currency, taxPercent, ...listBody(plan) }),
  };
});

export const answerPartsXlsx = answerDownload(async ({ plan, stored }) => ({
  ending: 'parts.xlsx',
  type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  body: await partsXlsx(provenList(plan), stored.document, paperOf(stored.document)),
}));

const toBuy = ({ plan, catalogue }: PlannedJob) => shelves(plan.parts, catalogue).flatMap(({ lines }) => lines);

export const answerPriceRequestCsv = answerDownload((found) => ({
  ending: 'price-request.csv',
  type: CSV_TYPE,
  body: priceRequestCsv(toBuy(found), found.stored.document.currency),
}));

export const answerPriceRequestXlsx = answerDownload(async (found) => ({
  ending: 'price-request.xlsx',
  type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  body: await priceRequestXlsx(toBuy(found), found.stored.document),
}));

export const answerPickList = answerDownload(({ plan, catalogue, stored: { id, document } }) => ({
  ending: 'pick-list.html',
  type: 'text/html; charset=utf-8',
  body: pickListHtml(
    document.name,
    id,
    shelves(plan.parts, catalogue),
    openQuestions(provenList(plan)),
    new Date().toISOString().slice(0, 10),
  ),
}));
