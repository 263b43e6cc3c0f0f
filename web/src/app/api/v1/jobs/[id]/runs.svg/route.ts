import { pooled } from '@/server/pool/pool';

/** The drawings of all runs as SVG. */
export const GET = pooled('runs.svg');
