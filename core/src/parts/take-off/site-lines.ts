import { placeAt } from '../../derived/strands';
import { runsOnce } from '../../assembly/flow';
import { trenchM } from '../../assembly/trench';
import type { Region } from '../../region';
import { isDownpipe } from '../../fittings/capability';
import { type GutterPiece, gutterCode, gutterOf, gutterPieces } from '../../fittings/families/gutter';
import { inventedPriceUsd } from '../../fittings/part-family';
import { isByLength, outsideMmOf } from '../../fittings/part';
import type { CheckContext } from '../../derived/context';
import { roofsInto } from '../../derived/heights';
import type { Run, StrandItem } from '../../derived/run';
import { formatLength } from '../../quantity/length';
import type { Roof } from '../../job/job';
import { sizeWords } from '../../quantity/size';
import { ANCHORS, SUBSTRATES, SUBSTRATE_NAMES, type Substrate } from '../../site/substrates';
import { packed } from './packed';
import type { PartsLine } from '../list/parts-list';
import { type PutIn, putIn } from './put-in';
import { type Use, useOfHole, useOfRoof, useOfTerminal } from '../list/trace';

/** From bracket to bracket of a downpipe, and how many a piece has at least (common practice). */
const BRACKET_EVERY_M = 1.8;
const LEAST_BRACKETS = 2;
/** Shorter than this one bracket holds it. */
const SHORT_M = 0.6;

/** A downpipe and its bracket are told by the same letters behind their mark. */
export const bracketCode = (downpipeCode: string): string => downpipeCode.replace(/^DP/, 'DK');

/** Brackets for a length of downpipe; one of unknown length is held at its two ends. */
export const bracketsFor = (lengthM: number | null): number =>
  lengthM !== null && lengthM < SHORT_M ? 1 : Math.max(LEAST_BRACKETS, Math.ceil((lengthM ?? 0) / BRACKET_EVERY_M) + 1);

interface Held {
  readonly item: PutIn;
  readonly fixedTo: Substrate | null;
}

const heldDownpipes = (context: CheckContext): readonly Held[] =>
  putIn(context)
    .filter(({ part }) => isByLength(part) && isDownpipe(part))
    .map((item): Held => ({ item, fixedTo: roofsInto(context.job, item.penetration.id)[0]?.fixedTo ?? null }));

/** Everything that brackets hold, how many, and what they are fixed to; null: nobody has said it. */
export const bracketed = (
  context: CheckContext,
): readonly { readonly use: Use; readonly count: number; readonly fixedTo: Substrate | null }[] => [
  ...heldDownpipes(context).map(({ item, fixedTo }) => ({
    use: item.use,
    count: bracketsFor(item.placed.lengthM),
    fixedTo,
  })),
  ...hungGutters(context.job).map(({ roof, use, pieces }) => ({
    use,
    count: pieces.bracket,
    fixedTo: roof.fixedTo,
  })),
];

/** Brackets of the downpipes that are put up, and what fixes them and those of the gutters to what they are on. */
export function bracketLines(context: CheckContext): PartsLine[] {
  const { catalogue } = context;
  const held = heldDownpipes(context);
  const usesOf = (own: readonly Held[]): readonly Use[] => own.map(({ item }) => item.use);
  const count = (own: readonly Held[]): number =>
    own.reduce((sum, { item }) => sum + bracketsFor(item.placed.lengthM), 0);
  const brackets = [...new Set(held.map(({ item }) => item.part.code))].flatMap((code): PartsLine[] => {
    const own = held.filter(({ item }) => item.part.code === code);
    const part = catalogue.byCode.get(bracketCode(code));
    if (!part) return [];
    return [
      packed({
        code: part.code,
        title: part.name,
        detail: part.detail,
        need: count(own),
        packUsd: part.priceUsd,
        uses: usesOf(own),
        note: own.some(({ fixedTo }) => fixedTo === null) ? 'what they are fixed to is not said: see Site' : undefined,
      }),
    ];
  });
  const anchors = SUBSTRATES.flatMap((substrate): PartsLine[] => {
    const own = bracketed(context).filter(({ fixedTo }) => fixedTo === substrate);
    if (own.length === 0) return [];
    const anchor = ANCHORS[substrate];
    return [
      packed({
        code: anchor.code,
        title: anchor.name,
        detail: anchor.detail[context.job.measures],
        need: own.reduce((sum, one) => sum + one.count, 0) * anchor.each,
        packUsd: anchor.priceUsd,
        uses: own.map(({ use }) => use),
        note: `${anchor.each} for each bracket on ${SUBSTRATE_NAMES[substrate].toLowerCase()}`,
      }),
    ];
  });
  return [...brackets, ...anchors];
}

