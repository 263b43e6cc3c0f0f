import { keptFile } from '@/server/pool/kept';

/** The parts list as CSV, for a spreadsheet or the counter. */
export const GET = keptFile('parts.csv');
