import { runsOnce } from '../assembly/flow';
import { strapsFor } from '../assembly/support-spacing';
import { beddingM3 } from '../assembly/trench';
import { tapeWidthIn } from '../connections/make-up/tape';
import type { Need } from '../connections/mating';
import { isDownpipe } from '../fittings/capability';
import { isByLength } from '../fittings/part';
import type { CheckContext, JudgedJoint } from '../job/context';
import { roofsInto } from '../job/heights';
import type { Penetration } from '../job/job';
import { placeAt } from '../job/lookup';
import { isToDrill, sealOf } from '../job/resolve';
import type { StrandItem } from '../job/run';
import { remember, rememberBoth } from '../quantity/remember';
import { sizeCode } from '../quantity/size';
import { ANCHORS } from '../site/substrates';
import { filled, foamCode, insulated, labelled, paintMl, painted } from './care-lines';
import { BEAD_ML, CEMENT_CODES, LUBRICANT_ML, clampCode, pasteMl, tapeCode } from './consumables';
import { cutOf } from './drilling';
import type { PartsLine, Unit } from './parts-list';
import { bracketCode, bracketsFor } from './site-lines';
import { blockUses } from './stand-lines';
import { sawCode } from './tools';
import { type Use, useOfHole, useOfPart, useOfTank, useOfTerminal } from './trace';

/** Something the job needs, counted at the place where it is needed. */
interface Required {
  readonly code: string;
  /** Where one code stands for several things: which of them. */
  readonly detail?: string;
  readonly amount: number;
  readonly unit: Unit;
  /** It is cut to length: one piece of its own. */
  readonly cut?: true;
  readonly use: Use;
}

/** What a thing is listed by; known once for each that is asked for. */
const keyOfRequired = remember(({ code, detail, unit, cut, use }: Required): string =>
  keyOf(code, detail, unit, cut ? use.id : undefined),
);

/** What a list lacks for a job to be built from it. */
export interface Missing {
  readonly code: string;
  readonly detail: string | undefined;
  readonly amount: number;
  readonly unit: Unit;
  readonly uses: readonly Use[];
}

/** What one joint asks for, as it stands on a list. */
function ofNeed(need: Need): Omit<Required, 'use'> | readonly Omit<Required, 'use'>[] {
  switch (need.kind) {
    case 'tape':
      return [
        { code: tapeCode(tapeWidthIn(need.size)), amount: need.lengthM, unit: 'm' },
        ...(pasteMl(need.size) > 0 ? [{ code: 'JP-60', amount: pasteMl(need.size), unit: 'ml' } as const] : []),
      ];
    case 'cement':
      return [
        { code: CEMENT_CODES[need.cement], amount: need.ml, unit: 'ml' },
        ...(need.primerMl > 0 ? [{ code: 'PR-118', amount: need.primerMl, unit: 'ml' } as const] : []),
      ];
    case 'washer':
      return { code: 'WA', detail: need.name, amount: 1, unit: 'piece' };
    case 'clamp':
      return { code: clampCode(need.name), detail: need.name, amount: need.count, unit: 'piece' };
    case 'insert':
      return { code: 'IN', detail: need.name, amount: 1, unit: 'piece' };
    case 'lubricant':
      return { code: 'LU', amount: LUBRICANT_ML, unit: 'ml' };
    default:
      return [];
  }
}

/** A part of a run with what it asks for by itself. */
const placedAt = rememberBoth((hole: Penetration, { part, placed }: StrandItem) => {
  const use = useOfPart(placed.id, hole);
  const required: Required = isByLength(part)
    ? { code: part.code, amount: placed.lengthM ?? 0, unit: 'm', cut: true, use }
    : { code: part.code, amount: 1, unit: 'piece', use };
  return { part, placed, hole, use, required };
});

