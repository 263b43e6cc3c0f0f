import type { Material } from '../connections/material';

/** A tank as the job holds it; every dimension can be changed. Lengths in m, volume in m3. */
export interface Tank {
  readonly id: string;
  /** T1, T2 ... in the order in which they were set out. */
  readonly label: string;
  readonly type: string;
  readonly capacityM3: number;
  readonly diameterM: number;
  /** From the base to the brim: the level at which the nominal capacity is reached. */
  readonly brimM: number;
  /** From the base to the top of the lid. */
  readonly heightM: number;
  readonly wallM: number;
  readonly plinthM: number;
}

/** A band of the wall where no hole may be drilled, from `fromM` to `toM` above the base. */
export interface NoDrillBand {
  readonly fromM: number;
  readonly toM: number;
  readonly reason: string;
}

/** A point of an outline: distance from the axis and height above the base, in m. */
export interface OutlinePoint {
  readonly radiusM: number;
  readonly heightM: number;
}

/**
 * A type of tank: its usual dimensions, where it must not be drilled, and its outline.
 * Adding a type is one such file and one line in `tank-types.ts`.
 */
export interface TankType {
  readonly id: string;
  readonly name: string;
  /** Short, for the rack: 'upright', 'drum'. */
  readonly shortName: string;
  readonly material: Material;
  /** Can a hand reach the wall from inside through the top? */
  readonly openTop: boolean;
  readonly defaults: Omit<Tank, 'id' | 'label' | 'type'>;
  readonly noDrill: (tank: Tank) => readonly NoDrillBand[];
  /** Right half from the foot to the axis at the top, for the drawing. */
  readonly outline: (tank: Tank) => readonly OutlinePoint[];
  /** Heights of ribs or hoops, for the drawing. */
  readonly ribsM: (tank: Tank) => readonly number[];
}
