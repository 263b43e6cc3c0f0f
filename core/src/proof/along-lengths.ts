import { type Leg, coursesOf } from '../assembly/course';
import { isFlexible } from '../fittings/flexible';
import { runsOnce } from '../assembly/flow';
import { type Material, isMetal } from '../connections/material';
import type { CheckContext } from '../derived/context';
import { roofsInto } from '../derived/heights';
import type { StrandItem } from '../derived/run';
import { goesRound, isDownpipe } from '../fittings/capability';
import { type Part, isByLength, outsideMmOf } from '../fittings/part';
import type { Penetration } from '../job/job';
import { type Use, useOfHole, useOfPart } from '../parts/list/trace';
import { MM_PER_INCH } from '../quantity/length';
import { memoize } from '../quantity/memoize';
import { sizeCode } from '../quantity/size';
import { DRAWS } from '../walls/roles';
import { type Claim, claim } from './claim';
import { BEDDING } from './earth';

/** A part that is to be put in. */
export interface New {
  readonly part: Part;
  readonly placed: StrandItem['placed'];
  readonly hole: Penetration;
  readonly use: Use;
}

/** Every part that is to be put in, each once, whatever number of openings it hangs on. */
export const newParts: (context: CheckContext) => readonly New[] = memoize(({ runs }: CheckContext) => {
  const found = new Map<string, New>();
  for (const { penetration: hole, strands } of runs)
    for (const { items } of strands)
      for (const { part, placed } of items)
        if (!placed.existing && !found.has(placed.id))
          found.set(placed.id, { part, placed, hole, use: useOfPart(placed.id, hole) });
  return [...found.values()];
});

/** The parts themselves: so many pieces, so many metres. */
export const ofParts = (context: CheckContext): readonly Claim[] =>
  newParts(context).map(({ part, placed, use }) =>
    isByLength(part)
      ? claim(part.code, placed.lengthM ?? 0, use, { unit: 'm', piece: placed.id })
      : claim(part.code, 1, use),
  );

/** From support to support of level pipe full of water, by its outside [in] in feet (values from memory; copper and steel 6 ft). */
const SUPPORTED_FT: readonly (readonly [fromIn: number, feet: number])[] = [
  [0, 3],
  [0.84, 4.5],
  [1.315, 5],
  [1.66, 5.5],
  [2.875, 6.5],
  [3.5, 7],
  [6.625, 8],
];
const FOOT_M = 0.3048;
/** A nominal outside and a measured one are the same within a millimetre. */
const NEAR_IN = 1 / MM_PER_INCH;

function strapsOn(part: Part, lengthM: number): number {
  if (!isByLength(part) || isFlexible(part)) return 1;
  const inches = outsideMmOf(part) / MM_PER_INCH;
  const feet = isMetal(part.material) ? 6 : (SUPPORTED_FT.findLast(([from]) => inches >= from - NEAR_IN)?.[1] ?? 3);
  return Math.max(1, Math.ceil(lengthM / (feet * FOOT_M)));
}

/** What pipe is held by. */
export const ofHolding = (context: CheckContext): readonly Claim[] => [
  ...context.job.penetrations
    .filter(({ supported }) => supported)
    .map((hole) => claim(`ST-${sizeCode(hole.size)}`, 1, useOfHole(hole))),
  ...newParts(context).flatMap(({ part, placed, use, hole }): readonly Claim[] => {
    const lengthM = placed.lengthM ?? 0;
    if (!(isByLength(part) && isDownpipe(part)))
      return placed.held && !buriedIn(context).has(placed.id)
        ? [claim(`ST-${sizeCode(part.size)}`, strapsOn(part, lengthM), use)]
        : [];
    // A bracket every 1.8 m and one at the end; a short piece hangs on one, and one that nobody has measured on two.
    const brackets = placed.lengthM !== null && lengthM < 0.6 ? 1 : Math.max(2, Math.ceil(lengthM / 1.8) + 1);
    const wall = roofsInto(context.job, hole.id)[0]?.fixedTo ?? null;
    return [
      claim(part.code.replace(/^DP/, 'DK'), brackets, use),
      ...(wall === null ? [] : [claim(SCREWS[wall], 2 * brackets, use)]),
    ];
  }),
];

/** Two for each bracket: wood screws, screws with plugs, screws for sheet. */
export const SCREWS = { wood: 'AW', masonry: 'AM', sheet: 'AS' } as const;

const inEarth = ({ from, to, inTank }: Leg): boolean => !inTank && from.up < 0 && to.up < 0;

