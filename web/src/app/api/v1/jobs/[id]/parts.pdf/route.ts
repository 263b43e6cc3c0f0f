import { keptFile } from '@/server/pool/kept';

/** Everything that goes to the site on paper: list by place, drawings, cut sheet, drilling sheets, cautions. */
export const GET = keptFile('parts.pdf');
