import { pooled } from '@/server/pool/pool';

/** The drawings of all runs as DXF. */
export const GET = pooled('runs.dxf');
