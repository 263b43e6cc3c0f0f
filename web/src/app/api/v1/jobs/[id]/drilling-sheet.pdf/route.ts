import { answerSheet } from '@/server/drilling-sheet/answer';

/** The drilling sheet of a tank as PDF. */
export const GET = answerSheet('pdf');
