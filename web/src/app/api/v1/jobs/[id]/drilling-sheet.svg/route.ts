import { keptFile } from '@/server/pool/kept';

/** The drilling sheet of a tank as SVG. */
export const GET = keptFile('drilling-sheet.svg');
