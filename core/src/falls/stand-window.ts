import { lineFlows } from '../hydraulics/line-flow';
import { GRAVITY_M_S2 } from '../hydraulics/free-flow';
import type { CheckContext } from '../derived/context';
import { groundAtM, placeUpM } from '../derived/heights';
import { siteFigure } from '../job/job';
import { invertM, levelsOf } from '../derived/levels';
import { baseLevelM } from '../derived/set-out';
import { holesOf } from '../job/lookup';
import { placeAt } from '../derived/strands';
import { wantOf } from '../site/place-kinds';
import { DRAWS } from '../walls/roles';
import type { Tank } from '../walls/tank';
import { heightBudgets } from './height-budget';

/** Why the base of a tank may not stand lower, or not higher. */
export type Push = 'ground' | 'vessel' | 'pressure' | 'dead-water' | 'gutter' | 'safe-stand';

export interface Constraint {
  readonly push: Push;
  readonly way: 'up' | 'down';
  /** The base may not stand lower (up) or higher (down) than this over the finished ground [m]. */
  readonly atM: number;
  /** The place, device or opening that asks for it. */
  readonly of: string;
}

/** Between what and what the base of a tank may stand, and what bites on either side. */
export interface StandWindow {
  readonly tank: Tank;
  readonly leastM: number;
  readonly mostM: number;
  readonly constraints: readonly Constraint[];
  /** The ones that rule; the window is closed where the first asks for more than the second allows. */
  readonly fromBelow: Constraint;
  readonly fromAbove: Constraint;
}

function pushesUp(tank: Tank, context: CheckContext): readonly Constraint[] {
  const { job } = context;
  const base = baseLevelM(tank, job);
  const { fullM } = levelsOf(tank, context);
  const draws = new Set(holesOf(job, tank.id, ...DRAWS, 'drain').map(({ id }) => id));
  const runs = context.runs.filter(({ penetration }) => draws.has(penetration.id));
  return runs.flatMap((run) => {
    const outletM = invertM(run.penetration, tank, context);
    const lines = lineFlows(context, run);
    return run.strands.flatMap((strand, index): readonly Constraint[] => {
      const line = lines.find((one) => one.strand === index);
      const { end } = strand;
      const place = placeAt(job, end);
      const up = (push: Push, atM: number, of: string): Constraint => ({ push, way: 'up', atM, of });
      const placeM = place && placeUpM(job, place.id);
      const pressure = Math.max(
        place ? wantOf(place, 'wantsKpa') : 0,
        ...(line && !line.pumped ? line.items.map(({ part }) => part.leastKpa ?? 0) : [0]),
      );
      const vesselM = place ? wantOf(place, 'vesselM') : 0;
      const name = place?.name ?? run.penetration.label;
      return [
        ...(placeM !== undefined && !line?.pumped ? [up('dead-water', placeM - outletM, name)] : []),
        ...(placeM !== undefined && pressure > 0 && !line?.pumped
          ? [up('pressure', placeM + pressure / GRAVITY_M_S2 - fullM, name)]
          : []),
        // The tap hangs on the tank: it comes up with it.
        ...(place && vesselM > 0 && placeM === undefined && line && line.endKnownBy !== 'assumed'
          ? [up('vessel', (groundAtM(job, place.id) ?? 0) + vesselM - (line.endM - base), name)]
          : []),
      ];
    });
  });
}

/** The window in which the base of a tank may stand. Every figure is for the job as it is now, the tank alone moved. */
export function standWindow(tank: Tank, context: CheckContext): StandWindow {
  const base = baseLevelM(tank, context.job);
  const ground: Constraint = { push: 'ground', way: 'up', atM: -tank.buriedM, of: 'the ground' };
  const safe: Constraint = {
    push: 'safe-stand',
    way: 'down',
    atM: siteFigure(context.job, 'standM'),
    of: 'a safe stand',
  };
  const gutters = heightBudgets(context)
    .filter(({ tank: { id } }) => id === tank.id)
    .flatMap(({ leftM, givesM, roof }): readonly Constraint[] =>
      leftM === undefined ? [] : [{ push: 'gutter', way: 'down', atM: base + leftM + givesM, of: roof.name }],
    );
  const up = [ground, ...pushesUp(tank, context)];
  const down = [safe, ...gutters];
  const fromBelow = up.reduce((most, one) => (one.atM > most.atM ? one : most));
  const fromAbove = down.reduce((least, one) => (one.atM < least.atM ? one : least));
  return {
    tank,
    leastM: fromBelow.atM,
    mostM: fromAbove.atM,
    constraints: [...up, ...down],
    fromBelow,
    fromAbove,
  };
}