/** What a joint is made with. */
const ofJoint = remember(({ mating, joint, penetration }: JudgedJoint): readonly Required[] => {
  const use: Use = { place: penetration?.label ?? '', of: 'joint', id: joint.id, penetrationId: penetration?.id };
  return mating.needs.flatMap(ofNeed).map((need): Required => ({ ...need, use }));
});

/** Everything a job needs, taken from its parts, joints and holes one by one, without the list. */
function requirements(context: CheckContext): readonly Required[] {
  const { job, index, runs, joints } = context;
  const seen = new Set<string>();
  const placed: ReturnType<typeof placedAt>[] = [];
  for (const { penetration, strands } of runs)
    for (const { items } of strands)
      for (const item of items)
        if (!item.placed.existing && !seen.has(item.placed.id)) {
          seen.add(item.placed.id);
          placed.push(placedAt(penetration, item));
        }
  const parts = placed.map(({ required }) => required);
  const saws = job.penetrations
    .filter((hole) => isToDrill(hole, index))
    .flatMap((hole): readonly Required[] => {
      const cut = cutOf(hole, context);
      if (!cut) return [];
      const code = 'sawM' in cut ? sawCode(cut.sawM) : cut.fit === 'core' ? 'KD' : 'JS';
      return [{ code, amount: 0, unit: 'piece', use: useOfHole(hole) }];
    });
  const stands = (id: string): boolean => index.placed(id)?.placed.existing === true;
  const seals = joints
    .filter(({ a, b }) => ![a.ref, b.ref].every((ref) => ref.of !== 'part' || stands(ref.id)))
    .flatMap(ofJoint);
  const beads = job.silicone
    ? job.penetrations
        .filter(({ id }) => sealOf(id, index)?.end.style === 'bulkhead')
        .map((hole): Required => ({ code: 'SI-300', amount: BEAD_ML, unit: 'ml', use: useOfHole(hole) }))
    : [];
  const straps = [
    ...job.penetrations
      .filter(({ supported }) => supported)
      .map((hole): Required => ({ code: `ST-${sizeCode(hole.size)}`, amount: 1, unit: 'piece', use: useOfHole(hole) })),
    ...placed
      .filter(({ placed: { held }, part }) => held && !(isByLength(part) && isDownpipe(part)))
      .map(({ part, placed: { lengthM }, use }): Required => ({
        code: `ST-${sizeCode(part.size)}`,
        amount: strapsFor(part, lengthM),
        unit: 'piece',
        use,
      })),
  ];
  const brackets = placed
    .filter(({ part }) => isByLength(part) && isDownpipe(part))
    .flatMap(({ part, placed: { lengthM }, hole, use }): readonly Required[] => {
      const count = bracketsFor(lengthM);
      const fixedTo = roofsInto(job, hole.id)[0]?.fixedTo ?? null;
      return [
        { code: bracketCode(part.code), amount: count, unit: 'piece', use },
        ...(fixedTo === null
          ? []
          : [{ code: ANCHORS[fixedTo].code, amount: count * ANCHORS[fixedTo].each, unit: 'piece', use } as const]),
      ];
    });
  const beds = runsOnce(context)
    .map((run): Required => ({
      code: 'BE-20',
      amount: beddingM3(run, context),
      unit: 'm3',
      use: useOfHole(run.penetration),
    }))
    .filter(({ amount }) => amount > 0);
  return [
    ...parts,
    ...saws,
    ...seals,
    ...beads,
    ...straps,
    ...brackets,
    ...beds,
    ...groundRequirements(context),
    ...standRequirements(context),
    ...careRequirements(context),
  ];
}

/** What marks an outfall, and what a line goes through a wall in. */
const groundRequirements = ({ job, runs }: CheckContext): readonly Required[] =>
  runs.flatMap(({ penetration, strands }) =>
    strands.flatMap(({ end, items }): readonly Required[] => {
      const place = placeAt(job, end);
      if (!place) return [];
      const use = useOfTerminal(place.id, penetration);
      return [
        ...(place.kind === 'daylight' && penetration.roles.includes('overflow')
          ? [{ code: 'OM', amount: 1, unit: 'piece', use } as const]
          : []),
        ...(place.throughM !== null && items.some(({ part }) => isByLength(part))
          ? [{ code: 'SLV', amount: 1, unit: 'piece', use } as const]
          : []),
      ];
    }),
  );

