import { pooled } from '@/server/pool/pool';

/** Everything that goes to the site on paper: list by place, drawings, cut sheet, drilling sheets, cautions. */
export const GET = pooled('parts.pdf');
