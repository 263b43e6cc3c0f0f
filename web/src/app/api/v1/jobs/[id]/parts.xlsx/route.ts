import { keptFile } from '@/server/pool/kept';

/** The parts list and the cut list as a workbook. */
export const GET = keptFile('parts.xlsx');
