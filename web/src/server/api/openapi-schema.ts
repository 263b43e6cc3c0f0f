import { BODY_LIMIT_BYTES } from './read-body';

export const json = (schema: object): object => ({ content: { 'application/json': { schema } } });
export const ref = (name: string): object => ({ $ref: `#/components/schemas/${name}` });
export const answer = (description: string, schema?: object): object => ({
  description,
  ...(schema ? json(schema) : {}),
});
export const text = { type: 'string' };
export const number = { type: 'number' };
export const list = (items: object): object => ({ type: 'array', items });
export const object = (properties: Record<string, object>, required = Object.keys(properties)): object => ({
  type: 'object',
  properties,
  required,
});
export const boolean = { type: 'boolean' };
export const objectOrNull = (properties: Record<string, object>): object => ({
  anyOf: [{ type: 'null' }, object(properties)],
});
export const orNull = (schema: { type: string }): object => ({ ...schema, type: [schema.type, 'null'] });

export const badRequest = answer('Every field that is wrong, in one answer', ref('Problem'));
export const notFound = answer('There is no such job', ref('Problem'));
export const tooLarge = answer(`The body is larger than ${BODY_LIMIT_BYTES / 1_000_000} MB`, ref('Problem'));
export const jobId = { name: 'id', in: 'path', required: true, schema: text };
