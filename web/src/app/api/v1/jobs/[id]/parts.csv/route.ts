import { pooled } from '@/server/pool/pool';

/** The parts list as CSV, for a spreadsheet or the counter. */
export const GET = pooled('parts.csv');
