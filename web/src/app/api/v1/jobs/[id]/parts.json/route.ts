import { pooled } from '@/server/pool/pool';

/** The parts list with every use of every line, for another program. */
export const GET = pooled('parts.json');
