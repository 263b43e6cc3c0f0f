import type { Material } from '../connections/material';
import type { NominalSize } from '../quantity/size';
import type { Role } from './roles';

/** Where an opening can be: the wall round a tank, its top and bottom, a side of a box or an end of a lying tank. */
export const FACES = ['wall', 'top', 'bottom', 'front', 'right', 'back', 'left'] as const;
export type Face = (typeof FACES)[number];

/** The figures of a place on a face, by which it is moved. */
export const PLACE_FIELDS = ['heightM', 'aroundM', 'depthM'] as const;
export type PlaceField = (typeof PLACE_FIELDS)[number];

/** A place on a tank, as an opening has it. */
export interface WallPlace extends Readonly<Record<PlaceField, number>> {
  readonly face: Face;
}

/** What a tank stands on. */
export const BASES = ['ground', 'slab', 'blocks', 'planks', 'stand', 'trailer'] as const;
export type Base = (typeof BASES)[number];
export const BASE_NAMES: Readonly<Record<Base, string>> = {
  ground: 'Levelled ground',
  slab: 'Slab or plinth',
  blocks: 'Blocks',
  planks: 'Planks on blocks',
  stand: 'Stand on legs',
  trailer: 'Trailer bed',
};

/** How a used container was cleaned. */
export const CLEANINGS = ['not', 'rinsed', 'washed', 'reconditioned'] as const;
export type Cleaning = (typeof CLEANINGS)[number];
export const CLEANING_NAMES: Readonly<Record<Cleaning, string>> = {
  not: 'Not yet',
  rinsed: 'Rinsed with water',
  washed: 'Washed hot, rinsed three times',
  reconditioned: 'By a reconditioner',
};

/** Planks that carry a tank from block to block, all lengths in m. */
export interface Planks {
  readonly count: number;
  readonly widthM: number;
  readonly thickM: number;
  /** Clear between the blocks. */
  readonly spanM: number;
}

/** A pump that stands or hangs in the tank. */
export interface Pump {
  readonly diameterM: number;
  readonly lengthM: number;
  /** Where it draws, above the base. */
  readonly intakeM: number;
  readonly fromLeftM: number;
  readonly fromFrontM: number;
}

/** One reading while the tank was filled by meter: the level [m above the base] and what had gone in [m3]. */
export interface MeteredFill {
  readonly levelM: number;
  readonly volumeM3: number;
}

/** What can be measured of a tank, in m and m3; a dimension its form does not have is 0. */
export interface TankDimensions {
  readonly capacityM3: number;
  /** Round tanks: outside, at the brim. */
  readonly diameterM: number;
  /** Round tanks: outside, at the base; the same as `diameterM` unless the tank tapers. */
  readonly baseDiameterM: number;
  /** Boxes and lying tanks: outside, from left to right. */
  readonly lengthM: number;
  /** Boxes and lying tanks: outside, from front to back. */
  readonly widthM: number;
  /** From the base to the brim: the level at which the nominal capacity is reached. */
  readonly brimM: number;
  /** From the base to the top of the lid. */
  readonly heightM: number;
  readonly wallM: number;
  readonly plinthM: number;
  /** How far its base is below the finished ground. */
  readonly buriedM: number;
  /** Clear width of the opening a hand or a pump goes through; 0: there is none. */
  readonly accessM: number;
}

/** A tank as the job holds it; every dimension can be changed. */
export interface Tank extends TankDimensions {
  readonly id: string;
  /** T1, T2 ... in the order in which they were set out. */
  readonly label: string;
  readonly type: string;
  /** Lowest level first. Corrects the curve of the shape. */
  readonly metered: readonly MeteredFill[];
  readonly base: Base;
  /** What its stand or trailer is rated to carry [kg]; null: not said. */
  readonly ratedKg: number | null;
  readonly planks: Planks | null;
  /** What was in a used container before; null: not said. */
  readonly contents: string | null;
  readonly foodGrade: boolean | null;
  readonly cleaning: Cleaning | null;
  /** Opaque, covered or painted, so that no light gets in. */
  readonly dark: boolean;
  /** Buried: water goes in as the ground goes in; braced inside where it may stand empty. */
  readonly filledAsBuried: boolean;
  readonly braced: boolean;
  /** What holds a buried tank down beside its own weight and the ground on it [kg]. */
  readonly anchorKg: number;
  readonly pump: Pump | null;
}

