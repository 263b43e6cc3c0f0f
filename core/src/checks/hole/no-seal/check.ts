import { holdsAtAll } from '../../../connections/mating';
import { offersOf } from '../../../routes/next-parts';
import { partTitle } from '../../../fittings/catalogue';
import type { Penetration } from '../../../job/job';
import { tankType } from '../../../walls/tank-types';
import { wallSealSize } from '../../../connections/standards/wall-seals';
import type { CheckContext } from '../../../job/context';
import { defineCheck } from '../../define-check';
import type { Fix } from '../../finding';
import { atPenetration, freshId } from '../../places';

export default defineCheck({
  meta: {
    id: 'hole/no-seal',
    severity: 'fails',
    summary: 'A hole with nothing in it.',
    sources: [{ document: 'an opening below the highest water is sealed', provenance: 'common-practice' }],
    messages: { open: { title: 'Nothing seals it', text: '{hole} is a hole in {tank} with nothing in it.' } },
  },
  check: (context) =>
    context.runs
      .filter(
        ({ penetration, strands }) => penetration.port === null && strands.every(({ items }) => items.length === 0),
      )
      .map(({ penetration }) => ({
        messageId: 'open',
        at: atPenetration(penetration),
        data: {
          hole: penetration.label,
          tank: context.job.tanks.find(({ id }) => id === penetration.tankId)?.label ?? '',
        },
        fixes: sealsFor(penetration, context),
      })),
});

/** The wall seals of the hole's own size that hold in this wall. */
function sealsFor(penetration: Penetration, { job, catalogue }: CheckContext): Fix[] {
  const tank = job.tanks.find(({ id }) => id === penetration.tankId);
  if (!tank) return [];
  const radius = penetration.face === 'wall' ? { wallRadiusMm: (tank.diameterM / 2) * 1000 } : {};
  return catalogue.list.flatMap((part): Fix[] => {
    const seal = part.ends[0]?.end;
    if (seal?.kind !== 'wall-seal' || seal.size !== penetration.size) return [];
    const diameterMm =
      penetration.holeM === null ? wallSealSize(seal.style, seal.size).typicalHoleMm : penetration.holeM * 1000;
    const hole = {
      end: { kind: 'hole', diameterMm, wallMm: tank.wallM * 1000, ...radius },
      material: tankType(tank.type).material,
    } as const;
    const offer = offersOf(hole, part).find(({ mating }) => holdsAtAll(mating.verdict));
    if (!offer) return [];
    const placed = { id: freshId(`${penetration.id}-seal`, job.parts), code: part.code, lengthM: null };
    const jointId = freshId(`${penetration.id}-wall`, job.joints);
    return [
      {
        text: 'Seal it: {part}',
        data: { part: partTitle(part) },
        edits: [
          { type: 'add-part', part: placed, at: { of: 'hole', id: penetration.id }, partEnd: offer.endIn, jointId },
        ],
        partsAdded: 1,
        priceUsd: part.priceUsd,
      },
    ];
  });
}
