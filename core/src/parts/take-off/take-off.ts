import { runsOnce } from '../../assembly/flow';
import { isDoneBare } from '../../derived/ports';
import { isAccepted } from '../../derived/settled';
import { tankOf } from '../../job/lookup';
import type { CheckContext, JudgedJoint } from '../../derived/context';
import { formatEnd } from '../../connections/format';
import { MATERIAL_NAMES } from '../../connections/material';
import { holdsAtAll } from '../../connections/mating';
import { isToDrill } from '../../derived/resolve';
import type { Spares } from '../../job/job';
import type { Run } from '../../derived/run';
import { sealsWall } from '../../fittings/capability';
import { isByLength } from '../../fittings/part';
import { type Measures, formatLength } from '../../quantity/length';
import { gather } from '../../quantity/gather';
import { memoize } from '../../quantity/memoize';
import { type PlacedNeed, consumableLines, insideOf, insideWords } from './consumables';
import { siliconeLines, zincLines } from './hole-lines';
import { cents } from '../../quantity/money';
import type { ClosedBy, Completeness, CutBars, PartsGroup, PartsLine, PartsList } from '../list/parts-list';
import { cutOf } from './drilling';
import { cutBars, stockLines } from '../cutting/lengths';
import { careLines } from './care-lines';
import { extraLines } from './extra-lines';
import { type OnHand, takeOf } from './from-hand';
import { liftingLines } from './lifting-lines';
import { ownSealLines } from './own-lines';
import { type PutIn, putIn, putInByRun } from './put-in';
import { standLines, standQuestions } from './stand-lines';
import { earthLines } from './earth-lines';
import { bracketLines, gutterLines, markerLines, sleeveLines, warningLines } from './site-lines';
import { spareLines } from './spare-lines';
import { strapLines } from './straps';
import { type HoleToDrill, sawLines } from './saw-lines';
import { withChangedLines } from '../list/changed-lines';
import { type Use, traced } from '../list/trace';

/**
 * Everything needed to build the job, in the order in which it is reached for: what drills, what seals the walls, each
 * run, pipe and hose by stock length, what closes the joints. What is not known is a question, never left out.
 */
export function takeOff(context: CheckContext): PartsList {
  const byRun = putInByRun(context);
  const left = new Map(context.catalogue.onHand);
  const toMake = context.joints.filter((judged) => !standsAlready(judged));
  const bought = new Set(putIn(context).map(({ placed }) => placed.id));
  // What stands already, or hangs on no opening, is on no line that could say what is in its bag.
  const needs = gather(toMake, needsOf).map((one): PlacedNeed =>
    one.inBagOf === undefined || bought.has(one.inBagOf) ? one : { need: one.need, use: one.use },
  );
  const shop = { left, needs: needs.filter(({ inBagOf }) => inBagOf !== undefined) };
  const seals = wallGroup(context, shop);
  const runs = gather(context.runs, (run) => runGroup(run, byRun.get(run.penetration.id) ?? [], context, shop));
  const cuts = cutBars(context);
  const holes = context.job.penetrations.filter((hole) => isToDrill(hole, context.index));
  const sawn = holes.map((hole) => ({ id: hole.id, label: hole.label, cut: cutOf(hole, context) }));
  const drillable = sawn.filter((hole): hole is HoleToDrill => hole.cut !== undefined);
  const groups: PartsGroup[] = [
    group('drill', 'Drill', 'hole saws', sawLines(drillable, context.job.measures)),
    seals,
    ...runs,
    group(
      'lengths',
      'Pipe and hose',
      'stock lengths for the cuts below',
      cuts.flatMap((cut) => stockLines(cut, context, left)),
    ),
    group('site', 'Wall and ground', 'stands, brackets, bedding, sleeves, plates', [
      ...standLines(context),
      ...gutterLines(context),
      ...bracketLines(context),
      ...earthLines(context),
      ...warningLines(context),
      ...sleeveLines(context),
      ...markerLines(context),
      ...careLines(context),
      ...liftingLines(context),
    ]),
    group('extras', 'With it', 'what goes in besides, as it was written down', extraLines(context)),
    group('consumables', 'Consumables', 'tape, primer, cement, clamps', [
      ...consumableLines(needs, context.job.measures),
      ...siliconeLines(context),
      ...zincLines(context),
    ]),
  ].filter(({ lines }) => lines.length > 0);
  const builtIn = gather(groups, (one) => one.lines);
  const spares = group('spares', 'Spares', SPARES_WORDS[context.job.spares], spareLines(builtIn, context, left));
  const all = withChangedLines(spares.lines.length > 0 ? [...groups, spares] : groups, context);
  const lines = gather(all, (one) => one.lines);
  return {
    groups: all,
    cuts,
    closedBy: closedBy(toMake),
    ends: endsClosed(context),
    joints: jointsHolding(context),
    holes: {
      done: drillable.length,
      of: holes.length,
      missing: sawn.filter(({ cut }) => cut === undefined).map(({ label }) => label),
    },
    lengths: lengthsKnown(context),
    questions: [...questions(context, cuts), ...standQuestions(context)],
    toBuy: lines.reduce((sum, { buy }) => sum + buy, 0),
    totalUsd: cents(lines.reduce((sum, { priceUsd }) => sum + (priceUsd ?? 0), 0)),
  };
}

