import { pooled } from '@/server/pool/pool';

/** The parts list and the cut list as a workbook. */
export const GET = pooled('parts.xlsx');
