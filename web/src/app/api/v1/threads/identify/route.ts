import { answered } from '@/server/api/answered';
import { MM_PER_INCH, formatEnd, identifyThread, type RecordOf } from '@herrero/core';
import { type NextResponse } from 'next/server';
import { badRequest } from '@/server/api/problem';
import { answer, readBody } from '@/server/api/operation';
import { identify } from '@/server/api/operations/bench';

/** Names the threads that fit what was measured. */
export const POST = answered(async (request: Request): Promise<NextResponse> => {
  const body = await readBody(request, identify);
  if (!body.ok) return body.error;
  const given = (['pitchMm', 'tpi', 'count'] as const).filter((field) => body.value[field] !== undefined);
  if (given.length > 1)
    return badRequest(given.map((path) => ({ path, message: 'Give the pitch in one way: pitchMm, tpi or count.' })));
  const { sex, diameterMm, tapered, seat, scatterMm, tipMm, flankDeg, region } = body.value;
  const found = identifyThread({
    sex,
    diameterMm,
    pitchMm: pitchOf(body.value),
    crests: body.value.count?.count,
    runs: tapered === undefined ? undefined : tapered ? 'tapering' : 'straight',
    seat,
    scatterMm,
    tipMm,
    flankDeg,
    region,
  });
  if (!found.ok)
    return badRequest(
      found.error.map(({ field, message }) => ({
        path: field === 'pitchMm' ? pitchField(body.value) : field,
        message,
      })),
    );
  const { candidates, more, fewCrests, tellApart } = found.value;
  return answer(identify, 200, {
    candidates: candidates.map(({ end, twins, margin, ...rest }) => ({
      end: formatEnd(end),
      twins: twins.map(formatEnd),
      // No further thread to compare with: JSON knows no infinity.
      margin: Number.isFinite(margin) ? margin : null,
      ...rest,
    })),
    more,
    fewCrests,
    tellApart: tellApart
      ? { ...tellApart, readings: tellApart.readings.map(({ end, ...rest }) => ({ end: formatEnd(end), ...rest })) }
      : null,
  });
});

type Asked = RecordOf<typeof identify.body>;

function pitchOf({ pitchMm, tpi, count }: Asked): number | undefined {
  if (pitchMm !== undefined) return pitchMm;
  if (tpi !== undefined) return MM_PER_INCH / tpi;
  return count && count.overMm / count.count;
}

const pitchField = ({ pitchMm, tpi }: Asked): string =>
  pitchMm !== undefined ? 'pitchMm' : tpi !== undefined ? 'tpi' : 'count';