/** The gutters that are put up, with what each takes. */
export const hungGutters = (job: CheckContext['job']) =>
  job.roofs.flatMap((roof) => {
    const range = roof.gutterM === 0 ? undefined : gutterOf(job, roof);
    return range ? [{ roof, use: useOfRoof(roof), range, pieces: gutterPieces(roof.gutterM, range) }] : [];
  });

/** What is said below a line of gutter: a corner is nobody's but the builder's, and screws follow from what it hangs on. */
const gutterNote = (piece: GutterPiece, own: readonly { readonly roof: Roof }[]): string | undefined =>
  piece === 'length'
    ? 'straight: a corner is written on the list by yourself'
    : piece === 'bracket' && own.some(({ roof }) => roof.fixedTo === null)
      ? 'what they are fixed to is not said: see Site'
      : undefined;

/** The gutters that are put up: lengths, unions, stop ends, brackets and guards, those of all roofs together. */
export function gutterLines({ job, catalogue }: CheckContext): PartsLine[] {
  const hung = hungGutters(job);
  return [...new Set(hung.map(({ range }) => range))].flatMap((range) =>
    (['length', 'union', 'end', 'bracket', 'guard'] as const).flatMap((piece): PartsLine[] => {
      const part = catalogue.byCode.get(gutterCode(range, piece));
      const own = hung.filter((one) => one.range === range && one.pieces[piece] > 0);
      if (!part || own.length === 0) return [];
      return [
        packed({
          code: part.code,
          title: part.name,
          detail: part.detail,
          need: own.reduce((sum, { pieces }) => sum + pieces[piece], 0),
          packUsd: part.priceUsd,
          uses: own.map(({ use }) => use),
          note: gutterNote(piece, own),
        }),
      ];
    }),
  );
}

/** A roll of warning tape [m] and its price, and how much more is rolled out than the trench is long (common practice). */
const WARNING_ROLL_M = 100;
const WARNING_USD = 11;
const ROLLED_OUT = 1.05;
/** Where it is laid over every buried line (common practice). */
const WARNED_IN: readonly Region[] = ['UK', 'EU', 'ANZ'];

/** Tape that warns whoever digs there next, a spade over the pipe. */
export function warningLines(context: CheckContext): PartsLine[] {
  const { region } = context.job;
  if (region !== null && !WARNED_IN.includes(region)) return [];
  const trenches = runsOnce(context)
    .map((run) => ({ use: useOfHole(run.penetration), lengthM: trenchM(run, context) * ROLLED_OUT }))
    .filter(({ lengthM }) => lengthM > 0);
  if (trenches.length === 0) return [];
  return [
    packed({
      code: 'WT-100',
      title: 'Warning tape for a trench',
      detail: `roll of ${WARNING_ROLL_M} m`,
      need: trenches.reduce((sum, { lengthM }) => sum + lengthM, 0),
      unit: 'm',
      holds: WARNING_ROLL_M,
      packUsd: WARNING_USD,
      uses: trenches.map(({ use }) => use),
      note: '150 mm under the ground, over the pipe',
    }),
  ];
}

const MARKER_USD = 5.5;

