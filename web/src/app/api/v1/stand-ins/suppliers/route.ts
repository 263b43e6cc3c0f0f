import { answered } from '@/server/api/answered';
import { answer } from '@/server/api/operation';
import { listStandInSuppliers } from '@/server/api/operations/stock';
import { type NextResponse } from 'next/server';
import { STAND_INS } from '@/server/stand-in-suppliers';

/** The stand-ins for services of suppliers, by name. */
export const GET = answered((): NextResponse =>
  answer(listStandInSuppliers, 200, { standIn: true, standIns: STAND_INS.map(({ id, name }) => ({ id, name })) }),
);
