import { keptFile } from '@/server/pool/kept';

/** The parts list with every use of every line, for another program. */
export const GET = keptFile('parts.json');
