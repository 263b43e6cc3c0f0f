import { placeAt } from '../../derived/strands';
import { runsOnce } from '../../assembly/flow';
import { beddingM3 } from '../../assembly/trench';
import { isDownpipe } from '../../fittings/capability';
import { gutterCode, gutterOf, gutterPieces } from '../../fittings/families/gutter';
import { inventedPriceUsd } from '../../fittings/part-family';
import { isByLength, outsideMmOf } from '../../fittings/part';
import type { CheckContext } from '../../derived/context';
import { roofsInto } from '../../derived/heights';
import type { Run, StrandItem } from '../../derived/run';
import { formatLength } from '../../quantity/length';
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

/** Brackets of the downpipes that are put up, and what fixes them to the wall they are on. */
export function bracketLines(context: CheckContext): PartsLine[] {
  const { job, catalogue } = context;
  const held = putIn(context)
    .filter(({ part }) => isByLength(part) && isDownpipe(part))
    .map((item): Held => ({ item, fixedTo: roofsInto(job, item.penetration.id)[0]?.fixedTo ?? null }));
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
    const own = held.filter(({ fixedTo }) => fixedTo === substrate);
    if (own.length === 0) return [];
    const anchor = ANCHORS[substrate];
    return [
      packed({
        code: anchor.code,
        title: anchor.name,
        detail: anchor.detail,
        need: count(own) * anchor.each,
        packUsd: anchor.priceUsd,
        uses: usesOf(own),
        note: `${anchor.each} for each bracket on ${SUBSTRATE_NAMES[substrate].toLowerCase()}`,
      }),
    ];
  });
  return [...brackets, ...anchors];
}

/** The gutters that are put up: lengths, unions, stop ends, brackets and guards, those of all roofs together. */
export function gutterLines({ job, catalogue }: CheckContext): PartsLine[] {
  const hung = job.roofs.flatMap((roof) => {
    const range = roof.gutterM === 0 ? undefined : gutterOf(job, roof);
    return range ? [{ use: useOfRoof(roof), range, pieces: gutterPieces(roof.gutterM, range) }] : [];
  });
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
          ...(piece === 'length' ? { note: 'straight: a corner is written on the list by yourself' } : {}),
        }),
      ];
    }),
  );
}

const BAG_M3 = 0.02;
const BAG_USD = 4.2;

/** Sand or fine gravel to bed buried pipe in. */
export function beddingLines(context: CheckContext): PartsLine[] {
  const beds = runsOnce(context)
    .map((run) => ({ use: useOfHole(run.penetration), m3: beddingM3(run, context) }))
    .filter(({ m3 }) => m3 > 0);
  if (beds.length === 0) return [];
  return [
    packed({
      code: 'BE-20',
      title: 'Bedding sand or pea gravel',
      detail: '20 L bag',
      need: Math.ceil(beds.reduce((sum, { m3 }) => sum + m3, 0) * 100) / 100,
      unit: 'm3',
      holds: BAG_M3,
      packUsd: BAG_USD,
      uses: beds.map(({ use }) => use),
      note: 'trench 300 mm wider than the pipe, 100 mm below it, 150 mm over it',
    }),
  ];
}

const MARKER_USD = 5.5;

/** A post that says where an overflow comes to daylight, so that nobody buries or mows it. */
export const markerLines = ({ runs, job }: CheckContext): PartsLine[] => {
  const ends = runs.flatMap(({ penetration, strands }) =>
    penetration.roles.includes('overflow')
      ? strands.flatMap(({ end }) => {
          const place = placeAt(job, end);
          return place?.kind === 'daylight' ? [useOfTerminal(place.id, penetration)] : [];
        })
      : [],
  );
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

/** A sleeve where a line goes through a wall on its way to its place: one for each line that does. */
export function sleeveLines(context: CheckContext): PartsLine[] {
  const { job } = context;
  const sleeves = runsOnce(context).flatMap((run) =>
    job.terminals.flatMap(({ id, throughM }) => {
      const pipe = lastPipe(run, id);
      if (throughM === null || !pipe) return [];
      const outsideMm = outsideMmOf(pipe.part) + SLEEVE_CLEAR_MM;
      const { size } = pipe.part;
      const detail = `at least ${Math.ceil(outsideMm)} mm inside, ${formatLength(throughM, job.measures)} long, for ${sizeWords(size)} pipe`;
      return [{ detail, size, use: useOfTerminal(id, run.penetration) }];
    }),
  );
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
            note: 'filled with soft sealant, falling outward',
          }),
        ]
      : [];
  });
}
