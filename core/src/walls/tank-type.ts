import type { Material } from '../connections/material';
import type { NominalSize } from '../quantity/size';
import type { Region } from '../region';
import type { Role } from './roles';
import type { Base, Face, Rib, Riser, TankDimensions } from './tank';

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
  /** Where it is usual, if not everywhere: elsewhere it comes after what is. */
  readonly usualIn?: readonly Region[];
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
  /** The riser that it comes with. */
  readonly riser?: Riser;
  /** Right half from the foot to the axis at the top, for the drawing; with its riser where one is said. */
  readonly outline: (tank: TankDimensions & { readonly riser?: Riser | null }) => readonly OutlinePoint[];
  /** The ribs or hoops that it usually has: those of a tank are as they are measured, where somebody did. */
  readonly ribs: (tank: TankDimensions) => readonly Rib[];
  /** What they are called. */
  readonly ribName: 'rib' | 'hoop';
  readonly marks: (tank: TankDimensions) => readonly TankMark[];
}
