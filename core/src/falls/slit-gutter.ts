import type { Catalogue } from '../fittings/catalogue';
import { type Part, outsideMmOf } from '../fittings/part';
import { MANNING_PLASTIC, drainM3s, spreadM } from '../hydraulics/gravity';
import type { Region } from '../region';

/** A gutter improvised from a pipe that is slit lengthwise and pushed over the edge of a roof or the lip of a board. */
export interface SlitGutter {
  readonly part: Part;
  /** So far its slit can be spread without harm [m]. */
  readonly spreadM: number;
  /** What it carries half full [m3/s]. */
  readonly carriesM3s: number;
}

/** A slit pipe is a gutter up to the height of its slit: half full, at the fall of a gutter (common practice). */
const FILL = 0.5;
const GUTTER_FALL = 1 / 200;

/**
 * The least pipe that can be spread so far and carries the design rain; undefined where none is wide enough.
 *
 * @param gapM    what the slit must be pushed over [m], above 0
 * @param stormM3s what comes off the roof [m3/s]
 */
export function leastSlitGutter(
  gapM: number,
  stormM3s: number,
  { list }: Pick<Catalogue, 'list'>,
  region: Region,
): SlitGutter | undefined {
  return list
    .filter(
      ({ family, material, sale, regions }) =>
        family === 'pipe' &&
        material === 'pvc' &&
        sale.by === 'length' &&
        sale.sawKerfM > 0 &&
        regions.includes(region),
    )
    .map((part): SlitGutter => {
      const outsideM = outsideMmOf(part) / 1000;
      const boreM = part.boreMm / 1000;
      return {
        part,
        spreadM: spreadM((outsideM + boreM) / 4, (outsideM - boreM) / 2),
        carriesM3s: drainM3s(boreM, GUTTER_FALL, FILL, MANNING_PLASTIC),
      };
    })
    .filter((one) => one.spreadM >= gapM && one.carriesM3s >= stormM3s)
    .toSorted((a, b) => a.part.boreMm - b.part.boreMm || a.part.priceUsd - b.part.priceUsd)[0];
}
