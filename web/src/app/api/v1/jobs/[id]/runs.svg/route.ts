import { answerBook } from '@/server/job-book/answer';

/** The drawings of all runs as SVG. */
export const GET = answerBook('runs', 'svg');
