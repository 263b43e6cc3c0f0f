import 'server-only';
import { putEverything as operation } from '../api/operations/everything';
import { readBytes } from '../api/body';
import { answer } from '../api/operation';
import { badRequest, unsupported } from '../api/problem';
import { putEverything } from '../db/everything-repository';
import { codeOf } from '../db/failure';
import { theCatalogue } from '../db/part-repository';
import { readEverythingFile } from './read';
import { writeEverything } from './write';

const ZIP = 'application/zip';

/** Everything of this Herrero as one zip of open files. */
export async function answerEverything(): Promise<Response> {
  const now = new Date();
  return new Response(new Uint8Array(await writeEverything(now)), {
    headers: {
      'Content-Type': ZIP,
      'Content-Disposition': `attachment; filename="herrero-everything-${now.toISOString().slice(0, 10)}.zip"`,
      'Cache-Control': 'no-store',
    },
  });
}

/** Puts in what such a zip holds and is not here yet. */
export async function answerPutEverything(request: Request): Promise<Response> {
  if (request.headers.get('content-type') !== ZIP) return unsupported(ZIP);
  const body = await readBytes(request, operation.limitBytes);
  if (!body.ok) return body.error;
  const read = readEverythingFile(body.value, await theCatalogue());
  if (!read.ok) return badRequest(read.error);
  const { shared, jobs, refused } = read.value;
  try {
    return answer(operation, 200, { ...(await putEverything(shared, jobs)), refused: [...refused] });
  } catch (error) {
    if (!UNFIT.test(codeOf(error))) throw error;
    return badRequest([
      { path: '', message: 'Something stands in it twice, or cannot be written at all: nothing of it was put in.' },
    ]);
  }
}

/** SQLSTATE of data that cannot be stored, and of keys that are there twice: both can only come of the file. */
const UNFIT = /^2[23]/;