/** Where an overflow comes to daylight. */
export const outfalls = ({ runs, job }: CheckContext): readonly Use[] =>
  runs.flatMap(({ penetration, strands }) =>
    penetration.roles.includes('overflow')
      ? strands.flatMap(({ end }) => {
          const place = placeAt(job, end);
          return place?.kind === 'daylight' ? [useOfTerminal(place.id, penetration)] : [];
        })
      : [],
  );

/** A post that says where an overflow comes to daylight, so that nobody buries or mows it. */
export const markerLines = (context: CheckContext): PartsLine[] => {
  const ends = outfalls(context);
  return ends.length === 0
    ? []
    : [
        packed({
          code: 'OM',
          title: 'Outfall marker',
          detail: 'post with a plate: overflow of rain water',
          need: ends.length,
          packUsd: MARKER_USD,
          uses: ends,
        }),
      ];
};

const SLEEVE_USD = 6;
/** Clear of the pipe all round, so that neither carries the other [mm] (common practice). */
const SLEEVE_CLEAR_MM = 25;
const lastPipe = ({ strands }: Run, terminalId: string): StrandItem | undefined =>
  strands
    .find(({ end }) => end.at === 'terminal' && end.id === terminalId)
    ?.items.findLast(({ part }) => isByLength(part));

/** How deep the gap of a sleeve is filled at either end [mm] (common practice). */
const SEALED_MM = 15;
const SEALANT_TUBE_ML = 300;
const SEALANT_USD = 6.5;

/** Where a line goes through a wall on its way to its place, one for each line that does. */
export function sleeved(context: CheckContext): readonly Sleeve[] {
  const { job } = context;
  return runsOnce(context).flatMap((run) =>
    job.terminals.flatMap(({ id, throughM }) => {
      const pipe = lastPipe(run, id);
      if (throughM === null || !pipe) return [];
      const pipeMm = outsideMmOf(pipe.part);
      const outsideMm = pipeMm + SLEEVE_CLEAR_MM;
      const { size } = pipe.part;
      const detail = `at least ${Math.ceil(outsideMm)} mm inside, ${formatLength(throughM, job.measures)} long, for ${sizeWords(size)} pipe`;
      // The ring between pipe and sleeve, at both ends.
      const gapMl = ((Math.PI / 4) * (outsideMm ** 2 - pipeMm ** 2) * 2 * SEALED_MM) / 1000;
      return [{ detail, size, gapMl, use: useOfTerminal(id, run.penetration) }];
    }),
  );
}

/** A sleeve for each line through a wall, and what fills its gap. */
export function sleeveLines(context: CheckContext): PartsLine[] {
  const sleeves = sleeved(context);
  return sleeves.length === 0 ? [] : [...sleeveLinesOf(sleeves), sealantLine(sleeves)];
}

export interface Sleeve {
  readonly detail: string;
  readonly size: StrandItem['part']['size'];
  readonly gapMl: number;
  readonly use: Use;
}

const sealantLine = (sleeves: readonly Sleeve[]): PartsLine =>
  packed({
    code: 'SE-300',
    title: 'Sealant, soft, for outdoors',
    detail: `tube of ${SEALANT_TUBE_ML} ml`,
    need: sleeves.reduce((sum, { gapMl }) => sum + gapMl, 0),
    unit: 'ml',
    holds: SEALANT_TUBE_ML,
    packUsd: SEALANT_USD,
    uses: sleeves.map(({ use }) => use),
    note: 'round the pipe in its sleeve, inside and outside',
  });

function sleeveLinesOf(sleeves: readonly Sleeve[]): PartsLine[] {
  return [...new Set(sleeves.map(({ detail }) => detail))].flatMap((detail) => {
    const own = sleeves.filter((one) => one.detail === detail);
    const [first] = own;
    return first
      ? [
          packed({
            code: 'SLV',
            title: 'Wall sleeve',
            detail,
            need: own.length,
            packUsd: inventedPriceUsd(SLEEVE_USD, first.size),
            uses: own.map(({ use }) => use),
            note: 'falling outward, its gap filled with sealant',
          }),
        ]
      : [];
  });
}
