import { MM_PER_INCH, inchFigure } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, middle } from '../body';
import { pipeOf } from '../../connections/standards/pipes';
import type { Source } from '../../provenance';
import { threadName } from '../../connections/format';
import type { End } from '../../connections/end';
import { endsWords } from '../end-words';
import { fitting } from '../fitting';
import { type Line, type Made, overMade, overPairs } from '../line';
import * as threaded from '../lines/threaded';
import { type FamilyPart, TYPICAL_BODIES, defineFamily } from '../part-family';

/** Close nipples: overall length in inches by size (ASTM A733 lengths, value from memory). */
const CLOSE_IN: Readonly<Partial<Record<NominalSize, number>>> = {
  '1/8': 0.75,
  '1/4': 0.875,
  '3/8': 1,
  '1/2': 1.125,
  '3/4': 1.375,
  '1': 1.5,
  '1-1/4': 1.625,
  '1-1/2': 1.75,
  '2': 2,
  '2-1/2': 2.5,
  '3': 2.625,
  '4': 2.875,
};
/** Lengths kept on the shelf [in]. */
const LENGTHS_IN = [2, 3, 4, 6, 8, 12] as const;
/** Pipe nipples by line and size (ranges of the trade, from memory). */
const PIPE_NIPPLES: readonly Made[] = [
  { line: threaded.NPT_BRASS, from: '1/8', to: '2' },
  { line: threaded.NPT_STAINLESS },
  { line: threaded.NPT_GALVANISED },
  { line: threaded.NPT_PVC, from: '1/2', to: '2' },
  { line: threaded.NPT_PVC_80 },
  { line: threaded.ISO_BRASS, from: '1/4', to: '2' },
  { line: threaded.ISO_STAINLESS },
  { line: threaded.ISO_GALVANISED },
];

const HEX_NIPPLES: readonly Made[] = [
  { line: threaded.NPT_BRASS },
  { line: threaded.NPT_STAINLESS, from: '1/8', to: '2' },
  { line: threaded.NPT_POLYPROPYLENE },
  { line: threaded.ISO_BRASS },
  { line: threaded.ISO_STAINLESS },
  { line: threaded.ISO_GALVANISED },
  { line: threaded.ISO_POLYPROPYLENE },
  { line: threaded.ISO_NYLON },
];

const REDUCING_HEX: readonly Made[] = [
  { line: threaded.NPT_BRASS },
  { line: threaded.NPT_STAINLESS, from: '1/8', to: '2' },
  { line: threaded.NPT_POLYPROPYLENE },
  { line: threaded.ISO_BRASS },
  { line: threaded.ISO_STAINLESS, from: '1/8', to: '2' },
  { line: threaded.ISO_GALVANISED, from: '1/4', to: '2' },
  { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
  { line: threaded.ISO_NYLON },
];

/** Hexagon of a hex nipple between its threads (typical). */
const HEX_MM = 9;
const PIPE_PRICE_USD = 1.4;
const HEX_PRICE_USD = 1.26;

/** Lengths of American pipe nipples; those on ISO threads are kept in the same lengths by the trade. */
const A733: Source = { document: 'ASTM A733 (lengths)', provenance: 'from-memory' };
const nippleSource = (line: Line, size: NominalSize): Source | undefined => {
  const end = line.enters(size);
  return end.kind === 'thread' && end.standard === 'npt' ? A733 : undefined;
};
/** A nipple of Schedule 80 is pipe of Schedule 80 with a thread on it. */
const boreOfNipple = (line: Line, size: NominalSize): { readonly boreMm?: number } =>
  line === threaded.NPT_PVC_80 ? { boreMm: pipeOf({ series: 'ips-80', size }).boreMm } : {};

/** Both ends are male: the thread alone says it. */
const nominal = (end: End): string => (end.kind === 'thread' ? threadName(end) : '');

function close(line: Line, size: NominalSize): FamilyPart {
  const lengthIn = CLOSE_IN[size];
  if (lengthIn === undefined) throw new RangeError(`nipple: no close ${size}`);
  const male = line.enters(size);
  const part = fitting({
    code: `NC${line.mark}-${sizeCode(size)}`,
    name: 'Close nipple',
    detail: `${nominal(male)}, ${inchFigure(lengthIn)} in`,
    size,
    material: line.material,
    ends: [male, male],
    betweenMm: 0,
    ...boreOfNipple(line, size),
    source: nippleSource(line, size),
    ratedKpa: line.ratedKpa(size),
    priceUsdAtOneInch: PIPE_PRICE_USD * 0.7 * line.priceFactor,
  });
  const half = { ...endSection(male, part.boreMm), lengthMm: (lengthIn * MM_PER_INCH) / 2 };
  return { ...part, body: [half, half] };
}

/** A nipple of a stock length; none where a close nipple is as long as that. */
function long(line: Line, size: NominalSize, lengthIn: number): readonly FamilyPart[] {
  if (lengthIn <= (CLOSE_IN[size] ?? 0)) return [];
  const male = line.enters(size);
  const part = fitting({
    code: `NL${line.mark}-${sizeCode(size)}-${lengthIn}`,
    name: 'Nipple',
    detail: `${nominal(male)}, ${lengthIn} in`,
    size,
    material: line.material,
    ends: [male, male],
    betweenMm: 0,
    ...boreOfNipple(line, size),
    source: nippleSource(line, size),
    ratedKpa: line.ratedKpa(size),
    priceUsdAtOneInch: PIPE_PRICE_USD * line.priceFactor * (0.6 + lengthIn / 10),
  });
  const thread = endSection(male, part.boreMm);
  const plainMm = lengthIn * MM_PER_INCH - 2 * thread.lengthMm;
  return [{ ...part, body: [thread, middle(plainMm, thread.outsideMm, thread.boreMm), thread] }];
}

function hex(line: Line, size: NominalSize, small = size): FamilyPart {
  const ends = [line.enters(size), line.enters(small)];
  return fitting({
    code: `${small === size ? 'NH' : 'NR'}${line.mark}-${sizeCode(size)}${small === size ? '' : sizeCode(small)}`,
    name: small === size ? 'Hex nipple' : 'Reducing hex nipple',
    detail: endsWords(ends),
    size,
    material: line.material,
    ends,
    betweenMm: HEX_MM,
    girth: 1.25,
    surface: 'hex',
    ratedKpa: line.ratedKpa(size),
    priceUsdAtOneInch: HEX_PRICE_USD * line.priceFactor,
  });
}

/** Nipples, male on both ends: close, by the length, hexagon, and hexagon from one size to another. */
export const nipples = defineFamily({
  id: 'nipple',
  name: 'Nipple',
  source: TYPICAL_BODIES,
  parts: () => [
    ...overMade(PIPE_NIPPLES, close),
    ...LENGTHS_IN.flatMap((lengthIn) => overMade(PIPE_NIPPLES, (line, size) => long(line, size, lengthIn))),
    ...overMade(HEX_NIPPLES, (line, size) => hex(line, size)),
    ...overPairs(REDUCING_HEX, 3, hex),
  ],
});
