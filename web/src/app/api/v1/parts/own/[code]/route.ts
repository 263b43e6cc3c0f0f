import { NextResponse } from 'next/server';
import { removeOwn } from '@/server/db/part-repository';

/** Takes a part of one's own out, unless a job is built with it. */
export async function DELETE(
  _: Request,
  { params }: { readonly params: Promise<{ readonly code: string }> },
): Promise<NextResponse> {
  const { code } = await params;
  const removal = await removeOwn(code);
  switch (removal.kind) {
    case 'removed':
      return new NextResponse(null, { status: 204 });
    case 'no-such-part':
      return NextResponse.json({ error: `There is no part of your own called ${code}.` }, { status: 404 });
    case 'in-use':
      return NextResponse.json(
        { error: `${code} is built into ${removal.jobs.join(', ')}. Take it out there first.`, jobs: removal.jobs },
        { status: 409 },
      );
  }
}
