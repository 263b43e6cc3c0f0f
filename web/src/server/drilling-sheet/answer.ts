import 'server-only';
import { paperOf } from '@herrero/core';
import { readQuery } from '../api/operation';
import { drillingSheets } from '../api/operations/files';
import { badRequest, notFound } from '../api/problem';
import { findJob } from '../db/job-repository';
import { theCatalogue } from '../db/part-repository';
import { printable } from '../printable';
import { DXF_TYPE, type DrawnKind, SHEET_KINDS } from '../sheet/kinds';
import { drillingSheet } from './drilling-sheet';

/** Answers with the drilling sheet of a tank at true scale: `?tank=t1&paper=a4`; without a tank the first, without
 * paper that of the region. */
export const answerSheet =
  (kind: DrawnKind) =>
  async (request: Request, { id = '' }: Readonly<Record<string, string>>): Promise<Response> => {
    const asked = readQuery(request, drillingSheets[kind]);
    if (!asked.ok) return asked.error;
    const stored = await findJob(id);
    if (!stored) return notFound('job');
    const document = printable(stored.document);
    const { paper = paperOf(document) } = asked.value;
    const { tanks } = document;
    const tankId = asked.value.tank ?? tanks[0]?.id ?? '';
    const tank = tanks.find((one) => one.id === tankId);
    if (!tank) return badRequest([{ path: 'tank', message: `${tankId || 'Nothing'} is no tank of this job.` }]);
    const sheet = await drillingSheet(document, await theCatalogue(), tankId, kind, paper, new Date());
    if (sheet === undefined)
      return badRequest([
        { path: 'tank', message: `Nothing is drilled in ${tank.label} yet: set out its holes first.` },
      ]);
    return new Response(typeof sheet === 'string' ? sheet : new Uint8Array(sheet), {
      headers: {
        'content-type': kind === 'dxf' ? DXF_TYPE : SHEET_KINDS[kind].type,
        'content-disposition': `attachment; filename="drilling-sheet-${tank.label.toLowerCase()}.${kind}"`,
      },
    });
  };
