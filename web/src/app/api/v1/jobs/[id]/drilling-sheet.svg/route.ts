import { answerSheet } from '@/server/drilling-sheet/answer';

/** The drilling sheet of a tank as SVG. */
export const GET = answerSheet('svg');
