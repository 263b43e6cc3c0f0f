import { pooled } from '@/server/pool/pool';

/** The list to pick from as one file for a phone that cannot reach the server. */
export const GET = pooled('pick-list.html');
