import { type Operation, operation } from '../operation';
import { COUNT, PROBLEM, TEXT, group, listOf } from './kinds';

const ZIP = 'application/zip';
/** As large as the largest answer of the pool: what goes out comes in again. */
const MOST_BYTES = 32_000_000;

const PUT_IN = group({
  added: COUNT,
  left: { ...listOf(TEXT), says: 'Here already under that name, and left as they are' },
});

export const getEverything = operation({
  id: 'getEverything',
  summary: 'Jobs with history, ticks, own parts, prices, stock and price lists, as one zip of open files',
  answers: { 200: { says: 'The zip', file: ZIP } },
  heavy: true,
  example: {},
});
export const putEverything = operation({
  id: 'putEverything',
  summary: 'Puts in what such a zip holds and is not here yet; what is here is left as it is',
  bodyFile: ZIP,
  limitBytes: MOST_BYTES,
  answers: {
    200: {
      says: 'What was put in; a job that cannot be read is named with every reason, the others are put in',
      json: group({
        jobs: PUT_IN,
        own: PUT_IN,
        holdings: PUT_IN,
        offCuts: PUT_IN,
        suppliers: PUT_IN,
        refused: listOf(group({ file: TEXT, problems: PROBLEM.fields })),
      }),
    },
  },
  refuses: [400, 413],
  heavy: true,
  example: {},
});

/** By path and method. */
export const EVERYTHING_OPERATIONS = {
  '/api/v1/everything': { get: getEverything, post: putEverything },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Operation>>>>;