const SPARES_WORDS: Readonly<Record<Spares, string>> = {
  none: '',
  sensible: 'washers, clamps, gaskets, one of each small fitting',
  remote: 'for a site far from any shop',
};

const group = (id: string, title: string, subtitle: string, lines: readonly PartsLine[]): PartsGroup => ({
  id,
  title,
  subtitle,
  lines,
});

/** Is this joint made already? Then nothing is bought to close it. */
const standsAlready = ({ a, b }: JudgedJoint): boolean => a.stands && b.stands;

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** What is on hand still, and what comes in bags. */
interface Shop {
  readonly left: OnHand;
  readonly needs: readonly PlacedNeed[];
}

function pieceLines(items: readonly PutIn[], { left, needs }: Shop): PartsLine[] {
  const parts = [...new Set(items.map(({ part }) => part))];
  return parts.map((part): PartsLine => {
    const { code } = part;
    const own = items.filter((one) => one.part === part);
    const { buy, said } = takeOf(left, code, own.length);
    const inside = insideOf(
      own.map(({ placed }) => placed.id),
      needs,
    );
    const notes = [
      ...(inside.length === 0 ? [] : [insideWords(inside)]),
      ...(said.note === undefined ? [] : [said.note]),
    ];
    return {
      code,
      title: part.name,
      detail: `${part.detail}, ${MATERIAL_NAMES[part.material]}`,
      need: own.length,
      unit: 'piece',
      buy,
      priceUsd: cents(buy * part.priceUsd),
      ...traced(own.map(({ use }) => use)),
      ...said,
      ...(inside.length === 0 ? {} : { inside }),
      ...(notes.length === 0 ? {} : { note: notes.join('; ') }),
    };
  });
}

function wallGroup(context: CheckContext, shop: Shop): PartsGroup {
  const items = putIn(context).filter(({ part }) => sealsWall(part));
  return group('wall', 'Wall', 'what seals each hole', [
    ...pieceLines(items, shop),
    ...ownSealLines(context),
    ...strapLines(context),
  ]);
}

const cutLine = ({ part, placed: { lengthM }, use }: PutIn, measures: Measures): PartsLine => ({
  code: part.code,
  title: part.name,
  detail: `${part.detail}, ${lengthM === null ? 'length not known yet' : formatLength(lengthM, measures)}`,
  need: lengthM ?? 0,
  unit: 'm',
  buy: 0,
  priceUsd: null,
  ...traced([use]),
  note: lengthM === null ? 'measure it' : 'cut from stock, below',
});

/** A piece that is cut, in each of the measures. */
const CUT_LINE: Readonly<Record<Measures, (piece: PutIn) => PartsLine>> = {
  'in-gal': memoize((piece: PutIn) => cutLine(piece, 'in-gal')),
  'mm-l': memoize((piece: PutIn) => cutLine(piece, 'mm-l')),
};

