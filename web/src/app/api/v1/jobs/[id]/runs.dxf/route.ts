import { answerBook } from '@/server/job-book/answer';

/** The drawings of all runs as DXF. */
export const GET = answerBook('runs', 'dxf');
