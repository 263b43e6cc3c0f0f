import { AVOIDABLE, CAPABILITIES, CEMENTS, LEANS, MATERIALS, MEDIA, REGIONS } from '@herrero/core';
import { CLIMATES, DURATIONS_MIN } from '../rainfall';
import { buyingPaths } from './openapi-buying';
import { ownCatalogue, routePart, schemas } from './openapi-job';
import {
  json,
  ref,
  answer,
  text,
  number,
  list,
  object,
  orNull,
  badRequest,
  notFound,
  tooLarge,
  jobId,
} from './openapi-schema';
import { MOST_PARTS, MOST_ROUTES } from './route-dto';

const drillingSheet = (type: string): object => ({
  get: {
    summary: 'The drilling sheet of a tank, at true scale',
    parameters: [
      jobId,
      { name: 'tank', in: 'query', schema: text, description: 'Id of the tank; the first where it is not given' },
      { name: 'paper', in: 'query', schema: { enum: ['a4', 'letter'] } },
    ],
    responses: {
      200: {
        description: 'One page a hole, more where it is larger than the paper',
        content: { [type]: { schema: text } },
      },
      400: badRequest,
      404: notFound,
    },
  },
});

/** The API of Herrero, OpenAPI 3.1. A test holds its paths equal to the route handlers. */
export const openApi = {
  openapi: '3.1.0',
  info: {
    title: 'Herrero',
    version: '1',
    description:
      'Tank openings, runs, joints and parts. Lengths in metres, volumes in cubic metres. Prices are invented.',
  },
  paths: {
    '/api/v1/openapi.json': { get: { summary: 'This description', responses: { 200: answer('OpenAPI 3.1') } } },
    '/api/v1/joints/check': {
      post: {
        summary: 'Do these two ends make a joint that holds?',
        requestBody: {
          required: true,
          ...json(
            object(
              {
                a: text,
                b: text,
                aMaterial: { enum: MATERIALS },
                bMaterial: { enum: MATERIALS },
                madeWith: list({ enum: MEDIA }),
                cement: { enum: CEMENTS },
              },
              ['a', 'b'],
            ),
          ),
        },
        responses: { 200: answer('The mating', ref('Mating')), 400: badRequest, 413: tooLarge },
      },
    },
    '/api/v1/routes': {
      post: {
        summary:
          'Ways between two open ends in which every joint holds; where there is none, the one part that would close it',
        requestBody: {
          required: true,
          ...json(
            object(
              {
                from: text,
                to: text,
                fromMaterial: { enum: MATERIALS },
                toMaterial: { enum: MATERIALS },
                target: { enum: ['offers', 'joins'], default: 'offers' },
                region: { enum: REGIONS },
                require: list({ enum: CAPABILITIES }),
                avoid: list({ enum: AVOIDABLE }),
                prefer: list({ enum: LEANS }),
                minBoreMm: number,
                limit: { type: 'integer', minimum: 1, maximum: MOST_ROUTES },
                mostParts: { type: 'integer', minimum: 1, maximum: MOST_PARTS },
              },
              ['from', 'to'],
            ),
          ),
        },
        responses: {
          200: answer(
            'Routes, best first',
            object(
              {
                routes: list(
                  object({
                    parts: list(routePart),
                    joints: list(ref('Mating')),
                    price: number,
                    smallestBoreMm: orNull(number),
                  }),
                ),
                gap: object({ part: text, before: list(routePart), after: list(routePart) }),
                unmet: list({ enum: CAPABILITIES }),
              },
              ['routes'],
            ),
          ),
          400: badRequest,
          413: tooLarge,
        },
      },
    },
    '/api/v1/parts/own': {
      get: { summary: 'Own parts, stock and prices', responses: { 200: answer('All of them', ownCatalogue) } },
      post: {
        summary: 'Puts own parts, stock and prices in, over what was there under the same codes: all of them or none',
        requestBody: { required: true, ...json(ownCatalogue) },
        responses: {
          200: answer('How many', object({ own: number, holdings: number })),
          400: badRequest,
          413: tooLarge,
        },
      },
    },
    '/api/v1/parts/own/{code}': {
      delete: {
        summary: 'Takes an own part out',
        parameters: [{ name: 'code', in: 'path', required: true, schema: text }],
        responses: {
          204: answer('Gone'),
          404: answer('There is no such part', ref('Problem')),
          409: answer('A job is built with it', object({ error: text, jobs: list(text) })),
        },
      },
    },
    '/api/v1/parts/own.csv': {
      get: {
        summary: 'The same as CSV, in the columns that are read back',
        responses: { 200: { description: 'CSV', content: { 'text/csv': { schema: text } } } },
      },
    },
    '/api/v1/threads/identify': {
      post: {
        summary: 'Which thread is this? At most three candidates, and the reading that would tell the first two apart',
        requestBody: {
          required: true,
          ...json(
            object(
              {
                sex: { enum: ['male', 'female'] },
                diameterMm: { ...number, description: 'male: over the crests; female: across the crests' },
                pitchMm: number,
                tpi: number,
                count: object({ count: number, overMm: number }),
                tapered: { type: 'boolean' },
                seat: { enum: ['flat', 'cone', 'none'] },
                scatterMm: number,
                tipMm: { ...number, description: 'at the first full crest' },
                flankDeg: { enum: [55, 60] },
                region: { enum: ['US', 'UK', 'EU', 'ANZ'] },
              },
              ['sex', 'diameterMm'],
            ),
          ),
        },
        responses: {
          200: answer(
            'What fits',
            object({
              candidates: list(
                object({
                  end: text,
                  twins: list(text),
                  fit: { enum: ['fits', 'fits-just', 'does-not-fit'] },
                  offMm: number,
                  margin: orNull(number),
                  why: text,
                }),
              ),
              more: { type: 'integer' },
              tellApart: { anyOf: [{ type: 'null' }, { type: 'object' }] },
            }),
          ),
          400: badRequest,
          413: tooLarge,
        },
      },
    },
    '/api/v1/threads/card.pdf': {
      get: {
        summary: 'Thread card at true scale, with a check ruler',
        parameters: [
          { name: 'ends', in: 'query', required: true, schema: text, description: 'threads, with commas between' },
          { name: 'paper', in: 'query', schema: { enum: ['letter', 'a4'] } },
        ],
        responses: { 200: { description: 'PDF', content: { 'application/pdf': {} } }, 400: badRequest },
      },
    },
    '/api/v1/stand-ins/rainfall': {
      get: {
        summary: 'Stand-in for a rainfall service: a made-up design rain',
        parameters: [
          { name: 'climate', in: 'query', required: true, schema: { enum: CLIMATES } },
          { name: 'minutes', in: 'query', schema: { enum: DURATIONS_MIN } },
        ],
        responses: {
          200: answer(
            'The rain, made up',
            object({ standIn: { const: true }, climate: text, minutes: number, returnYears: number, mmPerH: number }),
          ),
          400: badRequest,
        },
      },
    },
    '/api/v1/plan': {
      post: {
        summary: 'Judge a job document that need not be stored',
        requestBody: { required: true, ...json(ref('Job')) },
        responses: { 200: answer('The plan', ref('Plan')), 400: badRequest, 413: tooLarge },
      },
    },
    '/api/v1/jobs': {
      get: {
        summary: 'The jobs, the one worked on last first',
        parameters: [{ name: 'archived', in: 'query', schema: { type: 'boolean' } }],
        responses: {
          200: answer(
            'Names and revisions',
            object({ jobs: list(object({ id: text, name: text, revision: { type: 'integer' }, updatedAt: text })) }),
          ),
        },
      },
      post: {
        summary: 'Open a job file of any version that Herrero has written: a job of its own',
        requestBody: { required: true, ...json(ref('Job')) },
        responses: {
          201: answer('Opened', object({ id: text, name: text, revision: { type: 'integer' } })),
          400: badRequest,
          413: tooLarge,
        },
      },
    },
    '/api/v1/jobs/{id}/job-file.json': {
      get: {
        summary: 'The job as a file, to be opened again without loss by POST /api/v1/jobs',
        parameters: [jobId],
        responses: { 200: answer('The document', ref('Job')), 404: notFound },
      },
    },
    '/api/v1/jobs/{id}': {
      get: {
        summary: 'A job document; its revision is the ETag',
        parameters: [jobId, { name: 'If-None-Match', in: 'header', schema: text }],
        responses: { 200: answer('The document', ref('Job')), 304: answer('You have the newest'), 404: notFound },
      },
      put: {
        summary: 'Put a whole document, if you saw the newest revision',
        parameters: [jobId, { name: 'If-Match', in: 'header', required: true, schema: text }],
        requestBody: { required: true, ...json(ref('Job')) },
        responses: {
          200: answer('Stored', object({ revision: { type: 'integer' } })),
          400: badRequest,
          404: notFound,
          409: answer('The job has moved on', ref('Problem')),
          413: tooLarge,
          428: answer('If-Match is missing', ref('Problem')),
        },
      },
    },
    '/api/v1/jobs/{id}/edits': {
      post: {
        summary: 'Make a batch of edits on the newest revision, all or none',
        parameters: [jobId],
        requestBody: {
          required: true,
          ...json(
            object(
              {
                baseRevision: { type: 'integer' },
                edits: list(ref('Edit')),
                batchId: text,
                author: text,
                undoes: text,
              },
              ['baseRevision', 'edits'],
            ),
          ),
        },
        responses: {
          200: answer(
            'Accepted',
            object(
              { revision: { type: 'integer' }, batchId: text, label: text, inverse: ref('Edit'), job: ref('Job') },
              ['revision', 'batchId', 'label', 'inverse'],
            ),
          ),
          400: badRequest,
          404: notFound,
          409: answer(
            'An edit no longer fits; what is there now comes with it',
            object({ error: text, refused: list({ type: 'object' }), revision: { type: 'integer' }, job: ref('Job') }),
          ),
          413: tooLarge,
        },
      },
    },
    '/api/v1/jobs/{id}/history': {
      get: {
        summary: 'What one author did, oldest first, each with the edit that takes it back',
        parameters: [jobId, { name: 'author', in: 'query', required: true, schema: text }],
        responses: {
          200: answer(
            'The history',
            object({
              history: list(object({ batchId: text, label: text, undoes: orNull(text), inverse: ref('Edit') })),
            }),
          ),
          400: badRequest,
          404: notFound,
        },
      },
    },
    '/api/v1/jobs/{id}/parts.json': {
      get: {
        summary: 'The parts list with every use of every line',
        parameters: [jobId],
        responses: { 200: answer('The list', { type: 'object' }), 404: notFound },
      },
    },
    '/api/v1/jobs/{id}/pick-list.html': {
      get: {
        summary: 'The list to pick from, one file that works without the server',
        parameters: [jobId],
        responses: { 200: { description: 'HTML', content: { 'text/html': { schema: text } } }, 404: notFound },
      },
    },
    '/api/v1/jobs/{id}/parts.csv': {
      get: {
        summary: 'The parts list',
        parameters: [jobId],
        responses: { 200: { description: 'CSV, UTF-8', content: { 'text/csv': { schema: text } } }, 404: notFound },
      },
    },
    ...buyingPaths,
    '/api/v1/jobs/{id}/drilling-sheet.pdf': drillingSheet('application/pdf'),
    '/api/v1/jobs/{id}/drilling-sheet.svg': drillingSheet('image/svg+xml'),
    '/api/v1/jobs/{id}/drilling-sheet.dxf': drillingSheet('image/vnd.dxf'),
  },
  components: { schemas },
} as const;
