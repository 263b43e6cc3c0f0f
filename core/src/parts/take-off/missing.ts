import { runsOnce } from '../../assembly/flow';
import { strapsFor } from '../../assembly/support-spacing';
import { beddingM3 } from '../../assembly/trench';
import { tapeWidthIn } from '../../connections/make-up/tape';
import type { Need } from '../../connections/mating';
import { isDownpipe } from '../../fittings/capability';
import { type GutterPiece, gutterCode, gutterOf, gutterPieces } from '../../fittings/families/gutter';
import { isByLength } from '../../fittings/part';
import type { CheckContext, JudgedJoint } from '../../derived/context';
import { roofsInto } from '../../derived/heights';
import { placeAt } from '../../derived/strands';
import { isToDrill, sealOf } from '../../derived/resolve';
import type { Run } from '../../derived/run';
import { gather } from '../../quantity/gather';
import { memoize } from '../../quantity/memoize';
import { sizeCode } from '../../quantity/size';
import { ANCHORS } from '../../site/substrates';
import { filled, foamCode, insulated, labelled, paintMl, painted } from './care-lines';
import {
  BEAD_ML,
  CEMENT_CODES,
  FLUX_CODE,
  LUBRICANT_ML,
  SOLDER_CODE,
  clampCode,
  pasteMl,
  tapeCode,
  BOLT_CODE,
} from './consumables';
import { cutOf } from './drilling';
import { extraCode, extraPlace } from './extra-lines';
import { ownSealItem } from './own-lines';
import type { PartsLine, Unit } from './parts-list';
import { bracketCode, bracketsFor } from './site-lines';
import { isGuest } from '../../derived/shared-stand';
import {
  BRACE_CODE,
  anchorCode,
  anchoringOf,
  blockUses,
  bracesOf,
  isBaseThere,
  riserDetail,
  withRiser,
} from './stand-lines';
import { sawCode } from './tools';
import { type Use, useOfExtra, useOfHole, useOfPart, useOfRoof, useOfTank, useOfTerminal } from './trace';

/** Something the job needs, counted at the place where it is needed. */
interface Required {
  readonly code: string;
  /** Where one code stands for several things: which of them. */
  readonly detail: string | undefined;
  readonly amount: number;
  readonly unit: Unit;
  /** It is cut to length: one piece of its own. */
  readonly cut: boolean;
  readonly use: Use;
  /** What tells it from other things of a list. */
  readonly key: string;
}

const required = (code: string, amount: number, unit: Unit, use: Use, detail?: string, cut = false): Required => ({
  code,
  detail,
  amount,
  unit,
  cut,
  use,
  key: keyOf(code, detail, unit, cut ? use.id : undefined),
});
const pieces = (code: string, count: number, use: Use, detail?: string): Required =>
  required(code, count, 'piece', use, detail);

/** What a list lacks for a job to be built from it. */
export interface Missing {
  readonly code: string;
  readonly detail: string | undefined;
  readonly amount: number;
  readonly unit: Unit;
  readonly uses: readonly Use[];
}

/** What one need of a joint asks for, as it stands on a list. */
function ofNeed(need: Need, use: Use): readonly Required[] {
  switch (need.kind) {
    case 'tape':
      return [
        required(tapeCode(tapeWidthIn(need.size)), need.lengthM, 'm', use),
        ...(pasteMl(need.size) > 0 ? [required('JP-60', pasteMl(need.size), 'ml', use)] : []),
      ];
    case 'cement':
      return [
        required(CEMENT_CODES[need.cement], need.ml, 'ml', use),
        ...(need.primerMl > 0 ? [required('PR-118', need.primerMl, 'ml', use)] : []),
      ];
    case 'washer':
      return [pieces('WA', 1, use, need.name)];
    case 'clamp':
      return [pieces(clampCode(need.name), need.count, use, need.name)];
    case 'insert':
      return [pieces('IN', 1, use, need.name)];
    case 'bolts':
      return [pieces(BOLT_CODE, need.count, use, need.name)];
    case 'solder':
      return [required(SOLDER_CODE, need.wireMm / 1000, 'm', use), required(FLUX_CODE, need.fluxMl, 'ml', use)];
    case 'lubricant':
      return [required('LU', LUBRICANT_ML, 'ml', use)];
    default:
      return [];
  }
}

