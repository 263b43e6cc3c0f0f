import { pooled } from '@/server/pool/pool';

/** Plans a job document that need not be stored. */
export const POST = pooled('plan');
