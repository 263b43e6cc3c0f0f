import type { CheckContext } from '../job/context';
import type { Penetration } from '../job/job';
import { type Seal, sealOf } from '../job/resolve';
import { type SealWay, judgeWay, sealWays } from '../job/seal-ways';
import { wallSealStyle } from '../connections/standards/wall-seals';
import { partTitle } from '../fittings/catalogue';
import type { Tank } from '../walls/tank';
import type { Fix } from './finding';
import { freshId } from './places';

/** What seals a hole, and how that way stands there. */
export interface PlacedSeal {
  readonly hole: Penetration;
  readonly tank: Tank;
  readonly seal: Seal;
  readonly way: SealWay;
}

/** Every sealed hole of a job with its way judged where it is. */
export const placedSeals = (context: CheckContext): readonly PlacedSeal[] =>
  context.job.penetrations.flatMap((hole) => {
    const seal = sealOf(hole.id, context.index);
    const tank = context.job.tanks.find(({ id }) => id === hole.tankId);
    if (!seal || !tank) return [];
    const way = judgeWay(wallSealStyle(seal.end.style), { ...hole, size: seal.end.size }, tank, context, [seal.part]);
    return [{ hole, tank, seal, way }];
  });

const MOST_FIXES = 3;

/** The ways that are allowed at a hole, each as a fix: it takes the place of what is there, or is put into the bare hole. */
export function otherSeals(hole: Penetration, tank: Tank, seal: Seal | undefined, context: CheckContext): Fix[] {
  const { job } = context;
  return sealWays(hole, tank, context)
    .filter(({ verdict, style }) => verdict === 'allowed' && style.id !== seal?.end.style)
    .flatMap(({ parts }) => parts.slice(0, 1))
    .slice(0, MOST_FIXES)
    .map((part): Fix => ({
      text: seal ? 'Seal it instead with: {part}' : 'Seal it: {part}',
      data: { part: partTitle(part) },
      edits: seal
        ? [{ type: 'replace-part', partId: seal.placed.id, from: seal.part.code, to: part.code }]
        : [
            {
              type: 'add-part',
              part: { id: freshId(`${hole.id}-seal`, job.parts), code: part.code, lengthM: null },
              at: { of: 'hole', id: hole.id },
              partEnd: 0,
              jointId: freshId(`${hole.id}-wall`, job.joints),
            },
          ],
      partsAdded: 1,
      priceUsd: part.priceUsd,
    }));
}
