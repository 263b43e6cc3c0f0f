import {
  COLLECTIONS,
  EDIT,
  EDIT_KINDS,
  type Fields,
  JOB,
  type JsonSchema,
  LISTED,
  RECORDS,
  RECORD_NAMES,
  SCHEMA_VERSION,
  jsonSchemaOf,
  objectSchema,
  settableField,
} from '@herrero/core';
import { type Answer, type Operation, type RefusalStatus } from './operation';
import { OPERATIONS } from './operations';
import { MATING, PARTS_LIST, PROBLEM, ROUTE_PART } from './operations/kinds';
import { BODY_LIMIT_BYTES } from './body';

/** What is described once under a name of its own, and only named wherever it stands. */
const NAMED: ReadonlyMap<object, string> = new Map<object, string>([
  [JOB, 'Job'],
  ...COLLECTIONS.map((name) => [LISTED[name], RECORD_NAMES[name]] as const),
  [EDIT.of, 'Edit'],
  [MATING, 'Mating'],
  [ROUTE_PART, 'RoutePart'],
  [PARTS_LIST, 'PartsList'],
  [PROBLEM, 'Problem'],
]);

const REFUSALS: Readonly<Record<RefusalStatus, string>> = {
  400: 'Every field that is wrong, in one answer; of a figure that can be read in two ways both readings',
  403: 'Asked by a page of another site, under a name that this server does not go by, or without its passphrase',
  404: 'There is no such thing',
  409: 'What it was made for has moved on',
  413: `The body is larger than it may be (usually ${BODY_LIMIT_BYTES / 1_000_000} MB)`,
  415: 'A change is sent as application/json, a file as the media type that is named here',
  428: 'The header If-Match is missing',
  429: 'So many of this caller are being worked on: ask again after Retry-After',
  503: 'The database, or what would work on it, does not answer now: ask again after Retry-After',
};

const schemaOf = (fields: Fields): JsonSchema => objectSchema(fields, {}, NAMED);
const inJson = (schema: JsonSchema, example?: unknown): object => ({
  content: { 'application/json': { schema, ...(example === undefined ? {} : { example }) } },
});

const answerOf = ({ says, json, file }: Answer): object => ({
  description: says,
  ...(json ? inJson(jsonSchemaOf(json, NAMED)) : {}),
  ...(file === undefined ? {} : { content: { [file]: { schema: { type: 'string' } } } }),
});

const parametersOf = (path: string, { query = {}, headers = {}, example }: Operation): readonly object[] => [
  ...[...path.matchAll(/\{(\w+)\}/g)].map(([, name = '']) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
    ...(example.path?.[name] === undefined ? {} : { example: example.path[name] }),
  })),
  ...(
    [
      ['query', query],
      ['header', headers],
    ] as const
  ).flatMap(([place, fields]) =>
    Object.entries(fields).map(([name, field]) => ({
      name,
      in: place,
      required: field.optional !== true && field.default === undefined,
      schema: jsonSchemaOf(field),
      ...(place === 'query' && example.query?.[name] !== undefined ? { example: example.query[name] } : {}),
    })),
  ),
];

/** What says no to an operation: what it names, and what may say no to any of its kind. */
const refusalsOf = (method: string, { refuses = [], heavy }: Operation): readonly RefusalStatus[] =>
  [
    ...new Set<RefusalStatus>([
      ...refuses,
      403,
      ...(method === 'get' ? [] : [415 as const]),
      ...(heavy ? [413 as const, 429 as const] : []),
      503,
    ]),
  ].sort();

const operationOf = (path: string, method: string, described: Operation): object => {
  const parameters = parametersOf(path, described);
  const { id, summary, body, bodyFile, answers, example } = described;
  return {
    operationId: id,
    summary,
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(body ? { requestBody: { required: true, ...inJson(schemaOf(body), example.body) } } : {}),
    ...(bodyFile ? { requestBody: { required: true, content: { [bodyFile]: { schema: {} } } } } : {}),
    responses: {
      ...Object.fromEntries(Object.entries(answers).map(([status, own]) => [status, answerOf(own)])),
      ...Object.fromEntries(
        refusalsOf(method, described).map((status) => [
          status,
          { description: REFUSALS[status], ...inJson({ $ref: '#/components/schemas/Problem' }) },
        ]),
      ),
    },
  };
};

/** One settable field as the edit that sets it. */
const changeSchemas = (Object.keys(RECORDS) as (keyof typeof RECORDS)[]).flatMap((where) =>
  Object.keys(RECORDS[where]).flatMap((name): JsonSchema[] => {
    const field = settableField(where, name);
    if (!field) return [];
    const value = jsonSchemaOf(field, NAMED);
    return [
      {
        type: 'object',
        properties: {
          type: { const: 'change-field' },
          in: { const: where },
          ...(where === 'settings' ? {} : { id: { type: 'string' } }),
          field: { const: name },
          from: value,
          to: value,
        },
        required: ['type', 'in', ...(where === 'settings' ? [] : ['id']), 'field', 'from', 'to'],
      },
    ];
  }),
);

const editSchema: JsonSchema = {
  description: 'One change to a job, told by its type',
  oneOf: [
    ...changeSchemas,
    ...EDIT_KINDS.filter(({ type }) => type !== 'change-field').map(({ type, says, data }) => ({
      ...objectSchema(data, { type: { const: type } }, NAMED),
      description: says,
    })),
  ],
};

/** The API of Herrero, OpenAPI 3.1, made of the descriptions of its operations and records. */
export const openApi = {
  openapi: '3.1.0',
  info: {
    title: 'Herrero',
    version: '1',
    description: `Tank openings, runs, joints and parts. Lengths in metres, volumes in cubic metres; the unit of a figure stands in brackets behind what it means. Prices are invented. Documents are of version ${SCHEMA_VERSION}.`,
  },
  servers: [{ url: '/', description: 'The server that this was asked of' }],
  paths: Object.fromEntries(
    Object.entries(OPERATIONS).map(([path, methods]) => [
      path,
      Object.fromEntries(
        Object.entries(methods).map(([method, described]) => [method, operationOf(path, method, described)]),
      ),
    ]),
  ),
  components: {
    schemas: {
      ...Object.fromEntries(
        [...NAMED].filter(([, name]) => name !== 'Edit').map(([fields, name]) => [name, schemaOf(fields as Fields)]),
      ),
      Edit: editSchema,
    },
  },
} as const;
