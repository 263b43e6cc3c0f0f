import { type NextRequest, NextResponse } from 'next/server';
import { badRequest } from '@/server/api/problem';
import { CLIMATES, DURATIONS_MIN, standInRain } from '@/server/rainfall';

/** A stand-in for a rainfall service: a made-up design rain by climate and duration, `?climate=temperate&minutes=10`. */
export function GET(request: NextRequest): NextResponse {
  const asked = request.nextUrl.searchParams;
  const climate = CLIMATES.find((one) => one === asked.get('climate'));
  const minutes = DURATIONS_MIN.find((one) => `${one}` === (asked.get('minutes') ?? '10'));
  const problems = [
    ...(climate ? [] : [{ path: 'climate', message: `A climate is one of: ${CLIMATES.join(', ')}.` }]),
    ...(minutes ? [] : [{ path: 'minutes', message: `A duration is one of: ${DURATIONS_MIN.join(', ')} minutes.` }]),
  ];
  return climate && minutes ? NextResponse.json(standInRain(climate, minutes)) : badRequest(problems);
}