function runGroup({ penetration }: Run, items: readonly PutIn[], { job }: CheckContext, shop: Shop): PartsGroup[] {
  const beyond = items.filter(({ part }) => !sealsWall(part));
  if (beyond.length === 0) return [];
  const pieces = beyond.filter(({ part }) => !isByLength(part));
  const cut = beyond.filter(({ part }) => isByLength(part)).map(CUT_LINE[job.measures]);
  return [
    {
      ...group(`run-${penetration.id}`, `Run ${penetration.label}`, lowerFirst(penetration.name), [
        ...pieceLines(pieces, shop),
        ...cut,
      ]),
      penetrationId: penetration.id,
    },
  ];
}

const needsOf = memoize(({ mating, penetration, joint, a, b }: JudgedJoint): readonly PlacedNeed[] => {
  const use: Use = { place: penetration?.label ?? '', of: 'joint', id: joint.id, penetrationId: penetration?.id };
  const sides = [
    { ref: joint.a, end: a.end },
    { ref: joint.b, end: b.end },
  ];
  return mating.needs.map((need) => {
    const bag =
      need.kind === 'washer' && sides.find(({ end }) => end !== undefined && formatEnd(end) === need.comesWith)?.ref;
    return bag && bag.of === 'part' ? { need, use, inBagOf: bag.id } : { need, use };
  });
});

function jointsHolding({ joints, job }: CheckContext): Completeness {
  const not = joints.filter(({ mating }) => !holdsAtAll(mating.verdict));
  const open = not.filter((judged) => !isAccepted(judged, job));
  return {
    done: joints.length - not.length,
    of: joints.length,
    ...(open.length < not.length ? { settled: not.length - open.length } : {}),
    missing: open.map((judged) => `${judged.name} ${judged.words.toLowerCase()}`),
  };
}

function closedBy(joints: readonly JudgedJoint[]): readonly ClosedBy[] {
  const words = [...new Set(joints.map((judged) => judged.words))];
  return words.map((word) => {
    const own = joints.filter((judged) => judged.words === word);
    const mating = own[0]?.mating;
    const kind = mating?.verdict === 'holds-with' ? (mating.needs[0]?.kind ?? 'holds') : (mating?.verdict ?? 'unknown');
    return { words: word, count: own.length, kind, places: own.map(({ name }) => name) };
  });
}

/** Ends of every run, its branches once; an opening that another run ends at is closed by it. */
function endsClosed(context: CheckContext): Completeness {
  const { job } = context;
  const ends = runsOnce(context).flatMap(({ penetration, strands }) =>
    strands.length === 0
      ? [{ open: false, label: penetration.label }]
      : strands.map(({ end, items }) => ({
          open: end.at === 'open' && !(items.length === 0 && isDoneBare(penetration, tankOf(job, penetration))),
          label: penetration.label,
        })),
  );
  const missing = [...new Set(ends.filter(({ open }) => open).map(({ label }) => label))];
  return { done: ends.filter(({ open }) => !open).length, of: ends.length, missing };
}

/** Pieces sold by length that are to be put in: how many have one. */
function lengthsKnown({ job, index, runs }: CheckContext): Completeness {
  const cut = job.parts.filter(({ id, existing }) => {
    const found = index.placed(id);
    return !existing && found !== undefined && isByLength(found.part);
  });
  const unknown = new Set(cut.filter(({ lengthM }) => lengthM === null).map(({ id }) => id));
  const labels =
    unknown.size === 0
      ? []
      : runs
          .filter(({ strands }) => strands.some(({ items }) => items.some(({ placed }) => unknown.has(placed.id))))
          .map(({ penetration }) => penetration.label);
  return { done: cut.length - unknown.size, of: cut.length, missing: [...new Set(labels)] };
}

const questions = ({ joints }: CheckContext, cuts: readonly CutBars[]): readonly string[] => [
  ...cuts.flatMap(({ title, unknown }) => unknown.map((place) => `How long is ${title} in ${place}?`)),
  ...cuts.flatMap(({ title, tooLong }) =>
    tooLong.map(({ label }) => `${title} in ${label} is longer than any stock length: where may it be joined?`),
  ),
  ...joints.filter(({ mating }) => mating.verdict === 'unknown').map((judged) => `What is at ${judged.name}?`),
];
