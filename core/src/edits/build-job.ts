import type { Region } from '../region';
import { setSetting } from './change-field';
import type { Catalogue } from '../fittings/catalogue';
import { shippedCatalogue } from '../fittings/catalogue';
import { type Edit, applyEdits } from './edits';
import { type EndRef, type Job, type PlacedPart, type Settings, emptyJob } from '../job/job';
import { newPart } from '../job/new-part';
import { newPenetration } from '../job/new-tank';
import type { Measures } from '../quantity/length';

/** A part of a demo run: its code, the end by which the water comes in (0 if not said), the one it goes on by, its length. */
export interface DemoPart extends Partial<Omit<PlacedPart, 'id'>> {
  readonly code: string;
  readonly inEnd?: number;
  readonly outEnd?: number;
}

/** Where a demo run ends: open if not said. */
export type DemoEnd = Exclude<EndRef, { of: 'part' }>;

/** A small builder that makes demo jobs by the same edits a user makes, so that a demo can never be an impossible job. */
export interface JobBuilder {
  readonly edit: (edit: Edit) => void;
  /** Sets out an opening; what is not said of it is plain. */
  readonly hole: (given: Parameters<typeof newPenetration>[0]) => void;
  /** Says what is said once for the job. */
  readonly set: (settings: Partial<Settings>) => void;
  readonly run: (holeId: string, parts: readonly DemoPart[], end?: DemoEnd) => void;
  readonly job: () => Job;
}

/** @throws RangeError an edit was refused: the demo is wrong */
export function buildJob(
  name: string,
  measures: Measures,
  region: Region | null = null,
  catalogue: Catalogue = shippedCatalogue,
): JobBuilder {
  return buildOn(emptyJob(name, measures, region), catalogue);
}

/** The same, on a job that is begun. */
export function buildOn(begun: Job, catalogue: Catalogue = shippedCatalogue): JobBuilder {
  let job = begun;
  const edit = (one: Edit): void => {
    const edited = applyEdits(job, [one], catalogue);
    if (!edited.ok) throw new RangeError(`buildJob: ${one.type}: ${edited.error.message}`);
    job = edited.value.job;
  };
  const run: JobBuilder['run'] = (holeId, parts, end) => {
    let at: EndRef = { of: 'hole', id: holeId };
    for (const [
      index,
      { code, inEnd = 0, outEnd = inEnd === 0 ? 1 : 0, lengthM = null, ...given },
    ] of parts.entries()) {
      const id = `${holeId}-${index + 1}`;
      edit({
        type: 'add-part',
        part: newPart(id, code, { lengthM, ...given }),
        at,
        partEnd: inEnd,
        jointId: `${holeId}-j${index + 1}`,
      });
      at = { of: 'part', id, end: outEnd };
    }
    if (end) edit({ type: 'join-ends', jointId: `${holeId}-j${parts.length + 1}`, a: at, b: end });
  };
  const hole: JobBuilder['hole'] = (given) => edit({ type: 'add-penetration', penetration: newPenetration(given) });
  const set: JobBuilder['set'] = (settings) => {
    for (const [field, to] of Object.entries(settings)) edit(setSetting(job, field as keyof typeof settings, to));
  };
  return { edit, hole, set, run, job: () => job };
}