/** What the tanks stand on. */
const standRequirements = ({ job }: CheckContext): readonly Required[] => [
  ...blockUses(job.tanks).map(({ use, count }): Required => ({ code: 'BK', amount: count, unit: 'piece', use })),
  ...job.tanks
    .filter(({ base }) => base === 'planks')
    .map((tank): Required => ({
      code: 'PK',
      amount: tank.planks?.count ?? 0,
      unit: 'piece',
      use: useOfTank(tank),
    }))
    .filter(({ amount }) => amount > 0),
];

/** What keeps frost, sun and thirst away, and fills filters. */
const careRequirements = (context: CheckContext): readonly Required[] => [
  ...insulated(context).map(({ item, lengthM }): Required => ({
    code: foamCode(item.part),
    amount: lengthM,
    unit: 'm',
    use: item.use,
  })),
  ...painted(context).map(({ item, m2 }): Required => ({
    code: 'PA-500',
    amount: paintMl(m2),
    unit: 'ml',
    use: item.use,
  })),
  ...labelled(context).map((use): Required => ({ code: 'LB', amount: 1, unit: 'piece', use })),
  ...filled(context).map(({ use, m3 }): Required => ({ code: 'FM-20', amount: m3, unit: 'm3', use })),
];

/** Amounts are listed to the hundredth, or whole. */
const ROUNDING: Readonly<Record<Unit, number>> = {
  piece: 0,
  length: 0,
  m: 0.006,
  ml: 0.001,
  m3: 0.006,
};

/** What tells one thing of a list from another. */
const keyOf = (code: string, detail: string | undefined, unit: Unit, pieceId: string | undefined): string =>
  `${code}|${detail ?? ''}|${unit}|${pieceId ?? ''}`;

/**
 * What a list lacks: everything the job needs is counted anew from its parts, joints and holes, and held against the
 * amounts of the lines. An empty answer is the proof that nothing is forgotten.
 */
export function missingFrom(lines: readonly PartsLine[], context: CheckContext): readonly Missing[] {
  const all = requirements(context);
  const shared = new Set<string>();
  // What is cut to length is listed piece by piece, so that one of unknown length is not lost among known ones.
  const cut = new Set<string>();
  for (const one of all) {
    if (one.detail !== undefined) shared.add(one.code);
    if (one.cut) cut.add(one.code);
  }
  const listed = new Map<string, number>();
  for (const { code, detail, unit, need, uses } of lines) {
    const pieceId = unit === 'm' && cut.has(code) ? uses[0]?.id : undefined;
    const key = keyOf(code, shared.has(code) ? detail : undefined, unit, pieceId);
    listed.set(key, (listed.get(key) ?? 0) + need);
  }
  const groups = new Map<string, Required[]>();
  for (const one of all) {
    const key = keyOfRequired(one);
    const own = groups.get(key);
    if (own) own.push(one);
    else groups.set(key, [one]);
  }
  const missing: Missing[] = [];
  for (const [key, own] of groups) {
    const [first] = own;
    if (!first) continue;
    const has = listed.get(key);
    const lacks = own.reduce((sum, one) => sum + one.amount, 0) - (has ?? 0);
    // A saw is listed once however many holes it cuts: it only has to be there.
    if (has !== undefined && lacks <= ROUNDING[first.unit]) continue;
    missing.push({
      code: first.code,
      detail: first.detail,
      amount: Math.max(lacks, 0),
      unit: first.unit,
      uses: own.map(({ use }) => use),
    });
  }
  return missing;
}
