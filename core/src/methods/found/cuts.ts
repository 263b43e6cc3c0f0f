import { isFlexible } from '../../fittings/flexible';
import type { CheckContext } from '../../derived/context';
import { holeDiameterM, isToDrill } from '../../derived/resolve';
import { isDownpipe } from '../../fittings/capability';
import { type Part, isByLength, outsideMmOf } from '../../fittings/part';
import type { Penetration } from '../../job/job';
import { tankOf } from '../../job/lookup';
import { useOfHole } from '../../parts/list/trace';
import { cutOf } from '../../parts/take-off/drilling';
import { bareInSteel, beaded } from '../../parts/take-off/hole-lines';
import { ownSealItem, ownSealed } from '../../parts/take-off/own-lines';
import { putIn } from '../../parts/take-off/put-in';
import { wallKindOf } from '../../walls/tank-types';
import type { Work } from '../method';
import type { Found, WayId } from '../ways';

const atHole = (hole: Penetration, { job, index }: CheckContext): Work => {
  const diameterM = holeDiameterM(hole.id, job, index);
  return {
    use: useOfHole(hole),
    amount: 1,
    size: hole.size,
    ...(diameterM === undefined ? {} : { acrossMm: diameterM * 1000 }),
  };
};

const cutWay = (hole: Penetration, context: CheckContext): WayId | undefined => {
  const tank = tankOf(context.job, hole);
  switch (cutOf(hole, context)?.fit) {
    case 'core':
      return 'core-hole';
    case 'template':
      return 'cut-to-template';
    case 'fits':
    case 'allowed':
      return tank && wallKindOf(tank) === 'metal' ? 'saw-steel' : 'saw-hole';
    case undefined:
      return undefined;
  }
};

/** The holes that are cut, what closes them beside parts, and the edges that are painted. */
export const atHoles = (context: CheckContext): readonly Found[] => {
  const { job, index } = context;
  const drilled = job.penetrations.filter((hole) => isToDrill(hole, index));
  const each = (holes: readonly Penetration[], way: WayId): readonly Found[] =>
    holes.map((hole) => [way, atHole(hole, context)]);
  return [
    ...drilled.flatMap((hole): readonly Found[] => {
      const way = cutWay(hole, context);
      return way ? [[way, atHole(hole, context)]] : [];
    }),
    ...each(bareInSteel(context), 'zinc-edge'),
    ...each(beaded(context), 'silicone-bead'),
    ...each(
      // Where the hole stays clear or is a notch, nothing is set.
      ownSealed(context).filter((hole) => ownSealItem(hole) !== undefined),
      'own-seal',
    ),
  ];
};

const cutOfLength = (part: Part): WayId =>
  isDownpipe(part)
    ? 'cut-downpipe'
    : part.family === 'hose'
      ? 'cut-soft'
      : isFlexible(part)
        ? 'cut-coil'
        : part.material === 'clear-pvc'
          ? 'cut-clear'
          : 'cut-rigid';

/** One cut for each piece of what is sold by length: the other end is that of the bar, or the cut before. */
export const ofLengths = (context: CheckContext): readonly Found[] =>
  putIn(context)
    .filter(({ part }) => isByLength(part))
    .map(({ part, use }) => [cutOfLength(part), { use, amount: 1, size: part.size, acrossMm: outsideMmOf(part) }]);
