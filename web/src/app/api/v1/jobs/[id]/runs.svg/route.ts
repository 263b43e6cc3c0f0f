import { keptFile } from '@/server/pool/kept';

/** The drawings of all runs as SVG. */
export const GET = keptFile('runs.svg');
