import { putEverything } from '@/server/api/operations/everything';
import { pooled } from '@/server/pool/pool';

export const dynamic = 'force-dynamic';

/** Everything of this Herrero as one zip of open files. */
export const GET = pooled('everything');

/** Puts in what such a zip holds and is not here yet; what is here is left as it is. */
export const POST = pooled('put-everything', putEverything.limitBytes);
