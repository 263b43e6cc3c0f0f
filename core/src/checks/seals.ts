import { tankOf } from '../job/lookup';
import type { RunSight } from '../derived/context';
import type { Penetration } from '../job/job';
import { type Seal, sealOf } from '../derived/resolve';
import { type WayReason, placedWay, sealWays, isSoldIn } from '../derived/seal-ways';
import { partTitle } from '../fittings/catalogue';
import type { Tank } from '../walls/tank';
import { fillText } from '../quantity/values';
import type { Report } from './define-check';
import type { Fix } from './finding';
import { freshId } from '../edits/fresh-id';
import { atPenetration } from './places';
import { newPart } from '../job/new-part';
import { sizeWords } from '../quantity/size';

/** A hole that is sealed, in its tank, with what seals it. */
export interface SealedHole {
  readonly hole: Penetration;
  readonly tank: Tank;
  readonly seal: Seal;
}

/**
 * What speaks against the seals of a job, as far as it is about one of these: each with its figures, and with the ways
 * that are allowed there as fixes.
 *
 * @param fixesFirst what else can be done about it, offered before another seal
 */
export const sealReports = (
  context: RunSight,
  about: readonly WayReason['about'][],
  fixesFirst: (sealed: SealedHole, reason: WayReason, whole: RunSight) => readonly Fix[] = () => [],
): readonly Report<'seal'>[] =>
  context.runs.flatMap(({ penetration: hole }) => {
    const [tank, seal] = [tankOf(context.job, hole), sealOf(hole.id, context.index)];
    const way = placedWay(context, hole);
    if (!tank || !seal || !way) return [];
    return way.reasons
      .filter((reason) => about.includes(reason.about))
      .map((reason) => ({
        messageId: 'seal' as const,
        at: atPenetration(hole),
        data: { why: fillText(reason.text, reason.data, context.job.measures) },
        fixes: (whole) => [...fixesFirst({ hole, tank, seal }, reason, whole), ...otherSeals(hole, tank, seal, whole)],
      }));
  });

const MOST_FIXES = 3;

/** The ways that are allowed at a hole, each as a fix: it takes the place of what is there, or is put into the bare hole. */
export function otherSeals(hole: Penetration, tank: Tank, seal: Seal | undefined, context: RunSight): Fix[] {
  const { job } = context;
  return sealWays(hole, tank, context)
    .filter(({ verdict, style }) => verdict === 'allowed' && style.id !== seal?.end.style)
    .flatMap(({ parts }) => parts.slice(0, 1))
    .toSorted((a, b) => Number(isSoldIn(b, job.region)) - Number(isSoldIn(a, job.region)))
    .slice(0, MOST_FIXES)
    .map((part): Fix => ({
      text: seal ? 'Seal it instead with: {part}' : 'Seal it: {part}',
      data: { part: partTitle(part) },
      edits: seal
        ? [{ type: 'replace-part', partId: seal.placed.id, from: seal.part.code, to: part.code }]
        : [
            {
              type: 'add-part',
              part: newPart(freshId(`${hole.id}-seal`, job.parts), part.code),
              at: { of: 'hole', id: hole.id },
              partEnd: 0,
              jointId: freshId(`${hole.id}-wall`, job.joints),
            },
          ],
      partsAdded: 1,
      priceUsd: part.priceUsd,
    }));
}

/** An opening that is not there yet, with the first way that seals it: one press, and nothing that it leaves open fails. */
export function newHoleFix(
  penetration: Omit<Penetration, 'label'>,
  tank: Tank,
  context: RunSight,
  text: string,
): readonly Fix[] {
  const [seal] = otherSeals({ ...penetration, label: '' }, tank, undefined, context);
  return [
    {
      text: seal ? `${text}: {part}` : text,
      data: { size: sizeWords(penetration.size), height: { lengthM: penetration.heightM }, ...seal?.data },
      edits: [{ type: 'add-penetration', penetration }, ...(seal?.edits ?? [])],
      partsAdded: seal?.partsAdded ?? 0,
      priceUsd: seal?.priceUsd ?? 0,
    },
  ];
}
