import { type Operation, operation } from '../operation';
import { TEXT, group } from './kinds';

const YES = { kind: 'yes-no' } as const;

export const getHealth = operation({
  id: 'getHealth',
  summary: 'Whether the server runs',
  answers: { 200: { says: 'It runs', json: group({ up: YES, program: { ...TEXT, says: 'Which build it is' } }) } },
  example: {},
});

export const getReady = operation({
  id: 'getReady',
  summary: 'Whether the server can do its work: 503 while its database is away',
  answers: { 200: { says: 'It can', json: group({ ready: YES }) } },
  example: {},
});

/** By path and method. */
export const SERVER_OPERATIONS = {
  '/api/v1/health': { get: getHealth },
  '/api/v1/ready': { get: getReady },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Operation>>>>;
