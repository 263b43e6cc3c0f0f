import 'server-only';
import { answerBegin } from '../api/answer-begin';
import { answerOpenJob } from '../api/answer-open-job';
import { answerPutOwn } from '../api/answer-own-parts';
import { answerPlan } from '../api/answer-plan';
import { answerPutSupplier } from '../api/answer-supplier';
import { answerThreadCard } from '../api/answer-thread-card';
import { answerWays } from '../api/answer-ways';
import { answerSheet } from '../drilling-sheet/answer';
import { answerEverything, answerPutEverything } from '../everything/answer';
import { answerBook, answerSpace } from '../job-book/answer';
import {
  answerPartsCsv,
  answerPartsJson,
  answerPartsXlsx,
  answerPickList,
  answerPriceRequestCsv,
  answerPriceRequestXlsx,
} from '../job-files';
import { answerLook } from '../job-looks/answer';
import { answerShelves } from '../shelves';

/** Answers a request as a route does, with what stands in brackets in its path. */
export type Handler = (request: Request, params: Readonly<Record<string, string>>) => Promise<Response>;

/** What is too heavy for the thread that answers everybody: each is worked on in a thread of the pool, by its name. */
export const HANDLERS = {
  'parts.csv': answerPartsCsv,
  'parts.json': answerPartsJson,
  'parts.xlsx': answerPartsXlsx,
  'price-request.csv': answerPriceRequestCsv,
  'price-request.xlsx': answerPriceRequestXlsx,
  'pick-list.html': answerPickList,
  'parts.pdf': answerBook('parts', 'pdf'),
  'runs.svg': answerBook('runs', 'svg'),
  'runs.dxf': answerSpace,
  'drilling-sheet.pdf': answerSheet('pdf'),
  'drilling-sheet.svg': answerSheet('svg'),
  'drilling-sheet.dxf': answerSheet('dxf'),
  'card.pdf': answerThreadCard,
  plan: answerPlan,
  routes: answerWays,
  'open-job': answerOpenJob,
  begin: answerBegin,
  'put-own': answerPutOwn,
  'put-supplier': answerPutSupplier,
  everything: answerEverything,
  'put-everything': answerPutEverything,
  shelves: answerShelves,
  look: answerLook,
} as const satisfies Readonly<Record<string, Handler>>;
export type HandlerName = keyof typeof HANDLERS;
