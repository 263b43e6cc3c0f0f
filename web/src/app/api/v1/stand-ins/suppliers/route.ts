import { NextResponse } from 'next/server';
import { STAND_INS } from '@/server/stand-in-suppliers';

/** The stand-ins for services of suppliers, by name. */
export const GET = (): NextResponse =>
  NextResponse.json({ standIn: true, standIns: STAND_INS.map(({ id, name }) => ({ id, name })) });
