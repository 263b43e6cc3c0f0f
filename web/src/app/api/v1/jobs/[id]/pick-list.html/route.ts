import { keptFile } from '@/server/pool/kept';

/** The list to pick from as one file for a phone that cannot reach the server. */
export const GET = keptFile('pick-list.html');
