import { keptFile } from '@/server/pool/kept';

/** The drilling sheet of a tank as DXF. */
export const GET = keptFile('drilling-sheet.dxf');
