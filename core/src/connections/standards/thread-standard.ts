import type { Source } from '../../provenance';
import type { Region } from '../../region';
import type { NominalSize } from '../../quantity/size';

export type Sex = 'male' | 'female';
/** Which side of a threaded joint an end is; a nut turns on its tail and carries its washer inside. */
export type ThreadPart = Sex | 'nut';

/**
 * Where a thread makes its seal.
 *
 * - `taper`: along the thread. A female of this kind waits for a tapering male, whether it tapers itself (Rc) or not (Rp).
 * - `washer`: a female with a flat washer on a seat inside, which the end of the male presses.
 * - `shoulder`: a male with a flat face behind its thread, which presses a washer on the rim of the female.
 * - `rim`: a female with a flat rim, but nothing of its own to press.
 * - `none`: nowhere.
 */
export type ThreadSeal = 'taper' | 'washer' | 'shoulder' | 'rim' | 'none';

export type Range = readonly [least: number, most: number];

/**
 * The basic profile of one thread at the plane where male and female first meet
 * (male: its small end; female: its mouth). All diameters and lengths in mm.
 */
export interface ThreadForm {
  readonly pitchMm: number;
  /** Included angle of the flanks in degrees. */
  readonly flankDeg: number;
  /** Growth of diameter per length; 1/16 for taper pipe threads, 0 for parallel. */
  readonly taper: number;
  readonly seal: ThreadSeal;
  readonly crestMm: number;
  readonly pitchDiameterMm: number;
  readonly rootMm: number;
  /** Thread that can be used: effective external length, or depth of the female to its seat or end. */
  readonly usableLengthMm: number;
  /** How far a male of the same standard is in when made up. */
  readonly madeUpMm: number;
  /** What a caliper reads across the crests, anywhere on a thread within its tolerance. */
  readonly acrossMm: Range;
  /** The same at the first full crest: the tip of a male, the mouth of a female. */
  readonly firstCrestMm: Range;
  /** How far hand tight may lie either side of its basic place, by the tolerance of the standard's gauges [turns]. */
  readonly gaugeToleranceTurns: number;
  /** Crests and roots are rounded, as in the 55 degree threads; else they are cut flat. */
  readonly rounded: boolean;
}

/** A thread standard: its identity, how it is written, and its forms. Adding one is one such file and one registry line. */
export interface ThreadStandard {
  readonly id: string;
  /** As written in an end: '3/4 NPT M'. */
  readonly token: string;
  /** The token says its size too and stands alone: 'S60x6 F'. */
  readonly sizeless?: true;
  /** As spoken: 'pipe thread', 'garden hose thread'. */
  readonly name: string;
  readonly source: Source;
  readonly sizes: readonly NominalSize[];
  /** The sexes it is made in: R is male only, Rc and Rp are female only. */
  readonly sexes: readonly Sex[];
  readonly regions: readonly Region[];
  /** Met on drums, pumps or containers alone: of threads that fit alike it is named after those met every day. */
  readonly special?: true;
  /** Threads per inch, which is how the trade tells pitches apart. */
  threadsPerInch(size: NominalSize): number;
  /** @throws RangeError the standard has no such size or part */
  form(size: NominalSize, part: ThreadPart): ThreadForm;
}

export const BOTH_SEXES: readonly Sex[] = ['male', 'female'];

/** Looks up the row of a table by size. @throws RangeError there is none */
export function rowOf<Row extends readonly [NominalSize, ...unknown[]]>(
  table: readonly Row[],
  size: NominalSize,
  standard: string,
): Row {
  const found = table.find(([own]) => own === size);
  if (!found) throw new RangeError(`${standard}: no size ${size}`);
  return found;
}

/** @throws RangeError always: the standard is not made in this part */
export function notMadeAs(standard: string, part: ThreadPart): never {
  throw new RangeError(`${standard}: not made as ${part}`);
}

export const middle = ([least, most]: Range): number => (least + most) / 2;
