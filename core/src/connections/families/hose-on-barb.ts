import { differenceMm } from '../../quantity/length';
import type { HoseEnd } from '../end';
import { wormDrives } from '../make-up/clamp';
import type { Figure, Need } from '../mating';
import { type HoseSystem, hoseOf, hoseSystem } from '../standards/hose';
import { type Explanation, bare, defineJointFamily, judgements, sourcesOf } from './joint-family';

const JUDGEMENTS = judgements({
  'two-barbs': ['will-not-go'],
  'two-bores': ['will-not-go'],
  'far-over': ['will-not-go'],
  'far-under': ['will-not-go'],
  splits: ['starts-then-leaks'],
  forced: ['fits-unrated'],
  barely: ['fits-unrated'],
  loose: ['starts-then-leaks'],
  'other-nut': ['will-not-go'],
  'other-tube': ['fits-unrated'],
  clamps: ['holds-with', 'clamp'],
  nut: ['holds'],
  edge: ['holds'],
});

// Turning points, as a share of the bore. Engineering judgement (common practice, no source).
const LEAST_INTERFERENCE = 0.012;
const MOST_INTERFERENCE = 0.13;
/** Goes on with hot water and force and holds for a while; over this the wall splits at the edge of the clamp. */
const MOST_FORCED = 0.25;
/** Over this it does not go on at all. */
const FORCED_INTERFERENCE = 0.36;
/** A barb this much smaller than the bore does not even catch. */
const FALLS_IN = -0.5;

const sidesOf = (a: HoseEnd, b: HoseEnd): readonly [barb: HoseEnd, bore: HoseEnd] =>
  a.part === 'barb' ? [a, b] : [b, a];
const crestMm = (barb: HoseEnd): number => {
  const [least, most] = hoseOf(barb).barbCrestMm;
  return (least + most) / 2;
};

const HELD: Readonly<Record<HoseSystem['heldBy'], keyof typeof JUDGEMENTS>> = {
  clamp: 'clamps',
  nut: 'nut',
  edge: 'edge',
};

/** How a tail goes into a bore, by its crests [mm] and by what holds it there. */
export function tailInBore(
  crestOfTailMm: number,
  boreMm: number,
  heldBy: HoseSystem['heldBy'],
): keyof typeof JUDGEMENTS {
  const share = (crestOfTailMm - boreMm) / boreMm;
  if (share > FORCED_INTERFERENCE) return 'far-over';
  if (share < FALLS_IN) return 'far-under';
  if (share > MOST_FORCED) return 'splits';
  if (share > MOST_INTERFERENCE) return 'forced';
  if (share < 0) return 'loose';
  if (share < LEAST_INTERFERENCE) return 'barely';
  return HELD[heldBy];
}

function reasonOf(barb: HoseEnd, bore: HoseEnd): keyof typeof JUDGEMENTS {
  const { heldBy } = hoseSystem(barb.system);
  const reason = tailInBore(crestMm(barb), hoseOf(bore).boreMm, heldBy);
  if (heldBy === 'clamp' || barb.system === bore.system || JUDGEMENTS[reason].verdict === 'will-not-go') return reason;
  return heldBy === 'nut' ? 'other-nut' : reason === 'edge' ? 'other-tube' : reason;
}

/** A hose or bore-controlled pipe pushed over a tail: judged by how much the tail is larger than the bore. */
export const hoseOnBarb = defineJointFamily({
  kinds: ['hose', 'hose'],
  judge: (a, b) => {
    if (a.part === b.part) return a.part === 'barb' ? JUDGEMENTS['two-barbs'] : JUDGEMENTS['two-bores'];
    return JUDGEMENTS[reasonOf(...sidesOf(a, b))];
  },
  explain: (a, b, _conditions, { reason }): Explanation => {
    const sources = sourcesOf(...hoseSystem(a.system).sources, ...hoseSystem(b.system).sources);
    if (a.part === b.part)
      return a.part === 'barb'
        ? bare('Both ends are tails.', sources, 'Put a piece of hose between.')
        : bare('Both ends are open hose.', sources, 'Put a hose joiner between.');
    const [barb, bore] = sidesOf(a, b);
    const [tail, hose] = [hoseOf(barb), hoseOf(bore)];
    const system = hoseSystem(bore.system);
    const overMm = crestMm(barb) - hose.boreMm;
    const by = differenceMm(overMm);
    const basis: Figure[] = [
      { name: 'tail over its crests', value: crestMm(barb), unit: 'mm' },
      { name: `bore of the ${system.name}`, value: hose.boreMm, unit: 'mm' },
    ];
    const instead = `Use a ${bore.size} ${system.barbWord === '' ? 'hose tail' : `${system.barbWord} tail`}.`;
    // As many as the one of them asks for that is clamped as a rule: pipe with a nut of its own asks for none.
    const clamps = (): readonly Need[] => [
      wormDrives(hose.outsideOnBarbMm, Math.max(hose.clampsPerJoint, tail.clampsPerJoint)),
    ];
    const made = { needs: [], basis, sources, engagementMm: tail.barbLengthMm } as const;
    const not = { ...made, instead, engagementMm: 0 };
    const unrated = { ...made, needs: hoseSystem(barb.system).heldBy === 'clamp' ? clamps() : [], instead };
    switch (reason as Exclude<keyof typeof JUDGEMENTS, 'two-barbs' | 'two-bores'>) {
      case 'far-over':
        return { ...not, why: `The tail is ${by} over the bore.` };
      case 'far-under':
        return { ...not, why: `The tail is ${by} under the bore.` };
      case 'other-nut':
        return { ...not, why: `The nut of this tail grips ${hoseSystem(barb.system).name} and nothing else.` };
      case 'other-tube':
        return {
          ...unrated,
          why: `The tail fits the bore, but it is made for ${hoseSystem(barb.system).name}: its one edge is too short for a clamp.`,
        };
      case 'splits':
        return {
          ...made,
          instead,
          why: `The tail is ${by} over the bore, ${Math.round((overMm / hose.boreMm) * 100)} %: forced on with hot water, the hose splits at the clamp.`,
        };
      case 'forced':
        return {
          ...unrated,
          why: `The tail is ${by} over the bore: goes on with hot water and force, and the wall is thinned.`,
        };
      case 'barely':
        return { ...unrated, why: `The tail is only ${by} over the bore: the clamp has to do all the work.` };
      case 'loose':
        return {
          ...made,
          instead,
          why: `The tail is ${by} under the bore: a clamp pinches the hose oval and it weeps.`,
        };
      case 'clamps':
        return {
          ...made,
          needs: clamps(),
          why: `The tail is ${by} over the bore and the clamp closes on ${hose.outsideOnBarbMm} mm outside.`,
          tighten: 'Tighten the clamp until the hose just bulges beside it; once more after a day.',
        };
      case 'edge':
        return {
          ...made,
          why: `The tail is ${by} over the bore and its edge holds the tube by itself at the pressure of drip, up to about 2 bar. Warm the end in hot water.`,
        };
      case 'nut':
        return {
          ...made,
          why: `The tail goes ${by} over the bore and its nut closes over the pipe. Warm the end in hot water.`,
          tighten: 'Nut hand tight, then one to two turns.',
        };
    }
  },
});
