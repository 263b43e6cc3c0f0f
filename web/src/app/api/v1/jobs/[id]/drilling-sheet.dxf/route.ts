import { pooled } from '@/server/pool/pool';

/** The drilling sheet of a tank as DXF. */
export const GET = pooled('drilling-sheet.dxf');