/** Where no hole may be drilled: a band across a face, by height or round it, or a ring on a top. */
export type NoDrillZone =
  | {
      readonly shape: 'band';
      readonly face: Face;
      readonly along: 'up' | 'round';
      readonly fromM: number;
      readonly toM: number;
      readonly reason: string;
    }
  | {
      readonly shape: 'ring';
      readonly face: Face;
      /** Centre, from the left and from the front. */
      readonly fromLeftM: number;
      readonly fromFrontM: number;
      /** From this radius to that. */
      readonly fromM: number;
      readonly toM: number;
      readonly reason: string;
    };

/** A point of an outline: distance from the axis and height above the base, in m. */
export interface OutlinePoint {
  readonly radiusM: number;
  readonly heightM: number;
}

/** A line of the drawing by which a type is recognised: from the axis (left negative) and up from the base, in m. */
export interface TankMark {
  readonly points: readonly (readonly [number, number])[];
  readonly weight: 'heavy' | 'object' | 'thin';
  readonly fill?: 'sheet' | 'block' | 'poly';
}

/** An opening that the tank comes with. */
export interface Port {
  readonly id: string;
  readonly name: string;
  /** What it offers, as text. With several the installer says which is there. */
  readonly ways: readonly PortWay[];
  readonly size: NominalSize;
  readonly role: Role;
  readonly face: Face;
  readonly heightM: number;
  readonly aroundM: number;
  readonly depthM: number;
  /** What closes it as it is delivered. */
  readonly closedBy: 'bung' | 'lid' | 'valve' | 'cap' | 'nothing';
}

export interface PortWay {
  readonly end: string;
  readonly name: string;
  /** How to tell it. */
  readonly tell: string;
  /** Behind the container's own valve, which wears, or in front of it. */
  readonly valve?: 'behind' | 'before';
}

export type FormId = 'round' | 'box' | 'lying' | 'lying-domed';

/**
 * A type of tank: its form, its usual dimensions, where it must not be drilled, what it comes with, and how it looks.
 * Adding a type is one such file and one line in `tank-types.ts`.
 */
export interface TankType {
  readonly id: string;
  readonly name: string;
  /** Short, for the rack: 'upright', 'drum'. */
  readonly shortName: string;
  readonly form: FormId;
  readonly material: Material;
  /** Can a hand reach the wall from inside through the whole top? */
  readonly openTop: boolean;
  /** Does its lid let air through? */
  readonly breathes: boolean;
  /** A liner that every wet hole must clamp. */
  readonly lined: boolean;
  /** Put together on site: what is inside is set before its top is on. */
  readonly assembled: boolean;
  /** Usually bought used. */
  readonly secondHand: boolean;
  /** Opaque as it is delivered. */
  readonly dark: boolean;
  /** Made to stand the ground against its wall. */
  readonly madeForGround: boolean;
  /** Of any size: drawn dotted until it is measured. */
  readonly ownSize: boolean;
  readonly base: Base;
  /** Empty weight of a square metre of its wall [kg/m2]; only what floats or sinks a buried tank. */
  readonly wallKgPerM2: number;
  readonly defaults: TankDimensions;
  readonly noDrill: (tank: TankDimensions) => readonly NoDrillZone[];
  readonly ports: (tank: TankDimensions) => readonly Port[];
  /** Right half from the foot to the axis at the top, for the drawing. */
  readonly outline: (tank: TankDimensions) => readonly OutlinePoint[];
  /** Heights of ribs or hoops, for the drawing. */
  readonly ribsM: (tank: TankDimensions) => readonly number[];
  readonly marks: (tank: TankDimensions) => readonly TankMark[];
}
