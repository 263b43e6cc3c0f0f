import type { PipeEnd } from '../../end';
import type { Material } from '../../material';
import type { Judgement } from '../../mating';
import type { PipeSeries, PipeSize } from '../../standards/pipe-series';
import type { Explanation, JointConditions } from '../joint-family';

/** A plain pipe and the fitting it is offered to, with their tables and materials; all lengths mm. */
export interface PipePair {
  readonly spigot: PipeEnd;
  readonly fitting: PipeEnd;
  readonly pipe: PipeSize;
  /** The pipe the fitting is made for. */
  readonly madeFor: PipeSize;
  readonly pipeSeries: PipeSeries;
  readonly fittingSeries: PipeSeries;
  readonly pipeMaterial: Material | undefined;
  readonly fittingMaterial: Material | undefined;
}

/** One way in which a fitting takes plain pipe. Adding one is one such file and one line in `pipes.ts`. */
export interface PipeJoint {
  readonly judge: (pair: PipePair, conditions: JointConditions) => Judgement;
  readonly explain: (pair: PipePair, judgement: Judgement, conditions: JointConditions) => Omit<Explanation, 'sources'>;
}

/** Pipe outside less the outside the fitting is made for. */
export const overMm = ({ pipe, madeFor }: PipePair): number => pipe.outsideMm - madeFor.outsideMm;

export const isRectangular = ({ shortSideMm }: PipeSize): boolean => shortSideMm !== undefined;

/** Two designs on the same outside diameters take one another. */
export const oneFamily = ({ pipeSeries, fittingSeries }: PipePair): boolean =>
  pipeSeries.family === fittingSeries.family;

export const diameters = ({ pipe, madeFor }: PipePair): Explanation['basis'] => [
  { name: 'outside of the pipe', value: pipe.outsideMm, unit: 'mm' },
  { name: 'pipe the fitting is made for', value: madeFor.outsideMm, unit: 'mm' },
];

export const tenths = (mm: number): string => `${Math.abs(mm).toFixed(1)} mm`;
