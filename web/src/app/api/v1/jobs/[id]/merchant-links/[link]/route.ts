import { answered } from '@/server/api/answered';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { revokeMerchantLink } from '@/server/db/merchant-repository';

interface Context {
  readonly params: Promise<{ readonly id: string; readonly link: string }>;
}

/** Closes a link for good. */
export const DELETE = answered(async (_: Request, { params }: Context): Promise<NextResponse> => {
  const { id, link } = await params;
  return (await revokeMerchantLink(id, link)) ? new NextResponse(null, { status: 204 }) : notFound('open link');
});
