import { answerBook } from '@/server/job-book/answer';

/** Everything that goes to the site on paper: list by place, drawings, cut sheet, drilling sheets, cautions. */
export const GET = answerBook('parts', 'pdf');
