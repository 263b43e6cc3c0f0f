import { CURRENCIES, TICK_STATES } from '@herrero/core';
import {
  answer,
  badRequest,
  jobId,
  json,
  list,
  notFound,
  number,
  object,
  orNull,
  ref,
  text,
  tooLarge,
} from './openapi-schema';

const offer = object({ article: text, price: number, pack: { type: 'integer', minimum: 1 }, stock: orNull(number) });
const supplier = object({
  id: text,
  name: text,
  currency: { enum: CURRENCIES },
  pricedOn: text,
  standIn: { type: 'boolean' },
  offers: list(offer),
});
const offCut = object({ id: text, code: text, lengthM: number, fromJob: orNull(text) });
const storedOffCut = object({ id: text, code: text, lengthM: number, fromJob: orNull(text), usedBy: orNull(text) });
const ticks = object({ ticks: list(object({ line: text, state: { enum: TICK_STATES }, at: text })) });
const taken = object({ taken: list(object({ code: text, count: { type: 'integer', minimum: 1 } })) });
const inPath = (name: string): object => ({ name, in: 'path', required: true, schema: text });

const file = (summary: string, type: string, paper = false): object => ({
  get: {
    summary,
    parameters: [jobId, ...(paper ? [{ name: 'paper', in: 'query', schema: { enum: ['a4', 'letter'] } }] : [])],
    responses: {
      200: { description: summary, content: { [type]: {} } },
      ...(paper ? { 400: badRequest } : {}),
      404: notFound,
    },
  },
});

/** What concerns the list on its way out: files, the shop, suppliers, stock, the merchant. */
export const buyingPaths = {
  '/api/v1/jobs/{id}/parts.xlsx': file(
    'The parts list and the cut list as a workbook; only our totals are formulas',
    'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  ),
  '/api/v1/jobs/{id}/parts.pdf': file(
    'For the site on paper: list by place with drawings, cut sheet, drilling sheets, cautions',
    'application/pdf',
    true,
  ),
  '/api/v1/jobs/{id}/runs.svg': file('The drawings of all runs', 'image/svg+xml', true),
  '/api/v1/jobs/{id}/runs.dxf': file('The drawings of all runs', 'image/vnd.dxf', true),
  '/api/v1/jobs/{id}/ticks': {
    get: {
      summary: 'What has become of each line of the pick list',
      parameters: [jobId],
      responses: { 200: answer('On each line the newest press of all phones', ticks), 404: notFound },
    },
    post: {
      summary: 'Takes the presses of a phone',
      parameters: [jobId],
      requestBody: { required: true, ...json(ticks) },
      responses: { 200: answer('What stands now', ticks), 400: badRequest, 404: notFound, 413: tooLarge },
    },
  },
  '/api/v1/jobs/{id}/taken': {
    get: {
      summary: 'What the job has taken of what was on hand',
      parameters: [jobId],
      responses: { 200: answer('By code', taken), 404: notFound },
    },
    put: {
      summary: 'Takes just this of what is on hand; what it had taken besides is put back',
      parameters: [jobId],
      requestBody: { required: true, ...json(taken) },
      responses: { 200: answer('What stands now', taken), 400: badRequest, 404: notFound, 413: tooLarge },
    },
  },
  '/api/v1/jobs/{id}/merchant-links': {
    get: {
      summary: 'The links to the parts list, without their secrets',
      parameters: [jobId],
      responses: {
        200: answer(
          'Newest first',
          object({ links: list(object({ id: text, createdAt: text, revokedAt: orNull(text) })) }),
        ),
        404: notFound,
      },
    },
    post: {
      summary: 'Makes a link that shows the parts list and nothing else',
      parameters: [jobId],
      responses: { 201: answer('Its path, answered only now', object({ id: text, path: text })), 404: notFound },
    },
  },
  '/api/v1/jobs/{id}/merchant-links/{link}': {
    delete: {
      summary: 'Closes a link for good',
      parameters: [jobId, inPath('link')],
      responses: { 204: answer('Closed'), 404: answer('There is no such open link', ref('Problem')) },
    },
  },
  '/api/v1/off-cuts': {
    get: {
      summary: 'Pieces left over from jobs',
      responses: { 200: answer('All of them', object({ offCuts: list(storedOffCut) })) },
    },
    post: {
      summary:
        'Puts left-overs in stock (one of the same id is not put in twice), and says which pieces a job was cut from',
      requestBody: {
        required: true,
        ...json(object({ offCuts: list(offCut), used: list(text), usedBy: text }, ['offCuts'])),
      },
      responses: { 200: answer('How many', object({ added: number })), 400: badRequest, 413: tooLarge },
    },
  },
  '/api/v1/off-cuts/{offCut}': {
    delete: {
      summary: 'Takes a left-over out of stock',
      parameters: [inPath('offCut')],
      responses: { 204: answer('Gone'), 404: answer('There is no such left-over', ref('Problem')) },
    },
  },
  '/api/v1/suppliers': {
    get: {
      summary: 'Suppliers whose price lists were brought in',
      responses: { 200: answer('With all that they ask', object({ suppliers: list(supplier) })) },
    },
    post: {
      summary: 'Puts a price list in; one of the same name is replaced whole',
      requestBody: {
        required: true,
        ...json(object({ name: text, currency: { enum: CURRENCIES }, pricedOn: text, offers: list(offer) })),
      },
      responses: {
        201: answer('Its id', object({ id: text, offers: number })),
        400: badRequest,
        413: tooLarge,
      },
    },
  },
  '/api/v1/suppliers/{supplier}': {
    delete: {
      summary: 'Takes a supplier and its prices out',
      parameters: [inPath('supplier')],
      responses: { 204: answer('Gone'), 404: answer('There is no such supplier', ref('Problem')) },
    },
  },
  '/api/v1/stand-ins/suppliers': {
    get: {
      summary: 'Stand-ins for services of suppliers',
      responses: {
        200: answer('By name', object({ standIn: { const: true }, standIns: list(object({ id: text, name: text })) })),
      },
    },
  },
  '/api/v1/stand-ins/suppliers/{supplier}': {
    post: {
      summary: 'Stand-in for the service of a supplier: made-up prices and stock, slow and at times not answering',
      parameters: [inPath('supplier')],
      requestBody: {
        required: true,
        ...json(object({ articles: list(object({ article: text, count: number, usualUsd: number })) })),
      },
      responses: {
        200: answer('Prices and stock, made up', supplier),
        400: badRequest,
        404: answer('There is no such stand-in', ref('Problem')),
        503: answer('It does not answer now', ref('Problem')),
      },
    },
  },
};
