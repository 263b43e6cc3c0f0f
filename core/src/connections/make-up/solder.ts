import type { NominalSize } from '../../quantity/size';
import type { Need } from '../mating';

/** Flux for one joint [ml] for each millimetre of tube (common practice: a film on both). */
const FLUX_ML_PER_MM = 0.02;

/** Solder for one joint: as much 3 mm wire as the tube is across (common practice). */
export const solderFor = (size: NominalSize, outsideMm: number): Need => ({
  kind: 'solder',
  size,
  wireMm: Math.ceil(outsideMm),
  fluxMl: outsideMm * FLUX_ML_PER_MM,
});
