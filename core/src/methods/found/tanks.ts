import type { CheckContext } from '../../derived/context';
import { isGuest } from '../../derived/shared-stand';
import { portOf, tankType } from '../../walls/tank-types';
import { tankOf } from '../../job/lookup';
import type { Base, Tank } from '../../walls/tank';
import { useOfHole, useOfTank } from '../../parts/list/trace';
import { pitOf } from '../../parts/take-off/earth-lines';
import {
  anchoringOf,
  blockUses,
  bracesOf,
  isBaseThere,
  lashingsOf,
  standSizeM,
  withRiser,
} from '../../parts/take-off/stand-lines';
import type { Found, WayId } from '../ways';
import { WHOLE_JOB } from '../method';

/** A lid that has to be undone; that of an open top which lets air through only lies on it. */
const hasHeldLid = ({ type, accessM }: Tank): boolean => {
  const { openTop, breathes } = tankType(type);
  return openTop ? !breathes : accessM > 0;
};
const wantsWashing = ({ type, cleaning, stands }: Tank): boolean =>
  tankType(type).secondHand && !stands && cleaning !== 'washed' && cleaning !== 'reconditioned';

/** Bases that are laid on the spot. */
const BEDDED: readonly Base[] = ['ground', 'slab', 'stand'];
/** A base is wider than what stands on it, all round (common practice) [m]. */
const BASE_BEYOND_M = 0.1;
function baseM2(tank: Tank, tanks: readonly Tank[]): number {
  const { longM, deepM } = standSizeM(tank, tanks);
  return (longM + 2 * BASE_BEYOND_M) * (deepM + 2 * BASE_BEYOND_M);
}

/** What is done at the tanks: set, washed, bedded, dug in, held down; and once for the whole job. */
export function atTanks({ job }: CheckContext): readonly Found[] {
  const { tanks } = job;
  const each = (own: readonly Tank[], way: WayId): readonly Found[] =>
    own.map((tank) => [way, { use: useOfTank(tank), amount: 1 }]);
  const based = tanks.filter((tank) => !isBaseThere(tank) && !isGuest(tank, tanks));
  const [first] = tanks;
  return [
    ...(first ? [['day-kit', { use: { ...useOfTank(first), place: WHOLE_JOB }, amount: 1 }] as const] : []),
    ...each(tanks.filter(hasHeldLid), 'lid-open'),
    ...each(tanks.filter(wantsWashing), 'wash-out'),
    ...based
      .filter((tank) => BEDDED.includes(tank.base) && pitOf(tank) === undefined)
      .map((tank): Found => ['bed-base', { use: useOfTank(tank), amount: baseM2(tank, tanks) }]),
    ...blockUses(tanks).map(({ use }): Found => ['blocks', { use, amount: 1 }]),
    ...each(
      based.filter(({ base, planks }) => base === 'planks' && planks !== null),
      'planks',
    ),
    ...each(
      tanks.filter(({ buriedM, stands }) => buriedM > 0 && !stands),
      'pit',
    ),
    ...each(
      tanks.filter(({ stands }) => !stands),
      'set-tank',
    ),
    ...each(
      tanks.filter((tank) => lashingsOf(tank) > 0),
      'lash',
    ),
    ...each(
      tanks.filter((tank) => anchoringOf(tank) !== undefined),
      'anchor',
    ),
    ...each(
      tanks.filter((tank) => bracesOf(tank) > 0),
      'brace',
    ),
    ...each(withRiser(tanks), 'riser'),
    ...job.penetrations
      .filter((hole) => {
        const tank = tankOf(job, hole);
        return tank !== undefined && hole.portUse !== 'leave' && portOf(tank, hole)?.closedBy === 'bung';
      })
      .map((hole): Found => ['drum-bung', { use: useOfHole(hole), amount: 1 }]),
    ...each(tanks, 'test-fill'),
  ];
}
