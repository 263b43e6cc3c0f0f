import 'server-only';
import { type Catalogue, type Job, contextOf, drillHoles } from '@herrero/core';
import { format } from 'date-fns';
import { drillingDxf } from '../cad/drilling-dxf';
import { type Paper, drillingSheets } from './lay-out';
import { type DrawnKind, SHEET_KINDS } from '../sheet/kinds';

/**
 * The drilling sheet of one tank.
 *
 * @param now the day that is printed on it
 * @returns undefined where there is no such tank, or nothing in it is drilled
 */
export async function drillingSheet(
  job: Job,
  catalogue: Catalogue,
  tankId: string,
  kind: DrawnKind,
  paper: Paper,
  now: Date,
): Promise<Buffer | string | undefined> {
  const tank = job.tanks.find(({ id }) => id === tankId);
  const holes = tank ? drillHoles(tank, contextOf(job, catalogue)) : [];
  if (!tank || holes.length === 0) return undefined;
  // A machine cuts what a drawing says, at its own scale: no paper, no words for the hand.
  if (kind === 'dxf') return drillingDxf(tank, holes, job.measures);
  const sheets = drillingSheets({
    jobName: job.name,
    tank,
    measures: job.measures,
    holes,
    madeOn: format(now, 'd MMMM yyyy'),
    paper,
  });
  return SHEET_KINDS[kind].write(sheets, `Drilling sheet, ${job.name}, ${tank.label}`);
}
