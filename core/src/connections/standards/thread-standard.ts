import type { Source } from '../../provenance';
import type { NominalSize } from '../../quantity/size';

/** Where a thread makes its seal: by its taper, on a washer in the female, or nowhere. */
export type ThreadSeal = 'taper' | 'washer' | 'none';

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
  /** Thread that can be used: effective external length, or depth of the female. */
  readonly usableLengthMm: number;
  /** How far a male of the same standard is in when made up. */
  readonly madeUpMm: number;
}

/** A thread standard: its identity, how it is written, and its forms. Adding one is one such file and one registry line. */
export interface ThreadStandard {
  readonly id: string;
  /** As written in an end: '3/4 NPT M'. */
  readonly token: string;
  /** As spoken: 'pipe thread', 'garden hose thread'. */
  readonly name: string;
  readonly source: Source;
  readonly sizes: readonly NominalSize[];
  /** Threads per inch, which is how the trade tells pitches apart. */
  threadsPerInch(size: NominalSize): number;
  /** @throws RangeError the size is not one of `sizes` */
  form(size: NominalSize, sex: 'male' | 'female'): ThreadForm;
}
