import { type NextResponse } from 'next/server';
import { answer, readQuery } from '@/server/api/operation';
import { rainfall } from '@/server/api/operations/bench';
import { standInRain } from '@/server/rainfall';

/** A stand-in for a rainfall service: a made-up design rain by climate and duration, `?climate=temperate&minutes=10`. */
export function GET(request: Request): NextResponse {
  const asked = readQuery(request, rainfall);
  if (!asked.ok) return asked.error;
  const { climate, minutes } = asked.value;
  return answer(rainfall, 200, standInRain(climate, minutes));
}
