import type { Finding } from '../checks/finding';
import type { Catalogue } from '../fittings/catalogue';
import type { EndRef, Job } from '../job/job';
import { appendChain } from '../routes/chain-edits';
import type { SpaceWay } from '../routes/space-way';
import { waysInSpace } from '../routes/ways-in-space';
import { contextInSpace } from './context-in-space';
import { tryOut } from './tried-fixes';

/** So many ways are offered. */
const MOST_WAYS = 3;

/** A way that was made on a copy of the job, and what is said of it there that was not said before. */
interface TriedWay {
  readonly way: SpaceWay;
  readonly fails: number;
  readonly remarks: number;
}

/**
 * Ways in space that can be built: each is made on a copy of the job, which is checked as a job is. One that brings something
 * that fails (a line through a tank, a fall the wrong way, no room to screw it on) is not offered; of the others those come
 * first of which least is said (a dip in which water stands, no fall, nothing to hang it on, little cover), then by parts,
 * price and least bore.
 */
export function triedWays(
  job: Job,
  catalogue: Catalogue,
  at: EndRef,
  to: EndRef,
  options: Parameters<typeof waysInSpace>[4],
): readonly SpaceWay[] {
  const ways = waysInSpace(job, catalogue, at, to, options);
  if (ways.length === 0) return [];
  const context = contextInSpace(job, catalogue);
  const tried = ways.flatMap((way): readonly TriedWay[] => {
    const { edits } = appendChain(job, at, way, '', to);
    const copy = tryOut(context, edits);
    if (!copy) return [];
    // What the opening itself still lacks, a screen say, is asked for however its line goes.
    const more = copy.more.filter(({ check }) => !check.startsWith('hole/'));
    const count = (severity: Finding['severity']): number => more.filter((one) => one.severity === severity).length;
    const put = edits.flatMap((edit) => (edit.type === 'add-part' ? [edit.part.id] : []));
    const lengths = new Map(copy.context.job.parts.map(({ id, lengthM }) => [id, lengthM]));
    // What follows from both ends is known now, with the fall in it.
    const links = way.links.map((link, place) => ({ ...link, followsM: lengths.get(put[place] ?? '') ?? undefined }));
    return [{ way: { ...way, links }, fails: count('fails'), remarks: count('costs') + count('unknown') }];
  });
  return tried
    .filter(({ fails }) => fails === 0)
    .toSorted(
      (a, b) =>
        a.remarks - b.remarks ||
        a.way.links.length - b.way.links.length ||
        a.way.priceUsd - b.way.priceUsd ||
        b.way.smallestBoreMm - a.way.smallestBoreMm,
    )
    .slice(0, MOST_WAYS)
    .map(({ way }) => way);
}
