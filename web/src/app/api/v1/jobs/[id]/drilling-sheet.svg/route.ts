import { pooled } from '@/server/pool/pool';

/** The drilling sheet of a tank as SVG. */
export const GET = pooled('drilling-sheet.svg');