/** The parts of a run that do not stand already, each with what it asks for by itself. */
const newParts = memoize(({ penetration: hole, strands }: Run) =>
  strands
    .flatMap(({ items }) => items)
    .filter(({ placed }) => !placed.existing)
    .map(({ part, placed }) => {
      const use = useOfPart(placed.id, hole);
      const own = isByLength(part)
        ? required(part.code, placed.lengthM ?? 0, 'm', use, undefined, true)
        : pieces(part.code, 1, use);
      return { part, placed, hole, use, own };
    }),
);

/** What a joint is made with. */
const ofJoint = memoize(({ mating, joint, penetration }: JudgedJoint): readonly Required[] => {
  const use: Use = { place: penetration?.label ?? '', of: 'joint', id: joint.id, penetrationId: penetration?.id };
  return mating.needs.flatMap((need) => ofNeed(need, use));
});

/** Everything a job needs, taken from its parts, joints and holes one by one, without the list. */
function requirements(context: CheckContext): readonly Required[] {
  const { job, index, runs, joints } = context;
  const seen = new Set<string>();
  const placed = gather(runs, (run) =>
    newParts(run).filter((one) => !seen.has(one.placed.id) && seen.add(one.placed.id)),
  );
  const parts = placed.map(({ own }) => own);
  const saws = job.penetrations
    .filter((hole) => isToDrill(hole, index))
    .flatMap((hole): readonly Required[] => {
      const cut = cutOf(hole, context);
      if (!cut) return [];
      const code = 'sawM' in cut ? sawCode(cut.sawM) : cut.fit === 'core' ? 'KD' : 'JS';
      return [pieces(code, 0, useOfHole(hole))];
    });
  const seals = gather(
    joints.filter(({ a, b }) => !(a.stands && b.stands)),
    ofJoint,
  );
  const beads = job.penetrations
    .filter(
      ({ id, ownSeal, stands, port }) =>
        (job.silicone && sealOf(id, index)?.end.style === 'bulkhead') ||
        (ownSeal === 'silicone' && !stands && port === null && index.jointAt({ of: 'hole', id }) === undefined),
    )
    .map((hole) => required('SI-300', BEAD_ML, 'ml', useOfHole(hole)));
  const own = job.penetrations
    .filter(({ id, stands, port }) => !stands && port === null && index.jointAt({ of: 'hole', id }) === undefined)
    .flatMap((hole) => {
      const item = ownSealItem(hole);
      return item ? [pieces(item.code, 1, useOfHole(hole), item.detail)] : [];
    });
  const straps = [
    ...job.penetrations
      .filter(({ supported }) => supported)
      .map((hole) => pieces(`ST-${sizeCode(hole.size)}`, 1, useOfHole(hole))),
    ...placed
      .filter(({ placed: { held }, part }) => held && !(isByLength(part) && isDownpipe(part)))
      .map(({ part, placed: { lengthM }, use }) => pieces(`ST-${sizeCode(part.size)}`, strapsFor(part, lengthM), use)),
  ];
  const brackets = placed
    .filter(({ part }) => isByLength(part) && isDownpipe(part))
    .flatMap(({ part, placed: { lengthM }, hole, use }): readonly Required[] => {
      const count = bracketsFor(lengthM);
      const fixedTo = roofsInto(job, hole.id)[0]?.fixedTo ?? null;
      return [
        pieces(bracketCode(part.code), count, use),
        ...(fixedTo === null ? [] : [pieces(ANCHORS[fixedTo].code, count * ANCHORS[fixedTo].each, use)]),
      ];
    });
  const beds = runsOnce(context)
    .map((run) => required('BE-20', beddingM3(run, context), 'm3', useOfHole(run.penetration)))
    .filter(({ amount }) => amount > 0);
  return [
    ...parts,
    ...saws,
    ...seals,
    ...beads,
    ...own,
    ...straps,
    ...brackets,
    ...beds,
    ...groundRequirements(context),
    ...gutterRequirements(context),
    ...standRequirements(context),
    ...careRequirements(context),
    ...job.extras
      .filter(({ stands }) => !stands)
      .map((extra) =>
        pieces(extraCode(extra, context.catalogue), extra.count, useOfExtra(extra.id, extraPlace(extra, job))),
      ),
  ];
}

