import 'server-only';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';

const BUILD_ID = path.join('.next', 'BUILD_ID');

/** Which program this is: what was worked out by another is worked out again. */
export const PROGRAM = existsSync(BUILD_ID) ? readFileSync(BUILD_ID, 'utf8').trim() : 'not built';
