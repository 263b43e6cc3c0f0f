import type { End } from '../connections/end';
import type { Material } from '../connections/material';
import type { Source } from '../provenance';
import type { NominalSize } from '../quantity/size';
import type { FamilyPart } from './part-family';

/**
 * A line of fittings: what a counter keeps together because it has the same ends and is of one material. The families
 * (elbow, tee, coupling ...) say in which lines and sizes they are really made.
 */
export interface Line {
  /** Ends the letters of a part's code. */
  readonly mark: string;
  readonly material: Material;
  /** Told apart from another line of the same material and ends: 'Schedule 80'. */
  readonly grade?: string;
  /** Sizes of the whole line, small to large. */
  readonly sizes: readonly NominalSize[];
  /** The end that takes what goes in: female thread, socket; of lines that only have tails, the tail. */
  readonly takes: (size: NominalSize) => End;
  /** The end that goes into such a one: male thread, spigot. */
  readonly enters: (size: NominalSize) => End;
  /** From the centre of a bend of this angle to the foot of its end [mm]. */
  readonly takeOffMm: (size: NominalSize, degrees: number) => number;
  /** From the corner of a street elbow to the end that enters and to the face that takes [mm], where a table gives them. */
  readonly streetMm?: (size: NominalSize) => readonly [enters: number, takes: number];
  /** From the middle of a reducing tee to a face of its run and to that of its branch [mm], where a table gives them. */
  readonly reducingTeeMm?: (
    run: NominalSize,
    branch: NominalSize,
  ) => readonly [run: number, branch: number] | undefined;
  /** Between the feet of the two ends of a coupling, and of a union [mm]. */
  readonly stopMm: (size: NominalSize) => number;
  readonly unionMm: (size: NominalSize) => number;
  /** What it bears at room temperature [kPa]; null: drainage, no pressure at all. */
  readonly ratedKpa: (size: NominalSize) => number | null;
  /** Invented: how prices of this line stand to those of PVC sockets. */
  readonly priceFactor: number;
  /** Where the lengths come from. */
  readonly source: Source;
}

/** The sizes of a line from one to another, both included. @throws RangeError the line has no such size */
export function sizesOf(line: Line, from?: NominalSize, to?: NominalSize): readonly NominalSize[] {
  const at = (size: NominalSize): number => {
    const found = line.sizes.indexOf(size);
    if (found < 0) throw new RangeError(`sizesOf: line ${line.mark} has no ${size}`);
    return found;
  };
  return line.sizes.slice(from === undefined ? 0 : at(from), to === undefined ? undefined : at(to) + 1);
}

/** Pairs of a size and a smaller one, at most so many sizes apart, as reducing fittings are made. */
export const reducingPairs = (
  sizes: readonly NominalSize[],
  mostSteps: number,
): readonly (readonly [large: NominalSize, small: NominalSize])[] =>
  sizes.flatMap((large, at) =>
    sizes.slice(Math.max(0, at - mostSteps), at).map((small): readonly [NominalSize, NominalSize] => [large, small]),
  );

/** A stretch of a line's sizes in which a kind of fitting is made. */
export interface Made {
  readonly line: Line;
  readonly from?: NominalSize;
  readonly to?: NominalSize;
}

type Each<Sizes extends readonly NominalSize[]> = (line: Line, ...sizes: Sizes) => FamilyPart | readonly FamilyPart[];

const graded = ({ grade }: Line, part: FamilyPart): FamilyPart =>
  grade === undefined ? part : { ...part, detail: `${part.detail}, ${grade}` };

/** Runs over the matrix of a family: every line, every size in which it is made. */
export const overMade = (made: readonly Made[], each: Each<[NominalSize]>): readonly FamilyPart[] =>
  made.flatMap(({ line, from, to }) =>
    sizesOf(line, from, to)
      .flatMap((size) => each(line, size))
      .map((part) => graded(line, part)),
  );

/** The same for reducing fittings: every pair of sizes at most so many apart. */
export const overPairs = (
  made: readonly Made[],
  mostSteps: number,
  each: Each<[large: NominalSize, small: NominalSize]>,
): readonly FamilyPart[] =>
  made.flatMap(({ line, from, to }) =>
    reducingPairs(sizesOf(line, from, to), mostSteps)
      .flatMap(([large, small]) => each(line, large, small))
      .map((part) => graded(line, part)),
  );
