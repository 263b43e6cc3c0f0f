import { keptFile } from '@/server/pool/kept';

/** The drilling sheet of a tank as PDF. */
export const GET = keptFile('drilling-sheet.pdf');
