import { keptFile } from '@/server/pool/kept';

/** The drawings of all runs as DXF. */
export const GET = keptFile('runs.dxf');
