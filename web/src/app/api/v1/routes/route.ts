import { pooled } from '@/server/pool/pool';

/** Finds ways between two open ends through the whole catalogue; where there is none, the one part that would close it. */
export const POST = pooled('routes');
