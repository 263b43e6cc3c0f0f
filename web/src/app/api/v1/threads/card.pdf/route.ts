import { pooled } from '@/server/pool/pool';

/** The thread card as a PDF at true scale: `?ends=3/4 NPT M,3/4 G M&paper=a4`. */
export const GET = pooled('card.pdf');
