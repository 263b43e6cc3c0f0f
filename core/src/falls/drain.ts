import { type Leg, coursesOf } from '../assembly/course';
import { flowOf, runsOnce } from '../assembly/flow';
import { isFlexible } from '../fittings/flexible';
import { distance } from '../assembly/vector';
import { isByLength, type Part, outsideMmOf } from '../fittings/part';
import type { CheckContext } from '../derived/context';
import { groundAtM } from '../derived/heights';
import type { Run, Strand } from '../derived/run';
import { isSteep } from './steep';

/** A length of rigid pipe that runs free and more level than upright, as the water goes through it. */
export interface DrainLeg {
  readonly run: Run;
  readonly strand: Strand;
  readonly leg: Leg;
  /** Higher and lower end of its axis in the direction of the water, above the finished ground [m]. */
  readonly fromM: number;
  readonly toM: number;
  readonly lengthM: number;
  /** Falls by this share of its length; negative: it rises. */
  readonly fall: number;
  /** Ground over the top of the pipe at its two ends [m]; negative: it lies in the open. */
  readonly coverM: readonly [number, number];
}

const NO_LENGTH_M = 1e-6;

const outsideM = (part: Part): number => outsideMmOf(part) / 1000;

/** A stub shorter than this empties by itself and is not set out [m] (our judgement). */
const STUB_M = 0.6;

/** Runs by gravity in pipes that are not full: what comes from roofs and what overflows or drains away. */
const RUNS_FREE = ['inlet', 'overflow'] as const;

/** The ground over a run: level at the tank, and straight from there to where the ground of its place is known. */
function groundOver(
  strand: Strand,
  legs: readonly Leg[],
  { job }: CheckContext,
): (leg: Leg, end: 'from' | 'to') => number {
  const farM = strand.end.at === 'terminal' ? groundAtM(job, strand.end.id) : undefined;
  const first = legs[0]?.from;
  const away = ({ out, right }: Leg['from']): number => (first ? Math.hypot(out - first.out, right - first.right) : 0);
  const whole = legs.at(-1) ? away(legs.at(-1)!.to) : 0;
  return (leg, end) => (farM === undefined || whole < NO_LENGTH_M ? 0 : (farM * away(leg[end])) / whole);
}

/** Every length of pipe that should fall, in the direction of the water. Stubs and lengths that nobody knows are left out. */
export const drainLegs = (context: CheckContext): readonly DrainLeg[] =>
  runsOnce(context)
    .filter(({ penetration }) => RUNS_FREE.some((role) => penetration.roles.includes(role)))
    .flatMap((run) => {
      const course = coursesOf(context).get(run.penetration.id);
      return run.strands.flatMap((strand) => {
        const flow = flowOf(run, strand, context);
        const legs = course?.along.get(strand) ?? [];
        const ground = groundOver(strand, legs, context);
        if (flow === undefined) return [];
        return legs.flatMap((leg): readonly DrainLeg[] => {
          const lengthM = distance(leg.to, leg.from);
          const riseM = leg.to.up - leg.from.up;
          const isDrain = isByLength(leg.part) && !isFlexible(leg.part) && leg.placed.lengthM !== null;
          if (!isDrain || lengthM < STUB_M || isSteep(riseM, lengthM)) return [];
          const radiusM = outsideM(leg.part) / 2;
          const [fromM, toM] = flow === 'onward' ? [leg.from.up, leg.to.up] : [leg.to.up, leg.from.up];
          return [
            {
              run,
              strand,
              leg,
              fromM,
              toM,
              lengthM,
              fall: (fromM - toM) / lengthM,
              coverM: [ground(leg, 'from') - leg.from.up - radiusM, ground(leg, 'to') - leg.to.up - radiusM],
            },
          ];
        });
      });
    });
