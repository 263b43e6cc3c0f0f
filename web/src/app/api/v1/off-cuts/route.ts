import { answered } from '@/server/api/answered';
import { answer, readBody } from '@/server/api/operation';
import { listOffCuts as listOffCutsOperation, putOffCuts as putOffCutsOperation } from '@/server/api/operations/stock';
import { type NextResponse } from 'next/server';
import { badRequest } from '@/server/api/problem';
import { findJob } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';
import { type NotToCut, listOffCuts, putOffCuts } from '@/server/db/stock-repository';

export const dynamic = 'force-dynamic';

/** Why a job cannot be cut from a piece. */
const WHY_NOT: Readonly<Record<NotToCut['why'], (id: string, by?: string) => string>> = {
  'not-there': (id) => `There is no piece ${id}: it was taken out, or never put in.`,
  used: (id, by) => `${by ?? 'Another job'} was cut from piece ${id} already.`,
  'of-this-job': (id) => `Piece ${id} is what this job itself leaves over.`,
};

/** Pieces left over from jobs. */
export const GET = answered(async (): Promise<NextResponse> =>
  answer(listOffCutsOperation, 200, { offCuts: await listOffCuts() }),
);

/** Puts left-overs in stock, and says which pieces a job was cut from: all of it, or none and what is wrong with each. */
export const POST = answered(async (request: Request): Promise<NextResponse> => {
  const body = await readBody(request, putOffCutsOperation);
  if (!body.ok) return body.error;
  const { byCode } = await theCatalogue();
  const problems = await Promise.all(
    body.value.offCuts.map(async ({ code, fromJob }, index) => [
      ...(byCode.get(code)?.sale.by === 'length'
        ? []
        : [{ path: `offCuts[${index}].code`, message: `${code} is nothing that is cut to length.` }]),
      ...(fromJob === null || (await findJob(fromJob))
        ? []
        : [{ path: `offCuts[${index}].fromJob`, message: 'There is no such job.' }]),
    ]),
  );
  const { offCuts, used, usedBy } = body.value;
  const unsaid =
    used.length > 0 && !(usedBy !== undefined && (await findJob(usedBy)))
      ? [{ path: 'usedBy', message: 'Say which job was cut from them.' }]
      : [];
  const wrong = [...problems.flat(), ...unsaid];
  if (wrong.length > 0) return badRequest(wrong);
  const inTheWay = await putOffCuts(offCuts, usedBy === undefined ? undefined : { ids: used, by: usedBy });
  if (inTheWay.length > 0)
    return badRequest(
      inTheWay.map(({ id, why, by }) => ({ path: `used[${used.indexOf(id)}]`, message: WHY_NOT[why](id, by) })),
    );
  return answer(putOffCutsOperation, 200, { added: offCuts.length });
});