/** Sand round what lies in a trench: 300 mm wider than the pipe, from 100 mm under it to 150 mm over it, without the pipe (EN 1610 family, from memory). */
export const ofTrenches = (context: CheckContext): readonly Claim[] =>
  runsOnce(context).flatMap(({ penetration, strands }) => {
    const course = coursesOf(context).get(penetration.id);
    let m3 = 0;
    let alongM = 0;
    for (const strand of strands)
      for (const leg of course?.along.get(strand) ?? []) {
        const { part, placed, from, to } = leg;
        if (!isByLength(part) || placed.existing || placed.lengthM === null) continue;
        if (!leg.sure || leg.assumed.length > 0 || !inEarth(leg)) continue;
        const acrossM = outsideMmOf(part) / 1000;
        const ditchM2 = (acrossM + 0.3) * (acrossM + 0.25) - Math.PI * (acrossM / 2) ** 2;
        const levelM = Math.hypot(to.right - from.right, to.out - from.out);
        m3 += ditchM2 * levelM;
        alongM += levelM;
      }
    if (m3 <= 0) return [];
    // Tape that warns, a twentieth more than the trench is long: everywhere but in the United States (common practice).
    const warned = context.job.region !== 'US';
    return [
      claim(BEDDING, m3, useOfHole(penetration), { unit: 'm3' }),
      ...(warned ? [claim('WT-100', 1.05 * alongM, useOfHole(penetration), { unit: 'm' })] : []),
    ];
  });

/** What is seen of the lengths that are put in: those that lie in no trench. */
const inTheOpen = (context: CheckContext): readonly New[] =>
  newParts(context).filter(
    ({ part, placed }) => isByLength(part) && placed.lengthM !== null && !buriedIn(context).has(placed.id),
  );

const buriedIn: (context: CheckContext) => ReadonlySet<string> = memoize((context: CheckContext) => {
  const buried = new Set<string>();
  for (const { strands } of coursesOf(context).values())
    for (const legs of strands) for (const leg of legs) if (inEarth(leg)) buried.add(leg.placed.id);
  return buried;
});

/** Plastics that are painted: what bends sheds it, what is clear is looked through. */
const PAINTED: readonly Material[] = ['pvc', 'cpvc', 'abs', 'polypropylene'];

/** Against frost round what holds water, against the sun on plastic: metres of tube, and two coats of a litre for 5 m2 (common practice). */
export function ofCare(context: CheckContext): readonly Claim[] {
  const { frostPlan, sunPlan } = context.job;
  const open = frostPlan === 'insulated' || sunPlan === 'painted' ? inTheOpen(context) : [];
  return open.flatMap(({ part, placed, hole, use }) => {
    const lengthM = placed.lengthM ?? 0;
    const acrossMm = outsideMmOf(part);
    const holdsWater = !isDownpipe(part) && hole.roles.some((role) => DRAWS.includes(role) || role === 'link');
    const lagged = frostPlan === 'insulated' && holdsWater;
    return [
      ...(lagged
        ? [
            claim(`${context.job.measures === 'mm-l' ? 'FOM' : 'FO'}-${Math.round(acrossMm)}`, lengthM, use, {
              unit: 'm',
            }),
          ]
        : []),
      ...(sunPlan === 'painted' && !lagged && PAINTED.includes(part.material)
        ? [claim('PA-500', (Math.PI * acrossMm * lengthM) / 5, use, { unit: 'ml' })]
        : []),
    ];
  });
}

/** Sand and gravel that a filter is filled with by whoever builds it. */
export const ofMedia = (context: CheckContext): readonly Claim[] =>
  newParts(context).flatMap(({ part, use }) =>
    part.mediaM3 === undefined ? [] : [claim('FM-20', part.mediaM3, use, { unit: 'm3' })],
  );

/** A line to let a pump down by: the height of its tank and a metre more, unless one is on the list by hand (common practice). */
export const ofPumps = (context: CheckContext): readonly Claim[] =>
  newParts(context).flatMap(({ part, hole, use }) => {
    if (part.pump === undefined || part.ends.length !== 1) return [];
    const tank = context.job.tanks.find(({ id }) => id === hole.tankId);
    const byHand = context.job.extras.filter(({ kind }) => kind === 'lifting-line');
    const covers = byHand.some(
      (extra) => [null, hole.tankId].includes(extra.tankId) && [null, hole.id].includes(extra.penetrationId),
    );
    return tank && !covers
      ? [claim(context.job.measures === 'mm-l' ? 'LL-10' : 'LL-50', tank.heightM + 1, use, { unit: 'm' })]
      : [];
  });

/** Two pieces with a saddle between them are one pipe that goes on through it: cut once, of both lengths. */
export function wholePieces(context: CheckContext): ReadonlyMap<string, readonly New[]> {
  const before = new Map<string, string>();
  for (const { strands } of context.runs)
    for (const { items } of strands)
      items.forEach(({ part }, place) => {
        const [near, far] = [items[place - 1]?.placed, items[place + 1]?.placed];
        if (goesRound(part) && near && far && near.code === far.code) before.set(far.id, near.id);
      });
  const first = (id: string): string => {
    const near = before.get(id);
    return near === undefined ? id : first(near);
  };
  const whole = new Map<string, New[]>();
  for (const one of newParts(context).filter(({ part }) => isByLength(part)))
    whole.set(first(one.placed.id), [...(whole.get(first(one.placed.id)) ?? []), one]);
  return whole;
}
