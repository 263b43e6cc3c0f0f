import { answerSheet } from '@/server/drilling-sheet/answer';

/** The drilling sheet of a tank as DXF. */
export const GET = answerSheet('dxf');
