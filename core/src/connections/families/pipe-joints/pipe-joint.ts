import { differenceMm } from '../../../quantity/length';
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

/** Drains this near one another outside are one size under two names: DN100 of drain and of stormwater, 110 soil [mm] (our judgement). */
const ONE_SIZE_MM = 0.15;

/** Two designs on the same outside diameters take one another, and drains of one outside diameter do whatever they are called. */
export const oneFamily = (pair: PipePair): boolean => {
  const { pipeSeries, fittingSeries } = pair;
  return (
    pipeSeries.family === fittingSeries.family ||
    (!pipeSeries.pressure && !fittingSeries.pressure && Math.abs(overMm(pair)) <= ONE_SIZE_MM)
  );
};

/** Is either of the two made for drains alone? */
export const drainsOnly = ({ pipeSeries, fittingSeries }: PipePair): boolean =>
  !pipeSeries.pressure || !fittingSeries.pressure;

/** How two series that are not one compare: 'The diameters agree within 0.3 mm'. */
export const agreement = (pair: PipePair): string =>
  Math.abs(overMm(pair)) < 0.005
    ? 'The diameters are the same'
    : `The diameters agree within ${differenceMm(overMm(pair))}`;

export const diameters = ({ pipe, madeFor }: PipePair): Explanation['basis'] => [
  { name: 'outside of the pipe', value: pipe.outsideMm, unit: 'mm' },
  { name: 'pipe the fitting is made for', value: madeFor.outsideMm, unit: 'mm' },
];
