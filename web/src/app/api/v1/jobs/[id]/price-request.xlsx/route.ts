import { keptFile } from '@/server/pool/kept';

/** A request for prices as a workbook, to be filled in by a supplier. */
export const GET = keptFile('price-request.xlsx');