/** What marks an outfall, and what a line goes through a wall in. */
const groundRequirements = (context: CheckContext): readonly Required[] =>
  // A line that two openings share goes through its wall once.
  runsOnce(context).flatMap(({ penetration, strands }) =>
    strands.flatMap(({ end, items }): readonly Required[] => {
      const place = placeAt(context.job, end);
      if (!place) return [];
      const use = useOfTerminal(place.id, penetration);
      return [
        ...(place.kind === 'daylight' && penetration.roles.includes('overflow') ? [pieces('OM', 1, use)] : []),
        ...(place.throughM !== null && items.some(({ part }) => isByLength(part)) ? [pieces('SLV', 1, use)] : []),
      ];
    }),
  );

/** What the gutters that are put up take, each roof by itself. */
const gutterRequirements = ({ job }: CheckContext): readonly Required[] =>
  job.roofs
    .filter(({ gutterM }) => gutterM > 0)
    .flatMap((roof) => {
      const range = gutterOf(job, roof);
      return range
        ? Object.entries(gutterPieces(roof.gutterM, range)).map(([piece, count]) =>
            pieces(gutterCode(range, piece as GutterPiece), count, useOfRoof(roof)),
          )
        : [];
    })
    .filter(({ amount }) => amount > 0);

/** What the tanks stand on. */
const standRequirements = ({ job }: CheckContext): readonly Required[] => [
  ...blockUses(job.tanks).map(({ use, count }) => pieces('BK', count, use)),
  ...job.tanks.flatMap((tank) => {
    const held = anchoringOf(tank);
    return held
      ? [
          required(anchorCode(job.tanks), held.concreteM3, 'm3', useOfTank(tank)),
          pieces('TS-50', held.straps, useOfTank(tank)),
        ]
      : [];
  }),
  ...withRiser(job.tanks).flatMap((tank) =>
    ['RI', 'RL'].map((code) => pieces(code, 1, useOfTank(tank), riserDetail(tank.riser, job.measures))),
  ),
  ...job.tanks.flatMap((tank) => {
    const count = bracesOf(tank);
    return count > 0 ? [pieces(BRACE_CODE, count, useOfTank(tank))] : [];
  }),
  ...job.tanks
    .filter((tank) => !isBaseThere(tank) && !isGuest(tank, job.tanks) && tank.base === 'planks')
    .map((tank) => pieces('PK', tank.planks?.count ?? 0, useOfTank(tank)))
    .filter(({ amount }) => amount > 0),
];

/** What keeps frost, sun and thirst away, and fills filters. */
const careRequirements = (context: CheckContext): readonly Required[] => [
  ...insulated(context).map(({ item, lengthM }) => required(foamCode(item.part), lengthM, 'm', item.use)),
  ...painted(context).map(({ item, m2 }) => required('PA-500', paintMl(m2), 'ml', item.use)),
  ...labelled(context).map((use) => pieces('LB', 1, use)),
  ...filled(context).map(({ use, m3 }) => required('FM-20', m3, 'm3', use)),
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
  const sums = new Map<string, { amount: number; readonly first: Required }>();
  for (const one of all) {
    const sum = sums.get(one.key);
    if (sum) sum.amount += one.amount;
    else sums.set(one.key, { amount: one.amount, first: one });
  }
  const missing: Missing[] = [];
  for (const [key, { amount, first }] of sums) {
    const has = listed.get(key);
    const lacks = amount - (has ?? 0);
    // A saw is listed once however many holes it cuts: it only has to be there.
    if (has !== undefined && lacks <= ROUNDING[first.unit]) continue;
    missing.push({
      code: first.code,
      detail: first.detail,
      amount: Math.max(lacks, 0),
      unit: first.unit,
      uses: all.filter((one) => one.key === key).map(({ use }) => use),
    });
  }
  return missing;
}
