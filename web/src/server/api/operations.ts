import { type Operation } from './operation';
import { BENCH_OPERATIONS } from './operations/bench';
import { EVERYTHING_OPERATIONS } from './operations/everything';
import { FILE_OPERATIONS } from './operations/files';
import { JOB_OPERATIONS } from './operations/jobs';
import { PATTERN_OPERATIONS } from './operations/patterns';
import { SERVER_OPERATIONS } from './operations/server';
import { STOCK_OPERATIONS } from './operations/stock';

/** Every operation of the API, by path and method. A test holds its paths and methods equal to the route handlers. */
export const OPERATIONS: Readonly<Record<string, Readonly<Record<string, Operation>>>> = {
  ...BENCH_OPERATIONS,
  ...JOB_OPERATIONS,
  ...PATTERN_OPERATIONS,
  ...FILE_OPERATIONS,
  ...STOCK_OPERATIONS,
  ...EVERYTHING_OPERATIONS,
  ...SERVER_OPERATIONS,
};
