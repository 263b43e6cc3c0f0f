import type { NominalSize } from '../../quantity/size';
import { blankingPlug } from './wall-seals/blanking-plug';
import { boltedFlange } from './wall-seals/bolted-flange';
import { bulkhead } from './wall-seals/bulkhead';
import { cableGland } from './wall-seals/cable-gland';
import { castSleeve } from './wall-seals/cast-sleeve';
import { dropGrate } from './wall-seals/drop-grate';
import { gasket } from './wall-seals/gasket';
import { insectScreen } from './wall-seals/insect-screen';
import { liftOut } from './wall-seals/lift-out';
import { linkSeal } from './wall-seals/link-seal';
import { nippleAndRubbers } from './wall-seals/nipple-and-rubbers';
import { screwCover } from './wall-seals/screw-cover';
import { tapShank } from './wall-seals/tap-shank';
import { wallBoot } from './wall-seals/wall-boot';
import type { WallSealSize, WallSealStyle } from './wall-seals/wall-seal';
import { weldedBoss } from './wall-seals/welded-boss';

/** Every way to seal a hole in a wall, in the order in which they are offered. A new one: its file, and a line here. */
export const WALL_SEAL_STYLES: readonly WallSealStyle[] = [
  bulkhead,
  gasket,
  tapShank,
  nippleAndRubbers,
  boltedFlange,
  castSleeve,
  linkSeal,
  wallBoot,
  weldedBoss,
  dropGrate,
  liftOut,
  insectScreen,
  cableGland,
  blankingPlug,
  screwCover,
];

const BY_ID = new Map(WALL_SEAL_STYLES.map((style) => [style.id, style]));

/** @throws RangeError no such way of sealing */
export function wallSealStyle(id: string): WallSealStyle {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`wallSealStyle: no ${id}`);
  return found;
}

/** The row of a size; undefined where the style is not made in it. */
export const wallSealSizeOf = (style: string, size: NominalSize): WallSealSize | undefined =>
  BY_ID.get(style)?.sizes.find((row) => row.size === size);

/** @throws RangeError the style has no such size */
export function wallSealSize(style: string, size: NominalSize): WallSealSize {
  const found = wallSealSizeOf(style, size);
  if (!found) throw new RangeError(`wallSealSize: no ${size} ${style}`);
  return found;
}

/** Sizes for which there is anything to stand in a hole. */
export const WALL_SEAL_SIZES: readonly NominalSize[] = [
  ...new Set(WALL_SEAL_STYLES.flatMap(({ sizes }) => sizes.map(({ size }) => size))),
];
