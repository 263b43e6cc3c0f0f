import { answered } from '@/server/api/answered';
import { answer } from '@/server/api/operation';
import { removeOwn as removeOwnOperation } from '@/server/api/operations/stock';
import { notFound } from '@/server/api/problem';
import { NextResponse } from 'next/server';
import { removeOwn } from '@/server/db/part-repository';

/** Takes a part of one's own out, unless a job is built with it. */
export const DELETE = answered(
  async (_: Request, { params }: { readonly params: Promise<{ readonly code: string }> }): Promise<NextResponse> => {
    const { code } = await params;
    const removal = await removeOwn(code);
    switch (removal.kind) {
      case 'removed':
        return new NextResponse(null, { status: 204 });
      case 'no-such-part':
        return notFound(`part of your own called ${code}`);
      case 'in-use':
        return answer(removeOwnOperation, 409, {
          error: `${code} is built into ${removal.jobs.join(', ')}. Take it out there first.`,
          jobs: removal.jobs,
        });
    }
  },
);
