import type { Tank } from '../walls/tank';
import type { Measures } from '../quantity/length';
import type { NominalSize } from '../quantity/size';

export const SCHEMA_VERSION = 1;

/** What an opening is for. One opening may have several roles. */
export const ROLES = ['inlet', 'overflow', 'vent', 'draw-off', 'drain', 'link', 'sight-tube', 'spare'] as const;
export type Role = (typeof ROLES)[number];

export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  inlet: 'Inlet',
  overflow: 'Overflow',
  vent: 'Vent',
  'draw-off': 'Draw-off',
  drain: 'Drain',
  link: 'Link',
  'sight-tube': 'Sight tube',
  spare: 'Spare',
};

export const FACES = ['wall', 'top'] as const;
export type Face = (typeof FACES)[number];

/** An opening of a tank. On the wall: height of its centre above the base and distance round from the datum seam. */
export interface Penetration {
  readonly id: string;
  /** P1, P2 ... in the order in which they were set out; the two openings of one link or sight tube share a label. */
  readonly label: string;
  readonly tankId: string;
  readonly name: string;
  readonly roles: readonly Role[];
  readonly size: NominalSize;
  readonly face: Face;
  /** Centre above the base [m]; on the top face the height of the top there. */
  readonly heightM: number;
  /** Along the wall from the datum seam [m]; on the top face from the left edge. */
  readonly aroundM: number;
  /** Measured or drilled hole [m]; null: the usual hole of what seals it. */
  readonly holeM: number | null;
  /** The end that the tank already offers here (a moulded port), as text; null where a hole is drilled. */
  readonly port: string | null;
}

export interface PlacedPart {
  readonly id: string;
  readonly code: string;
  /** Length of what is sold by length [m]; null: not known yet. Always null for a piece. */
  readonly lengthM: number | null;
}

/** A roof that feeds the tanks. */
export interface Roof {
  readonly id: string;
  readonly name: string;
  /** As seen from above [m2]: what rain falls on. */
  readonly planAreaM2: number;
}

/** Where a run may end, and the end it must offer there. */
export interface Terminal {
  readonly id: string;
  readonly name: string;
  /** The end the terminal offers, as text; null where water just leaves or enters (daylight). */
  readonly offers: string | null;
  /** How far off, and how far below the base of the tanks [m]; null: not said. */
  readonly distanceM: number | null;
  readonly dropM: number | null;
}

/** One side of a joint. */
export type EndRef =
  | { readonly of: 'part'; readonly id: string; readonly end: number }
  | { readonly of: 'hole'; readonly id: string }
  | { readonly of: 'terminal'; readonly id: string };

export interface Joint {
  readonly id: string;
  /** J1, J2 ... within its run, in the order in which they were made; numbers never move. */
  readonly number: number;
  readonly a: EndRef;
  readonly b: EndRef;
  /** A joint that fits but is not rated, taken all the same: by whom and on which day (ISO date). */
  readonly accepted: { readonly by: string; readonly on: string } | null;
}

/** The job document: one aggregate, stored whole, changed only by edits. */
export interface Job {
  readonly schemaVersion: typeof SCHEMA_VERSION;
  readonly name: string;
  readonly measures: Measures;
  readonly roofs: readonly Roof[];
  readonly tanks: readonly Tank[];
  readonly penetrations: readonly Penetration[];
  readonly parts: readonly PlacedPart[];
  readonly joints: readonly Joint[];
  readonly terminals: readonly Terminal[];
}

/** A job with nothing in it yet. */
export const emptyJob = (name: string, measures: Measures): Job => ({
  schemaVersion: SCHEMA_VERSION,
  name,
  measures,
  roofs: [],
  tanks: [],
  penetrations: [],
  parts: [],
  joints: [],
  terminals: [],
});

export const refKey = (ref: EndRef): string =>
  ref.of === 'part' ? `part ${ref.id} ${ref.end}` : `${ref.of} ${ref.id}`;
