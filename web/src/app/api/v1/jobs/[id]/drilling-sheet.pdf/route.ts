import { pooled } from '@/server/pool/pool';

/** The drilling sheet of a tank as PDF. */
export const GET = pooled('drilling-sheet.pdf');
