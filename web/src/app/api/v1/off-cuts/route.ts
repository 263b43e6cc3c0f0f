import { NextResponse } from 'next/server';
import { OffCutsDto } from '@/server/api/buying-dto';
import { badRequest } from '@/server/api/problem';
import { readBody } from '@/server/api/read-body';
import { findJob } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';
import { listOffCuts, putOffCuts } from '@/server/db/stock-repository';

export const dynamic = 'force-dynamic';

/** Pieces left over from jobs. */
export const GET = async (): Promise<NextResponse> => NextResponse.json({ offCuts: await listOffCuts() });

/** Puts left-overs in stock, and says which pieces a job was cut from: all of it, or none and what is wrong with each. */
export async function POST(request: Request): Promise<NextResponse> {
  const body = await readBody(request, OffCutsDto);
  if (!body.ok) return body.error;
  const { byCode } = await theCatalogue();
  const problems = await Promise.all(
    body.value.offCuts.map(async ({ code, fromJob }, index) => [
      ...(byCode.get(code)?.sale.by === 'length'
        ? []
        : [{ path: `offCuts[${index}].code`, message: `${code} is nothing that is cut to length.` }]),
      ...(fromJob == null || (await findJob(fromJob))
        ? []
        : [{ path: `offCuts[${index}].fromJob`, message: 'There is no such job.' }]),
    ]),
  );
  const { used = [], usedBy } = body.value;
  const unsaid =
    used.length > 0 && !(usedBy !== undefined && (await findJob(usedBy)))
      ? [{ path: 'usedBy', message: 'Say which job was cut from them.' }]
      : [];
  const wrong = [...problems.flat(), ...unsaid];
  if (wrong.length > 0) return badRequest(wrong);
  await putOffCuts(
    body.value.offCuts.map((one) => ({ ...one, fromJob: one.fromJob ?? null })),
    usedBy === undefined ? undefined : { ids: used, by: usedBy },
  );
  return NextResponse.json({ added: body.value.offCuts.length });
}
