import { answered } from '@/server/api/answered';
import { answer } from '@/server/api/operation';
import { listMerchantLinks, makeMerchantLink as makeLink } from '@/server/api/operations/jobs';
import { type NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { findJob } from '@/server/db/job-repository';
import { makeMerchantLink, merchantLinksOf } from '@/server/db/merchant-repository';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The links to the parts list of a job, without their secrets. */
export const GET = answered(async (_: Request, { params }: Context): Promise<NextResponse> => {
  const { id } = await params;
  return (await findJob(id)) ? answer(listMerchantLinks, 200, { links: await merchantLinksOf(id) }) : notFound('job');
});

/** Makes a link that shows the parts list and nothing else. Its path is answered once: only a hash of it is kept. */
export const POST = answered(async (_: Request, { params }: Context): Promise<NextResponse> => {
  const { id } = await params;
  if (!(await findJob(id))) return notFound('job');
  const { id: link, secret } = await makeMerchantLink(id);
  return answer(makeLink, 201, { id: link, path: `/list/${secret}` });
});
